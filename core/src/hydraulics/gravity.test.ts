import { describe, expect, test } from 'vitest';
import { drainM3s, leaderM3s, spreadM } from './gravity';

const GPM = 0.003785411784 / 60;
const IN = 0.0254;

describe('drains by Manning', () => {
  // 4 in bore at 1/4 in to the foot, n 0.011, by hand: A = 0.008107 m2, R = D / 4 = 0.0254 m, R^(2/3) = 0.08642,
  // S^(1/2) = 0.14434: Q = 0.008107 x 0.08642 x 0.14434 / 0.011 = 9.193 L/s.
  test('full, worked by hand', () => expect(drainM3s(4 * IN, 1 / 48, 1, 0.011) * 1000).toBeCloseTo(9.193, 2));

  // Half full has half the area and the same hydraulic radius: half the flow, exactly.
  test('half full carries half', () => expect(drainM3s(0.1, 0.01, 0.5)).toBeCloseTo(drainM3s(0.1, 0.01) / 2, 12));

  // A round drain carries most a little below full: 1.076 of full at 0.938 of its depth (handbook, from memory).
  test('most just below full', () => {
    expect(drainM3s(0.1, 0.01, 0.938) / drainM3s(0.1, 0.01)).toBeCloseTo(1.076, 2);
  });

  test('no fall, no flow', () => {
    expect(drainM3s(0.1, 0)).toBe(0);
    expect(drainM3s(0.1, -0.01)).toBe(0);
    expect(drainM3s(0.1, 0.01, 0)).toBe(0);
  });

  // North American storm drain table, from memory: size [in], slope [in/ft], gpm. What the program has for a drain is what it has.
  test.each([
    [3, 0.125, 34],
    [3, 0.25, 48],
    [3, 0.5, 68],
    [4, 0.125, 78],
    [4, 0.25, 110],
    [4, 0.5, 156],
    [6, 0.125, 222],
    [6, 0.25, 314],
    [6, 0.5, 445],
    [8, 0.125, 478],
    [8, 0.25, 677],
  ])('storm drain of %d in at %d in to the foot: %d gpm', (size, slope, gpm) =>
    expect(drainM3s(size * IN, slope / 12) / GPM / gpm).toBeCloseTo(1, 1),
  );
});

// Older North American leader table, from memory: 2 in 30, 3 in 92, 4 in 192, 6 in 563 gpm; it stands on the same law,
// somewhat fuller than a third.
test.each([
  [2, 30],
  [3, 92],
  [4, 192],
  [6, 563],
])('an upright pipe of %d in carries no more than the table’s %d gpm, and no less than 85 %% of it', (size, gpm) => {
  const share = leaderM3s(size * IN) / GPM / gpm;
  expect(share).toBeLessThan(1);
  expect(share).toBeGreaterThan(0.85);
});

// A ring of 45 mm radius, 3 mm thick, at 1 %: 3 pi x 2025 x 0.01 / 3 = 63.6 mm (by hand).
test('a slit pipe spreads', () => {
  expect(spreadM(0.045, 0.003) * 1000).toBeCloseTo(63.6, 1);
  // Twice the radius spreads four times as far, twice the wall half as far.
  expect(spreadM(0.09, 0.003)).toBeCloseTo(4 * spreadM(0.045, 0.003), 9);
  expect(spreadM(0.045, 0.006)).toBeCloseTo(spreadM(0.045, 0.003) / 2, 9);
});
