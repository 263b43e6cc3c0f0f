import { expect, test } from 'vitest';
import { orificeM3s, outletM3s, sharpEdgeM3s, sideOverflowM3s, standpipeM3s, stormM3s, ventM3s } from './free-flow';

/** Worked examples of a hydraulics handbook, from memory: bore [mm], head [mm], flow [L/s]. */
test.each([
  [102.3, 25, 2.338],
  [52.5, 25, 0.91],
  [86, 50, 3.451],
])('over the rim of an upright pipe of %d mm under %d mm: %d L/s', (bore, head, litres) =>
  expect(standpipeM3s(bore / 1000, head / 1000) * 1000).toBeCloseTo(litres, 2),
);

// 19 mm under a metre: sharp edge 45.96 L/min, short stub 61.78 L/min (worked examples, from memory).
test('a hole under a metre of water', () => {
  expect(orificeM3s(0.019, 1, 0.61) * 60_000).toBeCloseTo(45.96, 1);
  expect(orificeM3s(0.019, 1, 0.82) * 60_000).toBeCloseTo(61.78, 1);
  expect(orificeM3s(0.019, 0)).toBe(0);
  expect(outletM3s(0.019, 1)).toBeGreaterThan(orificeM3s(0.019, 1));
});

// A rectangular channel passes 1.705 b H^1.5 at critical depth without loss (broad-crested weir, SI). A circle is narrower
// than its diameter and has an entry loss, so it passes less than a channel as wide, and more than a third of one.
test('out through the side, part full: critical depth', () => {
  for (const head of [0.02, 0.04, 0.06]) {
    const wide = 1.705 * 0.1 * head ** 1.5;
    expect(sideOverflowM3s(0.1, head)).toBeLessThan(wide);
    expect(sideOverflowM3s(0.1, head)).toBeGreaterThan(wide * 0.3);
  }
});

test('out through the side, drowned: never more than the orifice; more head, more flow; nothing from nothing', () => {
  expect(sideOverflowM3s(0.1, 0.5)).toBeLessThanOrEqual(orificeM3s(0.1, 0.45));
  const flows = [0, 0.02, 0.05, 0.09, 0.12, 0.3, 1].map((head) => sideOverflowM3s(0.1, head));
  for (const [index, flow] of flows.entries()) expect(flow).toBeGreaterThanOrEqual(flows[index - 1] ?? 0);
  expect(sideOverflowM3s(0.1, -1)).toBe(0);
});

// Area of half a circle and its top width are exact: at critical depth of half a 100 mm pipe A = pi r2 / 2, T = 2 r, so
// Q = A sqrt(g A / T) = 0.003927 x sqrt(9.80665 x 0.003927 / 0.1) = 2.437 L/s at a head of 0.05 + 1.5 x 0.003927 / 0.2.
test('half full, worked by hand', () =>
  expect(sideOverflowM3s(0.1, 0.05 + (1.5 * 0.003927) / 0.2) * 1000).toBeCloseTo(2.437, 2));

// 5 L/s of air at 250 Pa: 25 mm (worked example, from memory).
test('a vent of 25 mm passes 5 L/s', () => expect(ventM3s(0.025) * 1000).toBeCloseTo(5, 0));

// A millimetre on a square metre is a litre; an inch in an hour on 1000 square feet is 10.39 US gallons a minute (geometry).
test('rain on a roof', () => {
  expect(stormM3s(100, 36) * 1000).toBeCloseTo(1, 12);
  expect((stormM3s(92.90304, 25.4) * 60) / 0.003785411784).toBeCloseTo(10.39, 2);
});

/** Bore 100 mm; head over its lowest point [mm]; through a sharp edge and by a short pipe [L/s]: worked apart, by numerical integration. */
test.each([
  [20, 0.25, 0.183],
  [40, 0.943, 0.695],
  [60, 1.976, 1.478],
  [80, 3.223, 2.466],
  [100, 4.482, 3.589],
  [120, 5.425, 4.77],
  [150, 6.546, 6.505],
  [200, 8.054, 8.083],
])('by a side with %d mm over its lowest point: %d L/s over a sharp edge, %d by a short pipe', (head, edge, pipe) => {
  expect(sharpEdgeM3s(0.1, head / 1000) * 1000).toBeCloseTo(edge, 2);
  expect(sideOverflowM3s(0.1, head / 1000) * 1000).toBeCloseTo(pipe, 2);
});

// Just covered, exactly: C sqrt(2 g) 8/15 D^2.5 = 4.4815 L/s.
test('a hole that is just covered', () =>
  expect(sharpEdgeM3s(0.1, 0.1) * 1000).toBeCloseTo(0.6 * Math.sqrt(2 * 9.80665) * (8 / 15) * 0.1 ** 2.5 * 1000, 3));
