import { describe, expect, test } from 'vitest';
import { parseEnd } from '../connections/parse';
import { goesRound } from '../fittings/capability';
import { catalogueOf, shippedCatalogue } from '../fittings/catalogue';
import type { Part } from '../fittings/part';
import { matingOf, nextParts } from './next-parts';

const open = (text: string, material?: Part['material']) => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(text);
  return { end: parsed.value, material };
};
const part = (code: string): Part => {
  const found = shippedCatalogue.byCode.get(code);
  if (!found) throw new Error(code);
  return found;
};
const first = (at: ReturnType<typeof open>, ...line: readonly string[]) =>
  nextParts(at, shippedCatalogue, { parts: line.map(part) })
    .goesOn.slice(0, 3)
    .map((offer) => offer.part.family);

describe('what goes on', () => {
  const at = open('3/4 NPT F', 'polypropylene');

  test('is decided by the ends: renaming every part changes nothing but the order', () => {
    const renamed = catalogueOf(
      shippedCatalogue.list.map((one, index) => ({ ...one, name: `Thing ${index}`, detail: '', family: 'x' })),
    );
    const codes = (catalogue: typeof shippedCatalogue) =>
      nextParts(at, catalogue)
        .goesOn.map((offer) => offer.part.code)
        .sort();
    expect(codes(renamed)).toEqual(codes(shippedCatalogue));
  });

  test('is every part with a 3/4 NPT male, and the rest says why not', () => {
    const { goesOn, doesNot } = nextParts(at, shippedCatalogue);
    const males = shippedCatalogue.list.filter(({ ends }) =>
      ends.some(
        ({ end }) => end.kind === 'thread' && end.standard === 'npt' && end.sex === 'male' && end.size === '3/4',
      ),
    );
    expect(goesOn.map((offer) => offer.part.code).sort()).toEqual(males.map(({ code }) => code).sort());
    const withEnds = shippedCatalogue.list.filter(
      (one) => one.ends.some(({ position }) => position !== 'inside') && !goesRound(one),
    );
    expect(goesOn.length + doesNot.length).toBe(withEnds.length);
    for (const offer of doesNot.filter((_, index) => index % 50 === 0)) expect(matingOf(at, offer).why).not.toBe('');
  });
});

describe('a part that water passes one way only', () => {
  const at = open('3/4 G F', 'polypropylene');
  const entered = (flow: 'onward' | 'back' | undefined) => {
    const { goesOn, doesNot } = nextParts(at, shippedCatalogue, { parts: [], flow });
    const offered = new Map(goesOn.map((offer) => [offer.part.code, offer.endIn]));
    return { tap: offered.get('HT-075R'), refused: doesNot.some((offer) => offer.part.code === 'HT-075R') };
  };

  // The first next part on such a tank fitting was a tap with its spout in the tank, all green.
  test('is judged by the end that the water comes to; a tap goes on by its spout only where the tank is filled through it', () => {
    expect(entered('onward')).toEqual({ tap: 0, refused: false });
    expect(entered(undefined)).toEqual({ tap: 0, refused: false });
    expect(entered('back')).toEqual({ tap: 1, refused: false });
  });

  test('whose spout alone would go on is not offered', () => {
    const spoutOnly = nextParts(open('3/4 NH F swivel', 'brass'), shippedCatalogue, { parts: [], flow: 'onward' });
    expect(spoutOnly.goesOn.length).toBeGreaterThan(0);
    expect(spoutOnly.goesOn.filter((offer) => offer.part.features.includes('spout'))).toEqual([]);
  });
});

/** What follows what on a line is common practice, no source. */
describe('the order', () => {
  test('a nipple after a bulkhead, then the valve, then a tail, then the hose', () => {
    expect(first(open('3/4 NPT F', 'polypropylene'), 'BH-075')[0]).toBe('nipple');
    expect(first(open('3/4 NPT M', 'brass'), 'BH-075', 'NC-075')[0]).toBe('valve');
    expect(first(open('1 barb', 'brass'), 'BH-075', 'NC-075', 'LV-075', 'HB-075100')).toEqual(['hose', 'hose', 'hose']);
  });

  test('what is on hand comes before everything else', () => {
    const stocked = catalogueOf(shippedCatalogue.list, new Map([['PLV-075', 4]]));
    const { goesOn } = nextParts(open('3/4 NPT F'), stocked, { parts: [part('BH-075')] });
    expect(goesOn[0]?.part.code).toBe('PLV-075');
  });

  test('what is sold where the line is comes before its likes from elsewhere', () => {
    const { goesOn } = nextParts(open('1 hose bore', 'vinyl-hose'), shippedCatalogue, { parts: [part('HO-100')] });
    const names = goesOn.map((offer) => offer.part.code);
    expect(names.indexOf('HS-075100')).toBeLessThan(names.indexOf('HS-07525M'));
  });

  test('of two that are next the one of the same material and size is first', () => {
    const { goesOn } = nextParts(open('3/4 NPT F', 'brass'), shippedCatalogue, { parts: [part('LV-075')] });
    expect(goesOn[0]?.part).toMatchObject({ material: 'brass', size: '3/4' });
  });

  test('the nearest miss comes first among what does not go: a false friend before what never meets', () => {
    const { doesNot } = nextParts(open('3/4 NPT F'), shippedCatalogue);
    const verdicts = doesNot.map(({ judgement }) => judgement.verdict);
    expect(verdicts.indexOf('starts-then-leaks')).toBeLessThan(verdicts.indexOf('will-not-go'));
  });
});
