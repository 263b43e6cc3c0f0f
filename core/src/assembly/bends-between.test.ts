import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { runs } from '../test/runs';
import { type LineEnd, type MadeBend, bendsBetween } from './bends-between';
import { type Vector, distance, lengthOf, plus, times, unit } from './vector';

/** Schedule 40 1-1/2 in: from the middle to the foot of a socket (bodies from memory), and two depths of 27.79 mm (ASTM D2466). */
const BENDS: readonly MadeBend[] = [
  { degrees: 22.5, takeOffM: 0.0055562 },
  { degrees: 45, takeOffM: 0.0111125 },
  { degrees: 90, takeOffM: 0.0269875 },
];
const LEAST_M = 0.05558;
const START: LineEnd = { at: { out: 0, right: 0, up: 0 }, goes: { out: 1, right: 0, up: 0 } };
/** Along, across to the left, up; turned to across by so many degrees. The axes of a course have their right where across is their left. */
const end = (along: number, across: number, up: number, degrees: number): LineEnd => ({
  at: { out: along / 1000, right: -across / 1000, up: up / 1000 },
  goes: { out: Math.cos((degrees * Math.PI) / 180), right: -Math.sin((degrees * Math.PI) / 180), up: 0 },
});
const ways = (to: LineEnd) =>
  bendsBetween(START, to, BENDS, LEAST_M).map(({ bends, cutsM }) => ({
    bends: bends.map(({ degrees }) => degrees),
    cuts: cutsM.map((cut) => Math.round(cut * 10_000) / 10),
  }));
const mm = (...figures: readonly number[]) => figures.map((figure) => expect.closeTo(figure, 0) as number);

// Worked out by hand from the stated geometry: every pair of bends, and which of them close.
describe('ends that do not meet', () => {
  it('beside one another and parallel: three pairs close, the gentlest first', () => {
    const found = ways(end(600, 150, 0, 0));
    expect(found.map(({ bends }) => bends)).toEqual([
      [22.5, 22.5],
      [45, 45],
      [90, 90],
    ]);
    expect(found.map(({ cuts }) => cuts[1])).toEqual(mm(380.9, 189.9, 96));
  });

  it('square and at another height: two bends of 45 and 90 either way round, or two of 90', () =>
    expect(ways(end(500, 300, 200, 90))).toEqual([
      { bends: [45, 90], cuts: mm(288.9, 244.7, 273) },
      { bends: [90, 45], cuts: mm(473, 244.7, 88.9) },
      { bends: [90, 90], cuts: mm(473, 146, 273) },
    ]));

  it('a tank turned by 30 degrees, for which no bend is made', () =>
    expect(ways(end(700, 260, 90, 30))).toEqual([
      { bends: [22.5, 22.5], cuts: mm(91.4, 297.3, 361.8) },
      { bends: [45, 22.5], cuts: mm(338.7, 252.4, 179.1) },
      { bends: [45, 45], cuts: mm(188.5, 109.9, 458.8) },
    ]));

  it('one bend where one will do', () =>
    expect(ways(end(500, 300, 0, 90))).toEqual([{ bends: [90], cuts: mm(473, 273) }]));

  it('none where they are in line', () => expect(ways(end(700, 0, 0, 0))).toEqual([{ bends: [], cuts: mm(700) }]));

  it('15 mm aside no two bends close: three do, out and back', () => {
    const found = ways(end(600, 15, 0, 0));
    expect(found.length).toBeGreaterThan(0);
    expect(found.every(({ bends }) => bends.length === 3)).toBe(true);
  });

  it('two bungs that both look down: down, across and up, as little out as the sockets take', () => {
    const found = bendsBetween(
      { at: { out: 0, right: 0, up: 0.5 }, goes: { out: 0, right: 0, up: -1 } },
      { at: { out: 0.61, right: 0, up: 0.45 }, goes: { out: 0, right: 0, up: 1 } },
      BENDS,
      LEAST_M,
    );
    expect(found[0]?.bends.map(({ degrees }) => degrees)).toEqual([90, 90]);
    // 50 mm more on the side that hangs higher; 610 less two take-offs of 26.99 between.
    expect(found[0]?.cutsM.map((cut) => cut * 1000)).toEqual(mm(105.6, 556, 55.6));
  });

  it('no room at all: nothing is offered', () => expect(ways(end(20, 15, 0, 0))).toEqual([]));
});

// Travel of an offset by the pipefitter's constants, 1.41421 for 45, 2.61313 for 22-1/2 and 1 for 90; of a rolling one by the
// root of squares (common practice); less the take-off of both bends.
describe('the travel of an offset', () => {
  it.each([
    ['8 in in 45s, Schedule 40 3/4', 45, 7.9375, 203.2, 0, 287.37, 271.5, 0],
    ['6 in in 22-1/2s, Schedule 40 1-1/2', 22.5, 5.5562, 152.4, 0, 398.24, 387.1, 0],
    ['300 in 45s, 110 pressure pipe', 45, 23.7817, 300, 0, 424.26, 376.7, 0],
    ['300 in 90s, 110 pressure pipe', 90, 56, 300, 0, 300, 188, 0],
    ['6 in rolled by 8 in 45s, Schedule 40 3/4', 45, 7.9375, 152.4, 203.2, 359.21, 343.3, 53.13],
    ['200 rolled by 150 in 22-1/2s, 110 soil pipe', 22.5, 11.9601, 200, 150, 653.28, 629.4, 36.87],
  ])('%s', (_, degrees, takeOffMm, setMm, rollMm, travelMm, cutMm, rolledDegrees) => {
    const [way] = bendsBetween(START, end(3000, rollMm, setMm, 0), [{ degrees, takeOffM: takeOffMm / 1000 }], 0.03);
    expect((way?.legsM[1] ?? 0) * 1000).toBeCloseTo(travelMm, 1);
    expect((way?.cutsM[1] ?? 0) * 1000).toBeCloseTo(cutMm, 0);
    const middle = way?.goes[1];
    const roll = Math.atan2(-(middle?.right ?? 0), middle?.up ?? 1) * (180 / Math.PI);
    expect(roll).toBeCloseTo(rolledDegrees, 1);
  });
});

/** Walks a way by other means than it was found: leg after leg. */
const walked = ({ at }: LineEnd, goes: readonly Vector[], legs: readonly number[]): Vector =>
  goes.reduce((sum, way, place) => plus(sum, times(way, legs[place] ?? 0)), at);
const angle = (a: Vector, b: Vector): number =>
  (Math.acos(Math.max(-1, Math.min(1, a.out * b.out + a.right * b.right + a.up * b.up))) * 180) / Math.PI;

describe('what is offered', () => {
  const figure = fc.noBias(fc.integer({ min: -2500, max: 2500 }).map((mm) => mm / 1000));
  const vector = fc.record({ out: figure, right: figure, up: figure });

  it('closes: it ends where it should, turns by bends that are made, and no piece is too short', () => {
    let closed = 0;
    let asked = 0;
    fc.assert(
      fc.property(vector, vector, (at, goes) => {
        const way = unit(goes);
        if (!way || lengthOf(at) < 0.5) return;
        asked += 1;
        const to = { at, goes: way };
        const found = bendsBetween(START, to, BENDS, LEAST_M);
        if (found.length > 0) closed += 1;
        for (const { bends, goes: ways, legsM, cutsM } of found.slice(0, 3)) {
          expect(distance(walked(START, ways, legsM), at)).toBeLessThan(0.001);
          expect(Math.min(...cutsM)).toBeGreaterThan(LEAST_M - 0.0001);
          for (const [place, { degrees }] of bends.entries())
            expect(angle(ways[place] ?? way, ways[place + 1] ?? way)).toBeCloseTo(degrees, 3);
        }
      }),
      { numRuns: runs(60, 1000) },
    );
    // Any two ends within 5 m that are half a metre apart can be joined by four bends, as good as always.
    expect(closed / asked).toBeGreaterThan(0.95);
  });

  it('turned and moved together, it is the same way', () => {
    const to = end(700, 260, 90, 30);
    const by = (v: Vector): Vector => ({ out: v.right, right: -v.out, up: v.up });
    const there = { out: 3, right: -1, up: 0.4 };
    const moved = bendsBetween(
      { at: plus(by(START.at), there), goes: by(START.goes) },
      { at: plus(by(to.at), there), goes: by(to.goes) },
      BENDS,
      LEAST_M,
    );
    expect(moved.map(({ cutsM }) => cutsM.map((cut) => Math.round(cut * 1e6)))).toEqual(
      bendsBetween(START, to, BENDS, LEAST_M).map(({ cutsM }) => cutsM.map((cut) => Math.round(cut * 1e6))),
    );
  });
});
