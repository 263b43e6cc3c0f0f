import { contextInSpace, coursesOf, shippedCatalogue } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { crateOverflow, fourDrums } from '../../../../core/src/test/layouts';
import { isometric, wordSpots } from './isometric';

const SIZE = { width: 800, height: 430, edge: 60 } as const;
const drawn = (job: ReturnType<typeof fourDrums>, quarters = 0) => {
  const course = [...coursesOf(contextInSpace(job, shippedCatalogue)).values()][0]!;
  return isometric(course, { ...SIZE, quarters })!;
};
const slope = (id: string, quarters = 0) => {
  const { points } = drawn(fourDrums(), quarters).legs.find((leg) => leg.id === id)!;
  const [from, to] = [points[0]!, points.at(-1)!];
  return Math.atan2(from.y - to.y, to.x - from.x) * (180 / Math.PI);
};

describe('isometric', () => {
  test('what is level lies at 30 degrees, what is upright is upright', () => {
    expect(slope('B3')).toBeCloseTo(30, 6);
    expect(Math.abs(slope('B1.1'))).toBeCloseTo(90, 6);
  });

  test('turned by a quarter it lies at 30 degrees the other way; by four it is as it was', () => {
    expect(Math.abs(slope('B3', 1))).toBeCloseTo(30, 6);
    expect(slope('B3', 1)).not.toBeCloseTo(30, 0);
    expect(slope('B3', 4)).toBeCloseTo(slope('B3'), 9);
    expect(slope('B3', -1)).toBeCloseTo(slope('B3', 3), 9);
  });

  test.each([0, 1, 2, 3])('all of it is on the sheet, turned by %d', (quarters) => {
    for (const { points } of drawn(fourDrums(), quarters).legs)
      for (const { x, y } of points) {
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(SIZE.width);
        expect(y).toBeGreaterThan(0);
        expect(y).toBeLessThan(SIZE.height);
      }
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
