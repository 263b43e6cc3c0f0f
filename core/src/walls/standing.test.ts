import { describe, expect, it } from 'vitest';
import { newTank } from '../job/new-tank';
import { openingIn, turnedOver } from './standing';
import type { Face, Tank, WallPlace } from './tank';

/** A tank of a type with these dimensions, all of it outside. */
const tank = (type: string, dimensions: Partial<Tank>): Tank => ({ ...newTank('t', type), label: 'T1', ...dimensions });
const round = (diameterM: number, heightM = 0.89): Tank =>
  tank('own-cylinder', { diameterM, baseDiameterM: diameterM, brimM: heightM, heightM });
const box = (lengthM: number, widthM: number, heightM: number): Tank => tank('own-box', { lengthM, widthM, heightM });
const lying = tank('own-lying', { lengthM: 0.89, widthM: 0.585, heightM: 0.585 });
const taper = tank('own-tapered', { diameterM: 1, baseDiameterM: 0.84, brimM: 1, heightM: 1.05 });

const on = (face: Face, aroundM: number, heightM: number, depthM = 0): WallPlace => ({
  face,
  heightM,
  aroundM,
  depthM,
});
const head = (aroundM: number, depthM: number): WallPlace => on('top', aroundM, 0.89, depthM);

/** Figures worked out by hand from the stated geometry; points to half a millimetre. */
const CASES: readonly (readonly [string, Tank, WallPlace, [number, number], number, number, number[], number[]])[] = [
  [
    'half way round a straight wall',
    round(0.585),
    on('wall', 0.9189, 0.1),
    [2, 1.5],
    0,
    0.4,
    [2, 1.2075, 0.5],
    [0, -1, 0],
  ],
  [
    'round a turned wall',
    round(0.6),
    on('wall', 1.2, 0.55),
    [-1.2, 3.4],
    35,
    0.2,
    [-0.9015, 3.3696, 0.75],
    [0.9949, -0.1013, 0],
  ],
  [
    'a wall that widens, taped at its height',
    taper,
    on('wall', 0.7, 0.25),
    [0, 0],
    -15,
    0,
    [-0.4272, 0.1053, 0.25],
    [-0.9678, 0.2386, -0.0798],
  ],
  ['front of a box', box(1.2, 1, 1.015), on('front', 0.6, 0.1), [0.6, 0.5], 0, 0.135, [0.6, 0, 0.235], [0, -1, 0]],
  [
    'left side of a turned box',
    box(1.2, 1, 1.015),
    on('left', 0.5, 0.115),
    [3, 2],
    90,
    0.135,
    [3, 1.4, 0.25],
    [0, -1, 0],
  ],
  ['top of a box', box(1.2, 1, 1.015), on('top', 0.6, 1.015, 0.5), [0.6, 0.5], 0, 0.135, [0.6, 0.5, 1.15], [0, 0, 1]],
  ['a round top', round(0.585), head(0.0819, 0.2925), [2, 1.5], -60, 0.4, [1.8947, 1.6824, 1.29], [0, 0, 1]],
  [
    'bottom of a box',
    box(1.88, 0.65, 1.96),
    on('bottom', 0.3, 0, 0.325),
    [1, 1],
    30,
    0.5,
    [0.4457, 0.68, 0.5],
    [0, 0, -1],
  ],
  ['a round bottom', round(0.585), on('bottom', 0.5031, 0, 0.2925), [2, 1.5], -90, 0.4, [2, 1.2894, 0.4], [0, 0, -1]],
  [
    'a bung measured upright, then turned over',
    round(0.585),
    turnedOver(round(0.585), head(0.5031, 0.2925)),
    [0, 0],
    -90,
    0.5,
    [0, -0.2106, 0.5],
    [0, 0, -1],
  ],
  [
    'a bung off the line it was turned about',
    round(0.585),
    turnedOver(round(0.585), head(0.45, 0.18)),
    [0.61, 0],
    0,
    0.5,
    [0.7675, 0.1125, 0.5],
    [0, 0, -1],
  ],
  [
    'a wall measured upright, then turned over',
    round(0.585),
    turnedOver(round(0.585), on('wall', 0.2, 0.8)),
    [0, 0],
    0,
    0.5,
    [-0.1848, -0.2267, 0.59],
    [-0.6317, -0.7752, 0],
  ],
  [
    'the same on a turned tank',
    round(0.585),
    turnedOver(round(0.585), on('wall', 0.65, 0.3)),
    [0.61, 0],
    -90,
    0.5,
    [0.7873, 0.2326, 1.09],
    [0.6063, 0.7952, 0],
  ],
  ['end of a lying tank', lying, on('right', 0.2925, 0.0819), [0, 4], 0, 0.15, [0.445, 4, 0.2319], [1, 0, 0]],
  // 0.15 m round from the crown is 0.14351 to the front of it; what the record says of the crown's height does not move it.
  [
    'shell of a lying tank, off its crown',
    lying,
    on('top', 0.3, 0.585, 0.2925 - 0.14351),
    [0, 4],
    45,
    0.15,
    [-0.0011, 3.796, 0.6974],
    [0.3469, -0.3469, 0.8714],
  ],
];

const near = (
  found: { readonly x: number; readonly y: number; readonly z: number },
  wanted: readonly number[],
): void => {
  const off = Math.hypot(found.x - (wanted[0] ?? 0), found.y - (wanted[1] ?? 0), found.z - (wanted[2] ?? 0));
  expect(off).toBeLessThan(0.0005);
};

describe('openingIn', () => {
  it.each(CASES)('%s', (_, one, place, [x, y], turnDegrees, baseM, at, looks) => {
    const found = openingIn(one, place, { at: { x, y }, turnDegrees, baseM });
    near(found.at, at);
    near(found.looks, looks);
  });

  it('looks square to the wall: a step outward leaves the tank by as much', () => {
    const standing = { at: { x: 0, y: 0 }, turnDegrees: 0, baseM: 0 };
    const { at, looks } = openingIn(round(0.6), on('wall', 0.31, 0.4), standing);
    expect(Math.hypot(at.x + 0.1 * looks.x, at.y + 0.1 * looks.y)).toBeCloseTo(0.4, 9);
  });
});

describe('turnedOver', () => {
  it.each([
    ['a wall', round(0.585), on('wall', 0.2, 0.8)],
    ['a head', round(0.585), head(0.45, 0.18)],
    ['a side of a box', box(1.2, 1, 1), on('right', 0.3, 0.25)],
    ['the front of a box', box(1.2, 1, 1), on('front', 0.3, 0.25)],
  ])('twice is as it was: %s', (_, one, place) => {
    const back = turnedOver(one, turnedOver(one, place));
    expect(back.face).toBe(place.face);
    expect([back.aroundM, back.depthM, back.heightM]).toEqual(
      [place.aroundM, place.depthM, place.heightM].map((value) => expect.closeTo(value, 9) as number),
    );
  });
});
