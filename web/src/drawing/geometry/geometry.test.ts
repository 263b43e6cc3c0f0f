import { TANK_TYPES, newTank, plan, ternPoint } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { spread } from './spread';
import { layOut } from './string-layout';
import { seenFromFront, tankShape } from './tank-shape';
import { profileLine } from './thread-profile';

describe('spread', () => {
  test('leaves what has room where it is', () => expect(spread([10, 100, 300], 50, 0, 400)).toEqual([10, 100, 300]));
  test('moves neighbours apart by the gap, inside the limits', () => {
    const placed = spread([100, 102, 104, 395], 50, 0, 400);
    expect(placed.slice(1).every((x, index) => x - (placed[index] ?? 0) >= 50 - 1e-9)).toBe(true);
    expect(Math.max(...placed)).toBeLessThanOrEqual(400);
  });
  test('shares what room there is when it is too little', () =>
    expect(spread([0, 0, 0], 100, 0, 100)).toEqual([0, 50, 100]));
  test('nothing to spread', () => expect(spread([], 10, 0, 100)).toEqual([]));
});

describe('the string', () => {
  const planned = plan(ternPoint());
  const run = planned.runs.find(({ penetration }) => penetration.id === 'p4');
  const strand = run?.strands[0];
  if (!strand) throw new Error('no strand');
  const layout = layOut(strand, {
    wallMm: 6.35,
    port: false,
    jointOf: (id) => planned.joints.find(({ joint }) => joint.id === id),
  });

  test('parts overlap by what their joint takes up', () => {
    const [, nipple, valve] = layout.parts;
    const made = planned.joints.find(({ joint }) => joint.id === 'p4-j3')?.mating.engagementMm;
    expect((nipple?.toMm ?? 0) - (valve?.fromMm ?? 0)).toBeCloseTo(made ?? -1, 6);
  });

  test('what stands inside its neighbour is hidden from outside', () => {
    const nipple = layout.parts[1];
    const seen =
      nipple?.sections.reduce((sum, { hiddenFromMm, hiddenToMm }) => sum + hiddenToMm - hiddenFromMm, 0) ?? 0;
    // Close nipple 1-3/8 in less the made-up thread on both sides, 0.339 + 3/14 in each (ASME B1.20.1).
    expect(seen).toBeCloseTo((1.375 - 2 * (0.339 + 3 / 14)) * 25.4, 1);
  });

  test('sixty feet of hose are broken, and the wall stands behind the washer', () => {
    expect(layout.parts.at(-1)?.breakMm).toBeDefined();
    expect((layout.wall?.fromMm ?? 0) - (layout.parts[0]?.fromMm ?? 0)).toBeCloseTo(12, 6);
  });

  test('a strand that enters a part by its far end is laid out turned round', () => {
    const link = planned.runs.find(({ penetration }) => penetration.id === 'p3')?.strands[0];
    if (!link) throw new Error('no link');
    const laid = layOut(link, {
      wallMm: 6.35,
      port: false,
      jointOf: (id) => planned.joints.find(({ joint }) => joint.id === id),
    });
    const flange = laid.parts.at(-1)?.sections.at(-1);
    expect(flange?.surface).toBe('flange');
    for (const [index, part] of laid.parts.entries())
      if (index > 0) expect(part.fromMm).toBeGreaterThan(laid.parts[index - 1]?.fromMm ?? 0);
  });
});

describe('the tank', () => {
  test.each(TANK_TYPES.map(({ id }) => id))('%s keeps its height and width at a scale', (id) => {
    const tank = { ...newTank('a', id), label: 'T1' };
    const shape = tankShape(tank, 100);
    const numbers = shape.outline.match(/-?\d+(\.\d+)?/g)?.map(Number) ?? [];
    const ys = numbers.filter((_, index) => index % 2 === 1);
    expect(Math.min(...ys)).toBeCloseTo(-tank.heightM * 100, 1);
    expect(Math.max(...numbers.filter((_, index) => index % 2 === 0))).toBeGreaterThanOrEqual(
      tank.diameterM * 50 - 0.01,
    );
  });

  test('the front is opposite the seam; what is round the back is hidden', () => {
    const tank = { ...newTank('a', 'open-drum'), label: 'T1' };
    const round = Math.PI * tank.diameterM;
    expect(seenFromFront(tank, round / 2).across).toBeCloseTo(0, 9);
    expect(seenFromFront(tank, round / 2).hidden).toBe(false);
    expect(seenFromFront(tank, 0).hidden).toBe(true);
    expect(Math.abs(seenFromFront(tank, round / 4).across)).toBeCloseTo(1, 9);
  });
});

test('a tapering profile grows along its axis', () => {
  const line = profileLine({ pitchMm: 2, taper: 1 / 16, crestMm: 20, pitchDiameterMm: 19, rootMm: 18 }, 16, 1, 0);
  const ys = line.split('L').map((point) => Number(point.split(' ')[1]));
  expect(ys[0]).toBeCloseTo(-9, 1);
  expect(ys.at(-1)).toBeCloseTo(-9.5, 1);
});
