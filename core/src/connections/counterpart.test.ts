import { describe, expect, test } from 'vitest';
import { counterpart } from './counterpart';
import type { PipePart } from './end';
import { everyEnd } from './every-end';
import { formatEnd } from './format';
import type { Material } from './material';
import { judge } from './mate';
import { holdsAtAll } from './mating';
import { parseEnd } from './parse';

const end = (text: string) => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(text);
  return parsed.value;
};
const other = (text: string): string | undefined => {
  const found = counterpart(end(text));
  return found && formatEnd(found);
};

/** A material of tube that each fitting takes. */
const TUBE_IN: Readonly<Record<PipePart, Material>> = {
  spigot: 'copper',
  socket: 'cpvc',
  'push-fit': 'copper',
  compression: 'copper',
  'dry-hub': 'copper',
  sleeve: 'copper',
  press: 'copper',
  crimp: 'pex',
  expansion: 'pex',
  saddle: 'copper',
  'loose-cap': 'copper',
};

/** What is handed over the counter for each of these is common practice, no source. */
describe('what goes with an end by design', () => {
  test.each([
    ['3/4 NPT M', '3/4 NPT F'],
    ['3/4 NH M', '3/4 NH F swivel'],
    ['3/4 NH F swivel', '3/4 NH M'],
    ['1 R M', '1 Rp F'],
    ['1 Rc F', '1 R M'],
    ['3/4 G F swivel', '3/4 G M'],
    ['S60x6 M', 'S60x6 F'],
    ['1-1/2 IPS spigot', '1-1/2 IPS socket'],
    ['1-1/2 IPS socket', '1-1/2 IPS spigot'],
    ['32 PE spigot', '32 PE compression'],
    ['15 CU spigot', '15 CU compression'],
    ['68 downpipe spigot', '68 downpipe dry-hub'],
    ['5/8 barb', '5/8 hose bore'],
    ['2 cam coupler', '2 cam adapter'],
    ['12.5 click plug', '12.5 click socket'],
    ['3 IPS gasket', '3 IPS spigot'],
  ])('%s: %s', (text, expected) => expect(other(text)).toBe(expected));

  test.each(['container neck', 'union tail', '3/4 bulkhead shank', '41.3 hole 6.4 wall'])('%s: nothing', (text) =>
    expect(other(text)).toBeUndefined(),
  );

  test('holds with it, for every pipe, hose and coupling in the tables that is made to seal', () => {
    for (const one of everyEnd()) {
      // What is only lapped or snapped together, and what is not round and smooth, seals nothing by design.
      const lapped =
        ('series' in one && one.series === 'corrugated') ||
        (one.kind === 'pipe' && one.part === 'dry-hub' && one.series !== 'downpipe') ||
        (one.kind === 'gasket' && one.series === 'downpipe');
      const partner = one.kind === 'thread' || lapped ? undefined : counterpart(one);
      // Tube of a size that several materials share is first named.
      const named = one.kind === 'pipe' && one.series === 'cts' ? { a: TUBE_IN[one.part], b: TUBE_IN[one.part] } : {};
      if (partner)
        expect([formatEnd(one), formatEnd(partner), holdsAtAll(judge(one, partner, named).verdict)]).toEqual([
          formatEnd(one),
          formatEnd(partner),
          true,
        ]);
    }
  });

  test('is the same end again when asked twice, for couplings and hoses', () => {
    for (const one of everyEnd()) {
      if (one.kind !== 'cam' && one.kind !== 'click' && one.kind !== 'hose') continue;
      const partner = counterpart(one);
      expect(partner && counterpart(partner)).toEqual(one);
    }
  });
});
