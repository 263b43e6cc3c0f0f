import { expect, test } from 'vitest';
import type { End } from '../connections/end';
import { everyEnd } from '../connections/every-end';
import { formatEnd } from '../connections/format';
import { judge, mate } from '../connections/mate';
import type { Material } from '../connections/material';
import { pipeSeries } from '../connections/standards/pipes';
import { WALL_SEAL_STYLES } from '../connections/standards/wall-seals';
import type { JudgedJoint } from '../derived/context';
import { AS_ASKED } from '../job/joint';
import { wayOfJoint } from './found/joints';
import type { Method } from './method';
import { WAYS } from './ways';

const usual = (end: End): Material | undefined => (end.kind === 'pipe' ? pipeSeries(end.series).material : undefined);
const judgedOf = (a: End, b: End): JudgedJoint =>
  ({
    joint: { ...AS_ASKED, id: 'j' },
    a: { end: a, material: usual(a), stands: false },
    b: { end: b, material: usual(b), stands: false },
    mating: mate(a, b, { a: usual(a), b: usual(b) }),
    penetration: undefined,
  }) as unknown as JudgedJoint;

test('every pair of ends that goes together has a way of making that is described, with all that it is closed with', () => {
  const ends = everyEnd();
  const without: string[] = [];
  const leftOut: string[] = [];
  let looked = 0;
  for (const [i, a] of ends.entries())
    for (const b of ends.slice(i)) {
      if (!['holds', 'holds-with', 'fits-unrated'].includes(judge(a, b).verdict)) continue;
      const judged = judgedOf(a, b);
      looked++;
      const id = wayOfJoint(judged);
      const pair = `${formatEnd(a)} with ${formatEnd(b)}, ${judged.mating.reason}`;
      if (!id) without.push(pair);
      else
        for (const { kind } of judged.mating.needs)
          if (!(WAYS[id] as Method).takes?.includes(kind)) leftOut.push(`${pair}: ${id} takes no ${kind}`);
    }
  expect(looked).toBeGreaterThan(1000);
  expect(without).toEqual([]);
  expect(leftOut).toEqual([]);
});

test('every way to seal a wall has its way of making', () =>
  expect(WALL_SEAL_STYLES.map(({ id }) => id).filter((id) => !(id in WAYS))).toEqual([]));
