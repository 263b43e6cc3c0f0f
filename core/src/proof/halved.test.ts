import { expect, test } from 'vitest';
import type { PartsLine } from '../parts/list/parts-list';
import { wholeList } from '../test/whole-list';
import { jobOfPattern } from '../patterns/pattern';
import { PATTERNS } from '../patterns/patterns';
import { REGIONS } from '../region';
import { DEEP } from '../test/runs';
import { missingFrom } from './prove';

/** Every kind of system in every region; the short run looks at a third of the kinds, each in one. */
const JOBS = PATTERNS.flatMap((pattern, at) =>
  REGIONS.filter((_, which) => DEEP || (at % 3 === 0 && which === (at / 3) % REGIONS.length)).map((region) => ({
    pattern,
    region,
  })),
);

/** The list as it would stand if the table of an item gave half of it: half is needed, and as much less bought. */
const halved = (line: PartsLine): PartsLine[] => {
  const need = line.unit === 'piece' || line.unit === 'length' ? Math.floor(line.need / 2) : line.need / 2;
  const buy = line.buy === 0 ? 0 : Math.max(1, Math.ceil(line.buy / 2));
  return need === 0 ? [] : [{ ...line, need, buy: Math.min(buy, line.buy) }];
};

// Dropping an item from its table, or halving what it gives, is the slip that whoever keeps the tables makes.
test('an item that is dropped from its table, or given by half, is named in every list that has it', () => {
  let changes = 0;
  const unnoticed: string[] = [];
  for (const { pattern, region } of JOBS) {
    const { context, groups, cuts } = wholeList(jobOfPattern(pattern, region));
    const lines = groups.filter(({ id }) => id !== 'spares').flatMap((group) => group.lines);
    expect(missingFrom({ lines, cuts }, context)).toEqual([]);
    for (const code of new Set(lines.map((line) => line.code)))
      for (const [change, to] of [
        ['dropped', () => []],
        ['halved', halved],
      ] as const) {
        changes++;
        const short = lines.flatMap((line) => (line.code === code ? to(line) : [line]));
        if (missingFrom({ lines: short, cuts }, context).length === 0)
          unnoticed.push(`${code} ${change}, ${pattern.id} in ${region}`);
      }
  }
  expect(unnoticed).toEqual([]);
  expect(changes).toBeGreaterThan(JOBS.length * 40);
});
