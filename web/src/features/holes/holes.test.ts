import {
  type NoDrillZone,
  type Penetration,
  TANK_TYPES,
  type Tank,
  acrossM,
  faceOf,
  facesOf,
  flangeRadiusM,
  levelsOf,
  newTank,
  noDrillZones,
  plan,
  ternPoint,
  zoneAt,
} from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { HOLE_KINDS, setOutHole } from './hole-kinds';
import { clearances, usableWords } from './hole-levels';
import { snapPlace } from './snap';

const INCH = 0.0254;
const NEW_JOB = { penetrations: [], measures: 'in-gal' } as const;
const tankOf = (type: string): Tank => ({ ...newTank('t', type), label: 'T1' });

describe('a new hole', () => {
  /** What is larger than the flat of a tank cannot be set out on it: a 6 in access between the bungs of a drum. */
  const TOO_LARGE = (kind: string, type: string): boolean =>
    kind === 'access' || (type === 'slimline' && kind === 'inlet') || type === 'crate-us' || type === 'crate-eu';

  test.each(TANK_TYPES.map(({ id }) => id))('of every kind is on a %s, on the flat where there is room', (type) => {
    const tank = tankOf(type);
    for (const kind of HOLE_KINDS) {
      const hole = setOutHole('h', kind, tank, NEW_JOB);
      const shape = faceOf(tank, hole.face);
      expect(hole.roles).toEqual([kind.role]);
      expect(hole.aroundM).toBeLessThanOrEqual(shape?.acrossM ?? 0);
      expect(hole.depthM).toBeLessThanOrEqual(shape?.seen === 'plan' ? shape.alongM : 0);
      if (!TOO_LARGE(kind.role, type))
        expect(
          zoneAt(noDrillZones(tank), hole, flangeRadiusM(hole.size, undefined))?.reason,
          kind.name,
        ).toBeUndefined();
    }
  });

  test('stands at the front first, then where there is most room', () => {
    const tank = tankOf('own-cylinder');
    const [outlet, overflow] = HOLE_KINDS;
    if (!outlet || !overflow) throw new Error('no kinds');
    const around = Math.PI * tank.diameterM;
    const first = { ...setOutHole('a', outlet, tank, NEW_JOB), label: 'P1' };
    expect(first.aroundM).toBeCloseTo(around / 2, 9);
    const second = { ...setOutHole('b', overflow, tank, { ...NEW_JOB, penetrations: [first] }), label: 'P2' };
    expect(second.aroundM).toBeCloseTo(around / 4, 9);
    const third = setOutHole('c', outlet, tank, { ...NEW_JOB, penetrations: [first, second] });
    expect(third.aroundM).toBeCloseTo((around * 3) / 4, 9);
  });

  test('takes the sizes of its region', () => {
    const inlet = HOLE_KINDS.find(({ role }) => role === 'inlet');
    if (!inlet) throw new Error('no inlet');
    expect(setOutHole('a', inlet, tankOf('own-cylinder'), NEW_JOB).size).toBe('3');
    expect(setOutHole('a', inlet, tankOf('own-cylinder'), { ...NEW_JOB, measures: 'mm-l' }).size).toBe('110');
  });
});

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

  test('clearance names the nearest zone above, below and to the sides', () => {
    const hole = job.penetrations.find(({ id }) => id === 'p4') as Penetration;
    const found = clearances(noDrillZones(t2), hole, 1.2 * INCH);
    expect(found.map(({ reason }) => reason)).toEqual(['rib', 'base curve', 'seam', 'seam']);
    // Base curve ends at 3 in: 8 - 1.2 - 3 = 3.8 in.
    expect(found[1]?.gapM).toBeCloseTo(3.8 * INCH, 9);
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
      topM: 1,
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
