import {
  type Penetration,
  circumferenceM,
  flangeRadiusM,
  newTank,
  plan,
  tankType,
  ternPoint,
  volumeAtM3,
  zoneAt,
} from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { HOLE_KINDS, newPenetration } from './hole-kinds';
import { clearances, tankLevels, usableWords } from './hole-levels';

const INCH = 0.0254;

describe('a new hole', () => {
  test.each(['open-drum', 'closed-drum', 'vertical-round'])('of every kind lies on the flat of a %s', (type) => {
    const tank = { ...newTank('t', type), label: 'T1' };
    for (const kind of HOLE_KINDS) {
      const hole = newPenetration('h', kind, tank, []);
      expect(hole.roles).toEqual([kind.role]);
      if (kind.face === 'wall')
        expect(
          zoneAt(tankType(type).noDrill(tank), hole.heightM, flangeRadiusM(kind.size, undefined)),
          kind.name,
        ).toBeUndefined();
      expect(hole.aroundM).toBeLessThanOrEqual(circumferenceM(tank));
    }
  });

  test('stands at the front first, then where there is most room', () => {
    const tank = { ...newTank('t', 'open-drum'), label: 'T1' };
    const [outlet, overflow] = HOLE_KINDS;
    if (!outlet || !overflow) throw new Error('no kinds');
    const around = circumferenceM(tank);
    const first = { ...newPenetration('a', outlet, tank, []), label: 'P1' };
    expect(first.aroundM).toBeCloseTo(around / 2, 9);
    const second = { ...newPenetration('b', overflow, tank, [first]), label: 'P2' };
    expect(second.aroundM).toBeCloseTo(around / 4, 9);
    const third = newPenetration('c', outlet, tank, [first, second]);
    expect(third.aroundM).toBeCloseTo((around * 3) / 4, 9);
  });
});

describe('levels', () => {
  const job = ternPoint();
  const planned = plan(job);
  const [t1, t2] = job.tanks;
  if (!t1 || !t2) throw new Error('no tanks');

  // P2 at 40-1/2 in with a 4 in hole: full at 38-1/2 in, in both tanks, since they are linked on one plinth.
  test('full is the lowest edge of the overflow, through the link', () => {
    expect(tankLevels(t1, job, planned).fullM).toBeCloseTo(38.5 * INCH, 9);
    expect(tankLevels(t2, job, planned).fullM).toBeCloseTo(38.5 * INCH, 9);
  });

  test('a linked tank on a lower plinth fills by as much more', () => {
    const lower: typeof job = { ...job, tanks: [t1, { ...t2, plinthM: t2.plinthM - 2 * INCH }] };
    const tank = lower.tanks[1];
    if (!tank) throw new Error('no tank');
    expect(tankLevels(tank, lower, plan(lower)).fullM).toBeCloseTo(40.5 * INCH, 9);
  });

  // P4 at 8 in with a 1-5/8 in hole: dead below 7-3/16 in.
  test('dead water is what lies under the lowest draw-off', () => {
    const levels = tankLevels(t2, job, planned);
    expect(levels.deadM).toBeCloseTo((8 - 1.625 / 2) * INCH, 9);
    expect(levels.usableM3).toBeCloseTo(volumeAtM3(t2, levels.fullM) - volumeAtM3(t2, levels.deadM), 12);
    expect(usableWords(levels, job)).toBe('220 gal to draw on');
  });

  test('without a draw-off nothing is dead', () => expect(tankLevels(t1, job, planned).deadM).toBe(0));

  test('without an overflow it is full at the brim', () => {
    const without = {
      ...job,
      penetrations: job.penetrations.filter(({ id }) => id !== 'p2'),
      joints: job.joints.filter(({ id }) => !id.startsWith('p2')),
    };
    expect(tankLevels(t1, without, plan(without)).fullM).toBe(t1.brimM);
  });

  test('clearance names the nearest zone above and below', () => {
    const hole = job.penetrations.find(({ id }) => id === 'p4') as Penetration;
    const found = clearances(t2, hole.heightM, 1.2 * INCH);
    expect(found.map(({ reason }) => reason)).toEqual(['rib', 'base curve']);
    // Base curve ends at 3 in: 8 - 1.2 - 3 = 3.8 in.
    expect(found[1]?.gapM).toBeCloseTo(3.8 * INCH, 9);
  });
});
