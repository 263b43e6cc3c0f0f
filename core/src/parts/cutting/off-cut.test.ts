import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { exhaustiveLeft } from '../../test/exhaustive-cut';
import { type Bar, cutPlan } from './cut-plan';
import { filledFirst, longestLeftM, longestOffCut, mostLeftM } from './off-cut';

const KERF = { kerfM: 0.003 };
const barsOf = (lengths: readonly number[]): readonly Bar[] =>
  cutPlan({ pieces: lengths.map((lengthM) => ({ label: 'P1', lengthM })), stockM: [3], offCutsM: [], ...KERF }).bars;

describe('what the bars of a plan can leave', () => {
  // By hand: 2, 1.6, 1.3 and 0.7 m with a cut each are 5.612 m; the other bar full to the last leaves 6 - 5.609.
  test('by the metres', () => expect(mostLeftM(barsOf([2, 1.6, 1.3, 0.7]), KERF)).toBeCloseTo(0.391, 9));
  // No two of these go on one bar. Something is cut from the one that is kept: 3 m less the shortest piece and its cut.
  test('less the shortest piece', () => expect(mostLeftM(barsOf([2.95, 2.9, 0.1]), KERF)).toBeCloseTo(2.897, 9));
  test('of no bars nothing', () => expect(mostLeftM([], KERF)).toBe(0));
});

describe('what is left, in one piece', () => {
  test('pieces of the emptiest bar go where there is room for them', () => {
    const [one, other] = [
      [1.5, 0.9],
      [1.4, 0.5],
    ].map((lengths): Bar => ({
      stockM: 3,
      onHand: false,
      pieces: lengths.map((lengthM) => ({ label: 'P1', lengthM })),
      offCutM: 3 - lengths.reduce((sum, lengthM) => sum + lengthM + 0.003, 0),
    }));
    if (!one || !other) throw new Error('two bars');
    // By hand: 1.5 + 0.9 + 0.5 with two cuts are 2.906 m; 1.4 and its cut leave 1.597 m.
    const bars = longestOffCut([one, other], 0.003);
    expect(longestLeftM(bars)).toBeCloseTo(1.597, 9);
    expect(bars.flatMap(({ pieces }) => pieces)).toHaveLength(4);
  });

  test('every piece once, no bar overfull, never longer than the longest there is nor than the bound', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 250, max: 2600 }), { minLength: 2, maxLength: 7 }), (mm) => {
        const lengths = mm.map((length) => length / 1000);
        const quick = barsOf(lengths);
        const longest = exhaustiveLeft(
          lengths,
          quick.map(({ stockM }) => stockM),
          0.003,
        );
        expect(mostLeftM(quick, KERF)).toBeGreaterThan(longest - 1e-6);
        for (const bars of [longestOffCut(quick, 0.003), ...filledFirst(quick, KERF)]) {
          expect(bars.flatMap(({ pieces }) => pieces.map(({ lengthM }) => lengthM)).sort()).toEqual(lengths.toSorted());
          for (const { pieces } of bars)
            expect(pieces.reduce((sum, { lengthM }) => sum + lengthM + 0.003, 0)).toBeLessThan(3.003 + 1e-6);
          expect(longestLeftM(bars)).toBeLessThan(longest + 1e-6);
        }
        expect(longestLeftM(longestOffCut(quick, 0.003))).toBeGreaterThan(longestLeftM(quick) - 1e-6);
      }),
      { numRuns: 150 },
    );
  });
});
