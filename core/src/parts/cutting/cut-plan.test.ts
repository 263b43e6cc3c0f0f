import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { exhaustive } from '../../test/exhaustive-cut';
import { type CutOrder, bought, cutPlan, leastBars, tapeMarks } from './cut-plan';

const piece = (lengthM: number, label = 'P1') => ({ label, lengthM });
type Pieces = CutOrder['pieces'];
const plan = (pieces: Pieces, stockM: readonly number[], kerfM: number, offCutsM: readonly number[] = []) =>
  cutPlan({ pieces, stockM, kerfM, offCutsM });
const least = (pieces: Pieces, stockM: readonly number[], kerfM: number, offCutsM: readonly number[] = []) =>
  leastBars({ pieces, stockM, kerfM, offCutsM });

describe('cutPlan', () => {
  // By hand: 58 + 31 + 12 in with 1/8 in cuts on a 120 in length leave 120 - 101 - 3/8 = 18-5/8 in.
  test('three pieces of 3 in pipe on one ten foot length', () => {
    const inch = 0.0254;
    const { bars } = plan(
      [58, 31, 12].map((inches) => piece(inches * inch)),
      [5 * 12 * inch, 10 * 12 * inch],
      inch / 8,
    );
    expect(bars).toHaveLength(1);
    expect((bars[0]?.offCutM ?? 0) / inch).toBeCloseTo(18.625, 6);
  });

  test('takes the shortest stock that does', () =>
    expect(plan([piece(1.2)], [1.5, 3, 6], 0).bars).toMatchObject([{ stockM: 1.5 }]));
  test('in whatever order the stock lengths are named', () => {
    expect(plan([piece(1.2)], [6, 1.5, 3], 0).bars).toMatchObject([{ stockM: 1.5 }]);
    expect(plan([piece(5)], [6, 1.5, 3], 0).bars).toMatchObject([{ stockM: 6 }]);
  });
  test('a piece as long as the stock needs no cut', () =>
    expect(plan([piece(3)], [3], 0.003).bars).toMatchObject([{ offCutM: 0 }]));
  test('a piece longer than any stock is named', () =>
    expect(plan([piece(7)], [3, 6], 0.003)).toMatchObject({ bars: [], tooLong: [{ lengthM: 7 }] }));
  test('nothing to cut needs no bar', () => expect(plan([], [3], 0)).toEqual({ bars: [], tooLong: [] }));
  test('a piece without a length is a bug of the caller', () =>
    expect(() => plan([piece(0)], [3], 0)).toThrow(RangeError));

  test('every piece once, no bar overfull, at most twice the bars that the metres alone ask for', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 20, max: 3000 }), { minLength: 1, maxLength: 30 }), (mm) => {
        const pieces = mm.map((length) => piece(length / 1000));
        const { bars } = plan(pieces, [3], 0.003);
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

describe('how few bars there can be', () => {
  test('pieces over half a bar share none', () =>
    expect(
      least(
        [1.6, 1.6, 1.6].map((length) => piece(length)),
        [3],
        0,
      ),
    ).toBe(3));
  // 3 x 1.2 and 3 x 0.6 m are 5.4 m: two bars of 3 m by the metres, and 1.2 + 1.2 + 0.6, 1.2 + 0.6 + 0.6 do it.
  test('by the metres where they fit', () =>
    expect(
      least(
        [1.2, 1.2, 1.2, 0.6, 0.6, 0.6].map((length) => piece(length)),
        [3],
        0,
      ),
    ).toBe(2));
  test('a full bar needs no cut at its end', () => expect(least([piece(3), piece(3)], [3], 0.003)).toBe(2));
  test('nothing needs none', () => expect(least([], [3], 0.003)).toBe(0));

  test('never more than the best there is, by exhaustive search; the quick plan never fewer', () =>
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 200, max: 3000 }), { minLength: 1, maxLength: 7 }), (mm) => {
        const lengths = mm.map((length) => length / 1000);
        const best = exhaustive(lengths, 3, 0.003);
        const pieces = lengths.map((length) => piece(length));
        expect(least(pieces, [3], 0.003)).toBeLessThanOrEqual(best);
        expect(plan(pieces, [3], 0.003).bars.length).toBeGreaterThanOrEqual(best);
      }),
      { numRuns: 150 },
    ));
});

describe('what is on hand', () => {
  // 1.1 and 0.9 m come out of left-overs of 1.2 and 1 m; 2.5 m is bought.
  test('is cut first, the shortest that does', () => {
    const { bars } = plan([piece(2.5), piece(1.1), piece(0.9)], [3], 0.003, [1.2, 1]);
    expect(bars.map(({ stockM, onHand }) => `${stockM} ${onHand ? 'on hand' : 'bought'}`)).toEqual([
      '3 bought',
      '1.2 on hand',
      '1 on hand',
    ]);
    expect(bought(bars)).toBe(1);
  });
  test('a piece longer than any stock but not than a left-over is cut from it', () =>
    expect(plan([piece(4)], [3], 0, [4.5])).toMatchObject({ bars: [{ stockM: 4.5, onHand: true }], tooLong: [] }));

  test('spares bars, and the bound knows it: against exhaustive search with each left-over as a bar of its own', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 200, max: 3000 }), { minLength: 1, maxLength: 6 }),
        fc.array(fc.integer({ min: 200, max: 2900 }), { maxLength: 2 }),
        (mm, left) => {
          const lengths = mm.map((length) => length / 1000);
          const pieces = lengths.map((length) => piece(length));
          const offCutsM = left.map((length) => length / 1000);
          const best = exhaustive(lengths, 3, 0.003, offCutsM);
          expect(least(pieces, [3], 0.003, offCutsM)).toBeLessThanOrEqual(best);
          expect(bought(plan(pieces, [3], 0.003, offCutsM).bars)).toBeGreaterThanOrEqual(best);
        },
      ),
      { numRuns: 150 },
    ));
});

// By hand: 58 in, then 31 in after a cut of 1/8: 58, 89-1/8; then 12 in after another: 101-1/4.
test('marks by a tape that stays hooked on the end', () => {
  const inch = 0.0254;
  const pieces = [58, 31, 12].map((inches) => piece(inches * inch));
  expect(tapeMarks({ pieces, stockM: 120 * inch }, inch / 8).map((at) => at / inch)).toEqual([
    expect.closeTo(58, 9),
    expect.closeTo(89.125, 9),
    expect.closeTo(101.25, 9),
  ]);
  // The last piece of a full bar ends with it.
  expect(tapeMarks({ pieces: [piece(1), piece(2)], stockM: 3 }, 0)).toEqual([1]);
});
