import { describe, expect, test } from 'vitest';
import { buildJob } from '../edits/build-job';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import { contextOf } from './context';
import { holeOf } from './hole-of';
import { AS_ASKED, type Job } from '../job/job';
import { linkedTanks } from './linked-tanks';
import { newPenetration, newTank } from '../job/new-tank';
import { holeDiameterM, resolveEnd } from './resolve';
import { indexJob, jointsOfRun, walkRun } from './run';
import { newPart } from '../job/new-part';

const walk = (job: Job, id: string) => walkRun({ of: 'hole', id }, indexJob(job, shippedCatalogue));

/** A drum whose outlet branches at a tee into a tap and a capped stub. */
function branched(): Job {
  const { edit, run, job } = buildJob('Branched', 'mm-l');
  edit({ type: 'add-tank', tank: newTank('t', 'open-drum') });
  edit({
    type: 'add-penetration',
    penetration: newPenetration({
      id: 'h',
      tankId: 't',
      name: 'Outlet',
      roles: ['draw-off'],
      size: '3/4',
      face: 'wall',
      heightM: 0.1,
      aroundM: 0.5,
    }),
  });
  run('h', [
    { code: 'BS-075' },
    { code: 'PI-075', lengthM: 0.2 },
    { code: 'TS-075' },
    { code: 'PI-075', lengthM: 0.2 },
    { code: 'KS-075' },
  ]);
  edit({
    type: 'add-part',
    part: newPart('stub', 'PI-075', { lengthM: 0.1 }),
    at: { of: 'part', id: 'h-3', end: 2 },
    partEnd: 0,
    jointId: 'stub-j',
  });
  return job();
}

describe('what hangs on the inside of the wall', () => {
  const { edit, hole, run, job } = buildJob('Suction', 'in-gal');
  edit({ type: 'add-tank', tank: newTank('t', 'open-drum') });
  hole({
    id: 'h',
    tankId: 't',
    name: 'Pump line',
    roles: ['pump-line'],
    size: '1',
    face: 'wall',
    heightM: 0.5,
    aroundM: 0.5,
  });
  run('h', [{ code: 'BH-100' }, { code: 'NC-100' }]);
  const before = walk(job(), 'h');
  edit({
    type: 'add-part',
    part: newPart('in', 'NC-100'),
    at: { of: 'part', id: 'h-1', end: 2 },
    partEnd: 0,
    jointId: 'in-j',
  });
  const strands = walk(job(), 'h');

  test('is a strand of its run once something is there, and nothing before', () => {
    expect(before).toHaveLength(1);
    expect(strands).toHaveLength(2);
    expect(strands[1]).toMatchObject({ from: { of: 'part', id: 'h-1', end: 2 }, items: [{ placed: { id: 'in' } }] });
  });

  test('counts its joints with the run', () =>
    expect(jointsOfRun(strands).map(({ id }) => id)).toEqual(['h-j1', 'h-j2', 'in-j']));
});

describe('a walk', () => {
  test('follows the water from the hole to the end', () => {
    const [strand] = walk(ternPoint(), 'p4');
    expect(strand?.items.map(({ part }) => part.code)).toEqual([
      'BH-075',
      'NC-075',
      'LV-075',
      'NH-075',
      'HS-075100',
      'HO-100',
    ]);
    expect(strand?.end).toEqual({ at: 'open', ref: { of: 'part', id: 'p4-6', end: 1 } });
  });

  test('goes straight on through a tee and takes the branch as a strand of its own', () => {
    const strands = walk(branched(), 'h');
    expect(strands.map(({ items }) => items.map(({ part }) => part.code))).toEqual([
      ['BS-075', 'PI-075', 'TS-075', 'PI-075', 'KS-075'],
      ['PI-075'],
    ]);
    expect(strands.map(({ end }) => end.at)).toEqual(['closed', 'open']);
    expect(strands[1]?.from).toEqual({ of: 'part', id: 'h-3', end: 2 });
  });

  test('enters the next tank by its hole, from either side', () => {
    expect(walk(ternPoint(), 'p3')[0]?.end).toMatchObject({ at: 'hole', id: 'p3-t2' });
    expect(walk(ternPoint(), 'p3-t2')[0]?.end).toMatchObject({ at: 'hole', id: 'p3' });
  });

  test('leaves the inside thread of a bulkhead alone', () => expect(walk(ternPoint(), 'p4')).toHaveLength(1));

  test('stops where a part is not in the catalogue, and keeps the joint', () => {
    const job = ternPoint();
    const stranger = { ...job, parts: job.parts.map((part) => (part.id === 'p4-2' ? { ...part, code: 'OWN' } : part)) };
    const strands = walk(stranger, 'p4');
    expect(strands[0]?.end).toMatchObject({ at: 'unknown', id: 'p4-2' });
    expect(jointsOfRun(strands).map(({ id }) => id)).toEqual(['p4-j1', 'p4-j2']);
  });

  test('that comes back on itself ends', () => {
    const job = branched();
    const ring: Job = {
      ...job,
      joints: [
        ...job.joints.filter(({ id }) => id !== 'h-j5'),
        {
          id: 'ring',
          a: { of: 'part', id: 'stub', end: 1 },
          b: { of: 'part', id: 'h-4', end: 1 },
          ...AS_ASKED,
        },
      ],
    };
    const strands = walk(ring, 'h');
    expect(strands.flatMap(({ items }) => items.map(({ placed }) => placed.id)).sort()).toEqual([
      'h-1',
      'h-2',
      'h-3',
      'h-4',
      'stub',
    ]);
  });

  test('from a bare hole is open there', () =>
    expect(walk({ ...ternPoint(), joints: [] }, 'p4')).toMatchObject([
      { items: [], end: { at: 'open', ref: { of: 'hole', id: 'p4' } } },
    ]));
});

describe('what hangs on what', () => {
  test('every part finds its hole', () => {
    const job = ternPoint();
    for (const { id } of job.parts)
      expect(holeOf({ of: 'part', id, end: 0 }, job, shippedCatalogue)?.id.slice(0, 2)).toBe(id.slice(0, 2));
  });

  test('a part on nothing has none', () => {
    const job = { ...ternPoint(), joints: [] };
    expect(holeOf({ of: 'part', id: 'p4-3', end: 0 }, job, shippedCatalogue)).toBeUndefined();
  });

  test('tanks are linked by a run, and not when it is cut', () => {
    const job = ternPoint();
    const groups = (one: Job) =>
      linkedTanks(contextOf(one, shippedCatalogue)).map((tanks) => tanks.map(({ label }) => label));
    expect(groups(job)).toEqual([['T1', 'T2']]);
    expect(groups({ ...job, joints: job.joints.filter(({ id }) => id !== 'p3-j4') })).toEqual([['T1'], ['T2']]);
  });
});

describe('what an end really is', () => {
  const job = ternPoint();
  const index = indexJob(job, shippedCatalogue);

  // The usual hole of a 3/4 bulkhead is 1-5/8 in (value from memory); T2 is 46 in across with a wall of 1/4 in.
  test('a drilled hole has the usual size of its seal, the wall and the curve of its tank', () => {
    expect(holeDiameterM('p4', job, index)).toBeCloseTo(1.625 * 0.0254, 9);
    expect(resolveEnd({ of: 'hole', id: 'p4' }, job, index)).toMatchObject({
      end: {
        kind: 'hole',
        wallMm: expect.closeTo(6.35, 6) as number,
        wallRadiusMm: expect.closeTo(584.2, 6) as number,
      },
      material: 'polyethylene',
    });
  });

  test('a hole that was measured is that size', () => {
    const measured = {
      ...job,
      penetrations: job.penetrations.map((hole) => (hole.id === 'p4' ? { ...hole, holeM: 0.05 } : hole)),
    };
    expect(holeDiameterM('p4', measured, index)).toBe(0.05);
  });

  test('a hole in the top is flat', () => {
    const { end } = resolveEnd({ of: 'hole', id: 'p7' }, job, index);
    expect(end?.kind === 'hole' && end.wallRadiusMm).toBe(undefined);
  });

  test('a moulded port is its thread and is not drilled', () => {
    expect(resolveEnd({ of: 'hole', id: 'p5' }, job, index).end).toEqual({
      kind: 'thread',
      standard: 'npt',
      size: '1-1/2',
      sex: 'female',
    });
    expect(holeDiameterM('p5', job, index)).toBeUndefined();
  });

  test('a terminal is what it offers; daylight is nothing', () => {
    expect(resolveEnd({ of: 'terminal', id: 'bay' }, job, index).end).toMatchObject({ standard: 'nh', swivel: true });
    expect(resolveEnd({ of: 'terminal', id: 'gravel' }, job, index).end).toBeUndefined();
  });

  test('what is gone is not known', () => {
    expect(resolveEnd({ of: 'part', id: 'gone', end: 0 }, job, index).end).toBeUndefined();
    expect(resolveEnd({ of: 'hole', id: 'gone' }, job, index).end).toBeUndefined();
    expect(resolveEnd({ of: 'terminal', id: 'gone' }, job, index).end).toBeUndefined();
  });
});
