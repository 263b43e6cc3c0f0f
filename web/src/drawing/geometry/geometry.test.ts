import { TANK_TYPES, acrossM, newPenetration, newTank, plan, ternPoint } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { spread } from './spread';
import { layOut } from './string-layout';
import { seenFromFront, tankShape } from './tank-shape';
import { gapBetween, profileLine } from './thread-profile';

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
    // A bin's dished lid and a buried tank's riser are not at its height; everything else ends there.
    if (!['bin', 'buried'].includes(id)) expect(Math.min(...ys)).toBeCloseTo(-tank.heightM * 100, 1);
    expect(Math.max(...numbers.filter((_, index) => index % 2 === 0))).toBeGreaterThanOrEqual(
      acrossM(tank) * 50 - 0.01,
    );
    for (const { d } of shape.marks) expect(d).toMatch(/^M-?[\d.]+ -?[\d.]+(L-?[\d.]+ -?[\d.]+)+$/);
  });

  test('the front is opposite the seam; what is round the back is hidden', () => {
    const tank = { ...newTank('a', 'open-drum'), label: 'T1' };
    const round = Math.PI * tank.diameterM;
    const at = (aroundM: number, face: 'wall' | 'top' = 'wall') =>
      seenFromFront(tank, {
        ...newPenetration({
          id: 'h',
          tankId: 'a',
          name: 'Hole',
          roles: ['spare'],
          size: '1',
          face,
          heightM: 0.5,
          aroundM,
          depthM: face === 'top' ? 0.3 : 0,
        }),
        label: 'P1',
      });
    expect(at(round / 2).acrossM).toBeCloseTo(0, 9);
    expect(at(round / 2).hidden).toBe(false);
    expect(at(0).hidden).toBe(true);
    expect(at(round / 4).acrossM).toBeCloseTo(-tank.diameterM / 2, 9);
    expect(at(0.1, 'top').acrossM).toBeCloseTo(0.1 - tank.diameterM / 2, 9);
  });
});

describe('a thread in section', () => {
  const points = (line: string): (readonly [number, number])[] =>
    line
      .split(/[LQ ]+/)
      .map(Number)
      .reduce<number[][]>((pairs, value, index) => {
        if (index % 2 === 0) pairs.push([value]);
        else pairs.at(-1)?.push(value);
        return pairs;
      }, [])
      .map(([x = 0, y = 0]) => [x, -y] as const);
  // ASME B1.20.1: 0.8 p high, 60 degrees: each flank takes 0.8 x tan 30 = 0.462 p of the axis.
  const npt = { pitchMm: 2, flankDeg: 60, taper: 1 / 16, crestMm: 21.6, rootMm: 18.4, rounded: false };

  test('stays between root and crest and grows with its taper', () => {
    const all = points(profileLine(npt, { lengthMm: 16, pxPerMm: 100, zeroMm: 0 }));
    for (const [x, radius] of all) {
      const grown = (x / 100) * (1 / 32);
      expect(radius / 100).toBeGreaterThanOrEqual(9.2 + grown - 0.01);
      expect(radius / 100).toBeLessThanOrEqual(10.8 + grown + 0.01);
    }
    expect(Math.max(...all.map(([, radius]) => radius / 100))).toBeCloseTo(10.8 + 0.5, 1);
  });
  test('its flanks stand at their angle', () => {
    const [leaves, rises] = points(profileLine({ ...npt, taper: 0 }, { lengthMm: 16, pxPerMm: 100, zeroMm: 0 })).slice(
      1,
    );
    const [along, up] = [(rises?.[0] ?? 0) - (leaves?.[0] ?? 0), (rises?.[1] ?? 0) - (leaves?.[1] ?? 0)];
    expect((Math.atan(along / up) * 180) / Math.PI).toBeCloseTo(30, 0);
  });
  test('a male in its own basic female touches along the flanks and is open nowhere', () => {
    const gap = gapBetween({ ...npt, taper: 0 }, { ...npt, taper: 0 }, 0);
    expect(gap.widest.gapMm).toBeCloseTo(0, 6);
    expect(gap.touches).toHaveLength(1);
  });
  test('other flanks leave an opening', () =>
    expect(
      gapBetween({ ...npt, taper: 0, flankDeg: 55, crestMm: 21.3, rootMm: 18.3 }, { ...npt, taper: 0 }, 0).widest.gapMm,
    ).toBeGreaterThan(0.1));
});
