// @vitest-environment node
import { type CutOrder, bought, leastBars, offCutM } from '@herrero/core';
import loadHighs from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import { exhaustive, exhaustiveLeft } from '../../../core/src/test/exhaustive-cut';
import { type CutProgress, type Solver, solveCut } from './solve-cut';

let solver: Solver;
beforeAll(async () => {
  const highs = await loadHighs();
  // Bounded by steps instead of time, so that a slow machine finds the same.
  solver = (program) => highs.solve(program, { mip_max_nodes: 200 });
});

const order = (
  lengthsM: readonly number[],
  stockM: readonly number[] = [3],
  offCutsM: readonly number[] = [],
): CutOrder => ({
  pieces: lengthsM.map((lengthM) => ({ label: 'P1', lengthM })),
  stockM,
  offCutsM,
  kerfM: 0.003,
});
/** A clock that goes on by a hundredth of a second whenever it is read. */
const clock = (): (() => number) => {
  let readings = 0;
  return () => readings++ / 100;
};
const solve = (of: CutOrder, onProgress?: (progress: CutProgress) => void) =>
  solveCut(of, solver, 2, clock(), onProgress);

/** Numbers that look random and are the same in every run (Park and Miller, 1988). */
function* spread(seed: number): Generator<number, never> {
  for (let state = seed; ;) {
    state = (state * 48_271) % 2_147_483_647;
    yield state / 2_147_483_647;
  }
}

function isCut({ pieces, kerfM }: CutOrder, plan: ReturnType<typeof solve>['plan']): void {
  expect(plan.flatMap((bar) => bar.pieces).length).toBe(pieces.length);
  expect(new Set(plan.flatMap((bar) => bar.pieces))).toEqual(new Set(pieces));
  for (const bar of plan) {
    const used = bar.pieces.reduce((sum, { lengthM }) => sum + lengthM, 0) + kerfM * (bar.pieces.length - 1);
    expect(used).toBeLessThanOrEqual(bar.stockM + 1e-6);
    expect(bar.offCutM).toBeCloseTo(offCutM(bar.stockM, bar.pieces, kerfM), 9);
  }
}

describe('the fewest bars', () => {
  // First fit decreasing takes three: 1.6 + 1.2, 1.1 + 1.1, 0.8: by hand 1.6 + 0.6 + 0.8 and so on fit on two.
  test('where the quick plan takes one more', () => {
    const of = order([1.5, 1.26, 0.88, 0.72, 0.66, 0.51, 0.45]);
    const { plan, bars, proven } = solve(of);
    isCut(of, plan);
    expect(bars).toBe(exhaustive([1.5, 1.26, 0.88, 0.72, 0.66, 0.51, 0.45], 3, 0.003));
    expect(proven).toBe(true);
  });

  test('against exhaustive search on small cases, with and without what is on hand', () => {
    const numbers = spread(7);
    for (let round = 0; round < 60; round++) {
      const some = (count: number, least: number, most: number): number[] =>
        Array.from({ length: count }, () => Math.round((least + numbers.next().value * (most - least)) * 1000) / 1000);
      const lengths = some(3 + (round % 6), 0.3, 2.4);
      const onHand = round % 3 === 0 ? some(2, 0.5, 2.8) : [];
      const of = order(lengths, [3], onHand);
      const answer = solve(of);
      isCut(of, answer.plan);
      const best = exhaustive(lengths, 3, 0.003, onHand);
      expect(answer.leastBars, `${lengths.join(' ')} | ${onHand.join(' ')}`).toBeLessThanOrEqual(best);
      expect(answer.bars, `${lengths.join(' ')} | ${onHand.join(' ')}`).toBe(best);
    }
  });

  // Pieces of 1.4 m in 3 and 6 m: four in one of 6 m, and 3 m for the rest, is less pipe than two of 6 m.
  test('of as many bars those of fewest metres', () => {
    const { plan } = solve(order([1.4, 1.4, 1.4, 1.4, 1.4, 1.4], [3, 6]));
    expect(plan.map(({ stockM }) => stockM).sort()).toEqual([3, 6]);
  });

  // 2 + 0.9 and 1.6 + 1.3 fill two bars; 0.7 stays alone and leaves 2.297 m in one piece.
  test('what is left is in one piece, and that is proven', () => {
    const { plan, longestProven } = solve(order([2, 1.6, 1.3, 0.9, 0.7]));
    expect(Math.max(...plan.map((bar) => bar.offCutM))).toBeCloseTo(2.297, 6);
    expect(longestProven).toBe(true);
  });

  test('the longest off-cut of those bars, against exhaustive search', () => {
    const numbers = spread(11);
    for (let round = 0; round < 60; round++) {
      const lengths = Array.from(
        { length: 4 + (round % 5) },
        () => Math.round(300 + numbers.next().value * 1900) / 1000,
      );
      const of = order(lengths, [3], round % 4 === 0 ? [1.7] : []);
      const { plan, mostLeftM, longestProven } = solve(of);
      isCut(of, plan);
      const bars = plan.map(({ stockM }) => stockM);
      const best = exhaustiveLeft(lengths, bars, 0.003);
      const longestM = Math.max(...plan.map((bar) => bar.offCutM));
      expect(Math.abs(longestM - best), lengths.join(' ')).toBeLessThan(0.001);
      expect(mostLeftM, lengths.join(' ')).toBeGreaterThan(best - 1e-6);
      expect(longestProven).toBe(true);
    }
  });
});

// The bound of 120 pieces holds against what metres and halves ask for, and the plan is within a bar of it.
test('120 pieces of every length: proven, or bounded by one bar', () => {
  const numbers = spread(3);
  const of = order(
    Array.from({ length: 120 }, () => Math.round((0.2 + numbers.next().value * 2.2) * 1000) / 1000),
    [3.048, 6.096],
  );
  const seen: CutProgress[] = [];
  const answer = solve(of, (progress) => seen.push(progress));
  isCut(of, answer.plan);
  expect(answer.leastBars).toBeGreaterThanOrEqual(leastBars(of));
  expect(answer.bars - answer.leastBars).toBeLessThanOrEqual(1);
  expect(answer.bars).toBe(bought(answer.plan));
  const longestM = Math.max(...answer.plan.map((bar) => bar.offCutM));
  // Of these bars, all but the one that is kept full to the last: the metres alone.
  const room = answer.plan.reduce((sum, { stockM }) => sum + stockM + of.kerfM, -of.kerfM);
  const taken = of.pieces.reduce((sum, { lengthM }) => sum + lengthM + of.kerfM, 0);
  expect(answer.mostLeftM).toBeLessThanOrEqual(room - taken + 1e-6);
  expect(answer.mostLeftM - longestM).toBeLessThan(0.35);
  expect(seen.length).toBeGreaterThan(2);
}, 120_000);
