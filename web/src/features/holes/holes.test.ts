import {
  type NoDrillZone,
  TANK_TYPES,
  type Tank,
  acrossM,
  facesOf,
  levelsOf,
  newTank,
  plan,
  ternPoint,
} from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { usableWords } from './usable-words';
import { snapPlace } from './snap';

const tankOf = (type: string): Tank => ({ ...newTank('t', type), label: 'T1' });

describe('figures of a hole', () => {
  const job = ternPoint();
  const planned = plan(job);
  const t2 = job.tanks[1];
  if (!t2) throw new Error('no tank');

  // 305 gal over 43-1/2 in less a floor of 1/4 in: from the overflow at 40.5 - 1.534 in to the bore of P4 at 8 - 0.412 in.
  test('what there is to draw on, in the job’s own measures', () => {
    const share = (38.966 - 7.588) / (43.5 - 0.25);
    expect(usableWords(levelsOf(t2, { job, runs: planned.runs }), job)).toBe(
      `${Math.round(305 * share)} gal to draw on`,
    );
  });
});

describe('a dragged hole', () => {
  const shape = { face: 'wall', name: 'Wall', seen: 'wall', round: false, acrossM: 2, alongM: 1 } as const;
  const rib: NoDrillZone = { shape: 'band', face: 'wall', along: 'up', fromM: 0.4, toM: 0.5, reason: 'rib' };
  const at = (heightM: number, aroundM: number) => ({ face: 'wall', heightM, aroundM, depthM: 0 }) as const;
  const snap = (wanted: ReturnType<typeof at>, more: Partial<Parameters<typeof snapPlace>[1]> = {}) =>
    snapPlace(wanted, {
      shape,
      zones: [rib],
      radiusM: 0.03,
      others: [at(0.2, 0.7)],
      fields: ['heightM', 'aroundM'],
      stepM: 0.005,
      nearM: 0.02,
      ...more,
    });

  test('comes to lie on a mark of the tape', () => {
    expect(snap(at(0.3021, 0.3034)).heightM).toBeCloseTo(0.3, 9);
    expect(snap(at(0.3021, 0.3034)).aroundM).toBeCloseTo(0.305, 9);
  });
  test('level with another, and in line with it', () => expect(snap(at(0.211, 0.688))).toEqual(at(0.2, 0.7)));
  test('on the middle of the face', () => expect(snap(at(0.3, 1.012)).aroundM).toBe(1));
  test('clear of a rib, where that is near; where it is not, it stays and is named', () => {
    expect(snap(at(0.385, 0.3)).heightM).toBeCloseTo(0.37, 9);
    expect(snap(at(0.45, 0.3)).heightM).toBeCloseTo(0.45, 9);
  });
  test('clear of a rib only along the axes of its view', () => {
    const seam: NoDrillZone = { shape: 'band', face: 'wall', along: 'round', fromM: 0.2, toM: 0.3, reason: 'seam' };
    expect(snap(at(0.3, 0.31), { zones: [seam], fields: ['heightM'] }).aroundM).toBe(0.31);
    expect(snap(at(0.3, 0.31), { zones: [seam] }).aroundM).toBeCloseTo(0.33, 9);
  });
  test('never beyond the face', () => {
    expect(snap(at(1.4, -0.3))).toEqual(at(1, 0));
    expect(snap(at(0.3, 9)).aroundM).toBe(2);
  });
  test('only along the axes of its view', () =>
    expect(snap(at(0.3021, 0.3034), { fields: ['heightM'] }).aroundM).toBe(0.3034));
});

test('every face of every type has a name of its own and a size', () => {
  for (const { id } of TANK_TYPES) {
    const tank = tankOf(id);
    const faces = facesOf(tank);
    expect(new Set(faces.map(({ name }) => name)).size).toBe(faces.length);
    for (const face of faces) expect(face.acrossM * face.alongM).toBeGreaterThan(0);
    expect(acrossM(tank)).toBeGreaterThan(0.3);
  }
});
