import { expect, test } from 'vitest';
import { newExtra } from '../../job/places';
import type { Job } from '../../job/job';
import { jobOfPattern } from '../../patterns/pattern';
import { PATTERNS } from '../../patterns/patterns';
import { wholeList } from '../../test/whole-list';

const drumPump = jobOfPattern(
  PATTERNS.find(({ id }) => id === 'drum-pump')!,
  'EU',
);
const lineOf = (job: Job) => {
  const { groups, listed } = wholeList(job);
  return { line: groups.flatMap(({ lines }) => lines).find(({ code }) => code === 'LL-10'), missing: listed.missing };
};

// By hand: as long as the drum is high, and a metre to make fast.
test('a pump that is hung has its lifting line, and is not complete without', () => {
  const { line, missing } = lineOf(drumPump);
  expect(line).toMatchObject({ unit: 'm', buy: 1, places: ['P1'] });
  expect(line?.need).toBeCloseTo((drumPump.tanks[0]?.heightM ?? 0) + 1, 3);
  expect(missing).toEqual([]);
});

test('none where one is written down, and none for a pump that hangs there already', () => {
  const written = newExtra({ id: 'l', name: 'Chain', kind: 'lifting-line', lengthM: 3 });
  expect(lineOf({ ...drumPump, extras: [written] })).toEqual({ line: undefined, missing: [] });
  const there = { ...drumPump, parts: drumPump.parts.map((part) => ({ ...part, existing: true })) };
  expect(lineOf(there).line).toBeUndefined();
});
