import { contextInSpace, coursesOf, shippedCatalogue } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { crateOverflow, fourDrums } from '../../../../core/src/test/layouts';
import { isometric, wordSpots } from './isometric';

const SIZE = { width: 800, height: 430, edge: 60 } as const;
const drawn = (job: ReturnType<typeof fourDrums>, degrees = 0) => {
  const course = [...coursesOf(contextInSpace(job, shippedCatalogue)).values()][0]!;
  return isometric(course, { ...SIZE, degrees })!;
};
const slope = (id: string, degrees = 0) => {
  const { points } = drawn(fourDrums(), degrees).legs.find((leg) => leg.id === id)!;
  const [from, to] = [points[0]!, points.at(-1)!];
  return Math.atan2(from.y - to.y, to.x - from.x) * (180 / Math.PI);
};

describe('isometric', () => {
  test('what is level lies at 30 degrees, what is upright is upright', () => {
    expect(slope('B3')).toBeCloseTo(30, 6);
    expect(Math.abs(slope('B1.1'))).toBeCloseTo(90, 6);
  });

  test('turned by a quarter it lies at 30 degrees the other way; by four it is as it was', () => {
    expect(Math.abs(slope('B3', 90))).toBeCloseTo(30, 6);
    expect(slope('B3', 90)).not.toBeCloseTo(30, 0);
    expect(slope('B3', 360)).toBeCloseTo(slope('B3'), 9);
    expect(slope('B3', -90)).toBeCloseTo(slope('B3', 270), 9);
  });

  test.each([0, 37, 90, 180, 245])('all of it is on the sheet, turned by %d degrees', (degrees) => {
    for (const { points } of drawn(fourDrums(), degrees).legs)
      for (const { x, y } of points) {
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(SIZE.width);
        expect(y).toBeGreaterThan(0);
        expect(y).toBeLessThan(SIZE.height);
      }
  });

  // Level pipe that lies 37 degrees off the axis that is drawn 30 degrees down: by the same projection, worked out by hand.
  test('it is turned by any angle between', () => {
    const [cos, sin] = [Math.cos((37 * Math.PI) / 180), Math.sin((37 * Math.PI) / 180)];
    const right = { x: (sin + cos) * Math.cos(Math.PI / 6), y: (sin - cos) / 2 };
    expect(Math.abs(slope('B3', 37))).toBeCloseTo(Math.abs(Math.atan2(-right.y, right.x) * (180 / Math.PI)), 6);
  });

  test('a long pipe is broken, and what comes behind it still hangs on it', () => {
    const { legs } = drawn(crateOverflow());
    expect(legs.filter(({ broken }) => broken).map(({ id }) => id)).toEqual(['C3', 'C5']);
    const [c3, f1] = [legs.find(({ id }) => id === 'C3')!, legs.find(({ id }) => id === 'F1')!];
    const gap = Math.hypot(c3.points.at(-1)!.x - f1.points[0]!.x, c3.points.at(-1)!.y - f1.points[0]!.y);
    // It stands in its socket, no further.
    expect(gap).toBeLessThan(20);
  });
});

test('words stand beside their legs and on no other words', () => {
  const drawing = drawn(fourDrums());
  const words = drawing.legs.filter(({ kind }) => kind === 'pipe').map(({ id }) => ({ id, width: 80 }));
  const spots = wordSpots(drawing, words);
  expect(spots).toHaveLength(words.length);
  for (const [place, a] of spots.entries())
    for (const b of spots.slice(place + 1)) expect(Math.abs(a.x - b.x) < 80 && Math.abs(a.y - b.y) < 14).toBe(false);
});

test('no words stand on the tripod', () => {
  const drawing = drawn(fourDrums());
  const [first] = drawing.legs;
  const corner = {
    ...drawing,
    legs: first ? [{ ...first, points: [drawing.tripod, { ...drawing.tripod, x: drawing.tripod.x + 200 }] }] : [],
  };
  const [spot] = wordSpots(corner, [{ id: first?.id ?? '', width: 60 }]);
  const { x, y } = drawing.tripod;
  expect(spot && (spot.x >= x + 60 || spot.y < y - 60 || spot.y > y + 60)).toBe(true);
});
