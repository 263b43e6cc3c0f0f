import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { cutPlan, leastBars } from './cut-plan';

const piece = (lengthM: number, label = 'P1') => ({ label, lengthM });

describe('cutPlan', () => {
  // By hand: 58 + 31 + 12 in with 1/8 in cuts on a 120 in length leave 120 - 101 - 3/8 = 18-5/8 in.
  test('three pieces of 3 in pipe on one ten foot length', () => {
    const inch = 0.0254;
    const { bars } = cutPlan(
      [58, 31, 12].map((inches) => piece(inches * inch)),
      [5 * 12 * inch, 10 * 12 * inch],
      inch / 8,
    );
    expect(bars).toHaveLength(1);
    expect((bars[0]?.offCutM ?? 0) / inch).toBeCloseTo(18.625, 6);
  });

  test('takes the shortest stock that does', () =>
    expect(cutPlan([piece(1.2)], [1.5, 3, 6], 0).bars).toMatchObject([{ stockM: 1.5 }]));
  test('a piece as long as the stock needs no cut', () =>
    expect(cutPlan([piece(3)], [3], 0.003).bars).toMatchObject([{ offCutM: 0 }]));
  test('a piece longer than any stock is named', () =>
    expect(cutPlan([piece(7)], [3, 6], 0.003)).toMatchObject({ bars: [], tooLong: [{ lengthM: 7 }] }));
  test('nothing to cut needs no bar', () => expect(cutPlan([], [3], 0)).toEqual({ bars: [], tooLong: [] }));
  test('a piece without a length is a bug of the caller', () =>
    expect(() => cutPlan([piece(0)], [3], 0)).toThrow(RangeError));

  test('every piece once, no bar overfull, at most twice the bars that the metres alone ask for', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 20, max: 3000 }), { minLength: 1, maxLength: 30 }), (mm) => {
        const pieces = mm.map((length) => piece(length / 1000));
        const { bars } = cutPlan(pieces, [3], 0.003);
        expect(bars.flatMap((bar) => bar.pieces.map(({ lengthM }) => lengthM)).sort()).toEqual(
          pieces.map(({ lengthM }) => lengthM).sort(),
        );
        for (const bar of bars) {
          const used = bar.pieces.reduce((sum, { lengthM }) => sum + lengthM, 0) + 0.003 * (bar.pieces.length - 1);
          expect(used).toBeLessThanOrEqual(bar.stockM + 1e-6);
        }
        const bound = Math.ceil(pieces.reduce((sum, { lengthM }) => sum + lengthM, 0) / 3);
        expect(bars.length).toBeLessThanOrEqual(2 * bound);
      }),
    );
  });
});

/** The fewest bars of one stock by trying every way of putting the pieces into bars. */
function exhaustive(lengths: readonly number[], stockM: number, kerfM: number): number {
  let best = lengths.length;
  const put = (at: number, bars: readonly number[]): void => {
    if (bars.length >= best) return;
    const length = lengths[at];
    if (length === undefined) {
      best = bars.length;
      return;
    }
    for (const [index, used] of bars.entries())
      if (used + kerfM + length <= stockM + 1e-9) put(at + 1, bars.with(index, used + kerfM + length));
    put(at + 1, [...bars, length]);
  };
  put(0, []);
  return best;
}

describe('how few bars there can be', () => {
  test('pieces over half a bar share none', () =>
    expect(
      leastBars(
        [1.6, 1.6, 1.6].map((length) => piece(length)),
        [3],
        0,
      ),
    ).toBe(3));
  // 3 x 1.2 and 3 x 0.6 m are 5.4 m: two bars of 3 m by the metres, and 1.2 + 1.2 + 0.6, 1.2 + 0.6 + 0.6 do it.
  test('by the metres where they fit', () =>
    expect(
      leastBars(
        [1.2, 1.2, 1.2, 0.6, 0.6, 0.6].map((length) => piece(length)),
        [3],
        0,
      ),
    ).toBe(2));
  test('a full bar needs no cut at its end', () => expect(leastBars([piece(3), piece(3)], [3], 0.003)).toBe(2));
  test('nothing needs none', () => expect(leastBars([], [3], 0.003)).toBe(0));

  test('never more than the best there is, by exhaustive search; the quick plan never fewer', () =>
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 200, max: 3000 }), { minLength: 1, maxLength: 7 }), (mm) => {
        const lengths = mm.map((length) => length / 1000);
        const best = exhaustive(lengths, 3, 0.003);
        const pieces = lengths.map((length) => piece(length));
        expect(leastBars(pieces, [3], 0.003)).toBeLessThanOrEqual(best);
        expect(cutPlan(pieces, [3], 0.003).bars.length).toBeGreaterThanOrEqual(best);
      }),
      { numRuns: 150 },
    ));
});
