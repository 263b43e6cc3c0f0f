import { describe, expect, it } from 'vitest';
import { turnedBy } from '../quantity/space';
import { type Reach, anglesByTape, crossingOf, isFlat, offBy, placeErrorM } from './tapes';

const reach = (x: number, y: number, radiusM: number): Reach => ({ at: { x, y }, radiusM });
const crossing = (first: Reach, second: Reach) => {
  const found = crossingOf(first, second);
  if (!found.meets) throw new Error('they do not meet');
  return found;
};

// Worked out by hand from the stated geometry: law of cosines; a walk back along each tape gives the readings.
describe('crossingOf', () => {
  it('places a round tank by two tapes to its near side, half its width added', () => {
    const { left, right } = crossing(reach(0, 0, 2.37 + 0.2925), reach(4, 0, 3.038 + 0.2925));
    expect([left.x, left.y]).toEqual([expect.closeTo(1.4996, 3), expect.closeTo(2.2, 3)]);
    expect([right.x, right.y]).toEqual([expect.closeTo(1.4996, 3), expect.closeTo(-2.2, 3)]);
  });

  it('works between references that do not lie along the plan', () => {
    const { left, right } = crossing(reach(-1.2, 0.4, 3.585), reach(2.6, 1.9, 3.373));
    expect([left.x, left.y]).toEqual([expect.closeTo(-0.1647, 3), expect.closeTo(3.8323, 3)]);
    expect([right.x, right.y]).toEqual([expect.closeTo(1.9005, 3), expect.closeTo(-1.3997, 3)]);
  });

  it('says by how much two tapes miss each other, also where one lies inside the other', () => {
    expect(crossingOf(reach(0, 0, 2), reach(4, 0, 1.7))).toEqual({
      meets: false,
      shortM: expect.closeTo(0.3, 9) as number,
    });
    expect(crossingOf(reach(0, 0, 5), reach(1, 0, 1))).toEqual({
      meets: false,
      shortM: expect.closeTo(3, 9) as number,
    });
  });

  it('two tapes from one place say nothing, whatever they read', () => {
    expect(crossingOf(reach(1, 1, 2), reach(1, 1, 2)).meets).toBe(false);
  });

  it.each([
    ['AB', reach(0, 0, 2.663), reach(4, 0, 3.03), 'left', [1.7388, 2.0169], reach(4, 3, 2.625), 0.159],
    ['AC', reach(0, 0, 2.663), reach(4, 3, 2.625), 'left', [1.4997, 2.2006], reach(4, 0, 3.03), -0.301],
    ['BC', reach(4, 0, 3.03), reach(4, 3, 2.625), 'left', [1.6251, 1.8817], reach(0, 0, 2.663), 0.177],
  ] as const)(
    'of three tapes %s places, and the third is held against it',
    (_, one, other, side, [x, y], third, off) => {
      const place = crossing(one, other)[side];
      expect([place.x, place.y]).toEqual([expect.closeTo(x, 3), expect.closeTo(y, 3)]);
      expect(offBy(third, place)).toBeCloseTo(off, 3);
    },
  );
});

describe('a flat crossing', () => {
  it('counts flat both ways', () => {
    const { degrees, left } = crossing(reach(0, 0, 2.1), reach(4, 0, 1.95));
    expect(degrees).toBeCloseTo(161.96, 2);
    expect(isFlat(degrees)).toBe(true);
    expect([left.x, left.y]).toEqual([expect.closeTo(2.0759, 3), expect.closeTo(0.317, 3)]);
    expect(placeErrorM(degrees, 0.005)).toBeCloseTo(0.0228, 4);
    expect([isFlat(20.1), isFlat(19.9), isFlat(159.9)]).toEqual([false, true, false]);
  });

  it.each([
    [90, 1.414],
    [60, 1.633],
    [45, 2],
    [30, 2.828],
    [20, 4.135],
    [10, 8.144],
  ])('at %d degrees a place is %d times as far out as a tape', (degrees, times) => {
    expect(placeErrorM(degrees, 1)).toBeCloseTo(times, 3);
  });
});

describe('anglesByTape', () => {
  const middle = { x: 1.49958, y: 2.20003 };

  it('turns a tank by a third tape to an opening: two ways, told apart by a fourth', () => {
    const angles = anglesByTape(middle, 0.2925, { x: 0, y: 0 }, 2.628);
    if (!angles) throw new Error('out of reach');
    const aroundDegrees = (1.05 / 0.2925) * (180 / Math.PI);
    const turns = angles.map((angle) => ((angle - 90 - aroundDegrees + 540) % 360) - 180);
    expect(turns.toSorted((a, b) => b - a)).toEqual([expect.closeTo(20.13, 1), expect.closeTo(-140.05, 1)]);
    const fourth = angles.map((angle) => {
      const off = turnedBy({ x: 0.2925, y: 0 }, angle);
      return Math.hypot(middle.x + off.x - 4, middle.y + off.y);
    });
    expect(fourth.toSorted((a, b) => a - b)).toEqual([expect.closeTo(3.038, 3), expect.closeTo(3.611, 3)]);
  });

  it('a tape too short or too long for any turning says so', () => {
    expect(anglesByTape(middle, 0.2925, { x: 0, y: 0 }, 2.3)).toBeUndefined();
    expect(anglesByTape(middle, 0.2925, { x: 0, y: 0 }, 3)).toBeUndefined();
  });
});
