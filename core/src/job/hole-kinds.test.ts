import { describe, expect, test } from 'vitest';
import { faceOf } from '../walls/forms';
import { apartM, flangeRadiusM, noDrillZones, zoneAt } from '../walls/no-drill';
import type { Tank } from '../walls/tank';
import { TANK_TYPES } from '../walls/tank-types';
import { HOLE_KINDS, holeKind, placeOnFace, setOutHole } from './hole-kinds';
import { newTank } from './new-tank';
import type { Penetration } from './penetration';

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

  test('is an overflow as large as the largest inlet of its tank, and never smaller than is usual', () => {
    const tank = tankOf('own-cylinder');
    const beside = (...sizes: Penetration['size'][]) => ({
      measures: 'mm-l' as const,
      penetrations: sizes.map((size, at) => ({
        ...setOutHole(`i${at}`, holeKind('inlet'), tank, NEW_JOB, size),
        label: `P${at}`,
      })),
    });
    const sizeBeside = (...sizes: Penetration['size'][]) =>
      setOutHole('o', holeKind('overflow'), tank, beside(...sizes)).size;
    expect([sizeBeside(), sizeBeside('3/4'), sizeBeside('3/4', '110', '50')]).toEqual(['50', '50', '110']);
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

  // A 2 in bulkhead of 108 mm flange beside another: half of both and an inch apart at least (the rule of the check).
  test('keeps clear of what is in a small top already', () => {
    const vent = HOLE_KINDS.find(({ role }) => role === 'vent');
    if (!vent) throw new Error('no vent');
    const tank = tankOf('open-drum');
    const first = { ...setOutHole('a', vent, tank, NEW_JOB), label: 'P1' };
    const second = setOutHole('b', vent, tank, { ...NEW_JOB, penetrations: [first] });
    const room = flangeRadiusM('2', undefined);
    expect(apartM(first, second)).toBeGreaterThanOrEqual(2 * room + 0.0254);
  });

  // Three that stood in a top came to lie on one another, in the joint under the slab.
  test('goes on another face where there is flat and room, as high as is usual for it', () => {
    const tank = tankOf('concrete');
    const wall = faceOf(tank, 'wall')!;
    const made = (['inlet', 'pump-line', 'vent'] as const).reduce<readonly Penetration[]>((before, role, at) => {
      const job = { ...NEW_JOB, penetrations: before };
      const inTop = { ...setOutHole(`h${at}`, holeKind(role), tank, job), label: `P${at}` };
      return [...before, { ...inTop, ...placeOnFace(inTop, wall, tank, job) }];
    }, []);
    for (const hole of made) {
      expect(hole.face).toBe('wall');
      const room = flangeRadiusM(hole.size, undefined);
      expect(zoneAt(noDrillZones(tank), hole, room)).toBeUndefined();
      for (const other of made)
        if (other !== hole)
          expect(apartM(hole, other)).toBeGreaterThanOrEqual(room + flangeRadiusM(other.size, undefined) + 0.0254);
    }
    // On a wall already it keeps its height; in a bottom it has none.
    const low = { ...made[0]!, heightM: 0.4 };
    expect(placeOnFace(low, wall, tank, NEW_JOB).heightM).toBe(0.4);
    expect(placeOnFace(low, faceOf(tank, 'bottom')!, tank, NEW_JOB).heightM).toBe(0);
  });

  test('takes the sizes of its region', () => {
    const inlet = HOLE_KINDS.find(({ role }) => role === 'inlet');
    if (!inlet) throw new Error('no inlet');
    expect(setOutHole('a', inlet, tankOf('own-cylinder'), NEW_JOB).size).toBe('3');
    expect(setOutHole('a', inlet, tankOf('own-cylinder'), { ...NEW_JOB, measures: 'mm-l' }).size).toBe('110');
  });
});

test('every role has one kind', () => {
  expect(new Set(HOLE_KINDS.map(({ role }) => role)).size).toBe(HOLE_KINDS.length);
  expect(holeKind('vent').name).toBe('Vent');
  expect(() => holeKind('teapot' as 'vent')).toThrow(RangeError);
});
