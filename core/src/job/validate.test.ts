import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import { AS_ASKED, type Job, emptyJob } from './job';
import { belowGround, newInflow, newMark } from './places';
import { validateJob } from './validate';

const job = ternPoint();
const problems = (changed: Partial<Job>): readonly string[] =>
  validateJob({ ...job, ...changed }, shippedCatalogue).map(({ path }) => path);
const first = <One>(list: readonly One[], change: Partial<One>): One[] =>
  list.map((one, index) => (index === 0 ? { ...one, ...change } : one));

test('the demo and an empty job are sound', () => {
  expect(problems({})).toEqual([]);
  expect(validateJob(emptyJob('New', 'mm-l'), shippedCatalogue)).toEqual([]);
});

describe('what contradicts itself is named by its path', () => {
  test.each<readonly [string, Partial<Job>, string]>([
    ['no name', { name: '  ' }, 'name'],
    ['a roof of nothing', { roofs: first(job.roofs, { planAreaM2: 0 }) }, 'roofs[0].planAreaM2'],
    ['a tank of no type', { tanks: first(job.tanks, { type: 'teapot' }) }, 'tanks[0].type'],
    ['a tank of nothing', { tanks: first(job.tanks, { capacityM3: 0 }) }, 'tanks[0].capacityM3'],
    ['a tank as large as a lake', { tanks: first(job.tanks, { capacityM3: 9e9 }) }, 'tanks[0].capacityM3'],
    ['a diameter of no number', { tanks: first(job.tanks, { diameterM: Number.NaN }) }, 'tanks[0].diameterM'],
    ['a brim above the lid', { tanks: first(job.tanks, { brimM: 2 }) }, 'tanks[0].brimM'],
    ['a wall below nothing', { tanks: first(job.tanks, { wallM: -0.01 }) }, 'tanks[0].wallM'],
    ['a plinth below the ground', { tanks: first(job.tanks, { plinthM: -1 }) }, 'tanks[0].plinthM'],
    ['a hole in no tank', { penetrations: first(job.penetrations, { tankId: 'gone' }) }, 'penetrations[0].tankId'],
    ['a hole for nothing', { penetrations: first(job.penetrations, { roles: [] }) }, 'penetrations[0].roles'],
    ['a hole above the lid', { penetrations: first(job.penetrations, { heightM: 1.5 }) }, 'penetrations[0].heightM'],
    [
      'a hole below the base',
      { penetrations: first(job.penetrations, { heightM: -0.001 }) },
      'penetrations[0].heightM',
    ],
    [
      'a hole further round than the tank',
      { penetrations: first(job.penetrations, { aroundM: 3.68 }) },
      'penetrations[0].aroundM',
    ],
    ['a hole of nothing', { penetrations: first(job.penetrations, { holeM: 0 }) }, 'penetrations[0].holeM'],
    ['a port nobody can read', { penetrations: first(job.penetrations, { port: '3/4 XYZ' }) }, 'penetrations[0].port'],
    ['a part of no catalogue', { parts: first(job.parts, { code: 'OWN-1' }) }, 'parts[0].code'],
    ['a piece with a length', { parts: first(job.parts, { lengthM: 1 }) }, 'parts[0].lengthM'],
    ['a terminal that offers nonsense', { terminals: first(job.terminals, { offers: 'tea' }) }, 'terminals[0].offers'],
    [
      'a height read from a nail that is not there',
      { terminals: first(job.terminals, { readings: [{ from: { of: 'mark', id: 'nail' }, by: 'tape', downM: 1 }] }) },
      'terminals[0].readings[0].from',
    ],
    ['a roof of cheese', { roofs: first(job.roofs, { material: 'cheese' }) }, 'roofs[0].material'],
    ['a roof that falls into nothing', { roofs: first(job.roofs, { into: 'p99' }) }, 'roofs[0].into'],
    [
      'an inflow of a river',
      { inflows: [newInflow({ id: 'i', name: 'river', kind: 'other', rateM3s: 500 })] },
      'inflows[0].rateM3s',
    ],
    [
      'ground at a place that is not there',
      { marks: [newMark({ id: 'g', name: 'ground', kind: 'ground', at: 'gone' })] },
      'marks[0].at',
    ],
    [
      'a terminal behind the tank',
      { terminals: first(job.terminals, { placed: { by: 'away', distanceM: -1 } }) },
      'terminals[0].placed.distanceM',
    ],
    [
      'a terminal at the centre of the earth',
      { terminals: first(job.terminals, { readings: belowGround(6_371_000) }) },
      'terminals[0].readings[0].downM',
    ],
    ['a tax above all that is asked', { taxPercent: 51 }, 'taxPercent'],
    ['a tax below nothing', { taxPercent: -1 }, 'taxPercent'],
    [
      'a nipple that is left long',
      { parts: job.parts.map((part) => (part.lengthM === null ? { ...part, lengthKind: 'left-long' } : part)) },
      `parts[${job.parts.findIndex(({ code }) => code === 'NC-075')}].lengthKind`,
    ],
    [
      'trimmed later, but cut to the plan',
      { parts: job.parts.map((part) => (part.lengthM === null ? part : { ...part, trimAt: 'backfill' })) },
      `parts[${job.parts.findIndex(({ lengthM }) => lengthM !== null)}].trimAt`,
    ],
  ])('%s', (_, changed, path) => expect(problems(changed)).toContain(path));

  test.each<readonly [string, Partial<Job['tanks'][number]>, string]>([
    ['a base of no width', { baseDiameterM: 0 }, 'tanks[0].baseDiameterM'],
    ['a way in wider than the tank', { accessM: 3 }, 'tanks[0].accessM'],
    ['a way in below nothing', { accessM: -0.1 }, 'tanks[0].accessM'],
    ['as deep as a mine', { buriedM: 31 }, 'tanks[0].buriedM'],
    ['anchors that pull up', { anchorKg: -1 }, 'tanks[0].anchorKg'],
    ['a stand rated for nothing', { ratedKg: 0 }, 'tanks[0].ratedKg'],
    ['a wall thicker than its brim is high', { wallM: 0.4, brimM: 0.3 }, 'tanks[0].wallM'],
    ['a metered level on the floor', { metered: [{ levelM: 0, volumeM3: 0.1 }] }, 'tanks[0].metered[0].levelM'],
    ['a metered level above the brim', { metered: [{ levelM: 1.2, volumeM3: 0.1 }] }, 'tanks[0].metered'],
    [
      'a metered fill that goes down',
      {
        metered: [
          { levelM: 0.3, volumeM3: 0.3 },
          { levelM: 0.4, volumeM3: 0.2 },
        ],
      },
      'tanks[0].metered',
    ],
    ['half a plank', { planks: { count: 0.5, widthM: 0.1, thickM: 0.05, spanM: 0.5 } }, 'tanks[0].planks.count'],
    ['planks of no thickness', { planks: { count: 4, widthM: 0.1, thickM: 0, spanM: 0.5 } }, 'tanks[0].planks.thickM'],
    [
      'a pump wider than the tank',
      { pump: { diameterM: 2, lengthM: 0.3, intakeM: 0.1, fromLeftM: 0.5, fromFrontM: 0.5 } },
      'tanks[0].pump',
    ],
    [
      'a pump that draws from above the brim',
      { pump: { diameterM: 0.2, lengthM: 0.3, intakeM: 1.3, fromLeftM: 0.5, fromFrontM: 0.5 } },
      'tanks[0].pump',
    ],
  ])('of a tank: %s', (_, change, path) => expect(problems({ tanks: first(job.tanks, change) })).toContain(path));

  test.each<readonly [string, Partial<Job['penetrations'][number]>, string]>([
    ['in a face the tank does not have', { face: 'front' }, 'penetrations[0].face'],
    ['in front of the top', { depthM: -0.1 }, 'penetrations[0].depthM'],
    ['a depth on a wall', { face: 'wall', depthM: 0.2 }, 'penetrations[0].depthM'],
    ['a hole larger than the top', { holeM: 1.2 }, 'penetrations[0].holeM'],
    ['a float valve that shuts below nothing', { shutsM: 0 }, 'penetrations[0].shutsM'],
    ['a use of a port that is none', { portUse: 'plug' }, 'penetrations[0].portUse'],
  ])('of an opening: %s', (_, change, path) =>
    expect(problems({ penetrations: first(job.penetrations, change) })).toContain(path),
  );

  test.each<readonly [keyof Job, number]>([
    ['armM', 0],
    ['armM', 3],
    ['sedimentM', -0.01],
    ['groundWaterM', 31],
    ['frostM', 9],
    ['groundKpa', 0],
    ['stormMmPerH', 0],
    ['stormMmPerH', 9999],
  ])('of the site: %s of %d', (figure, value) => expect(problems({ [figure]: value })).toEqual([figure]));

  test('a length of nothing', () => {
    const hose = job.parts.findIndex(({ code }) => code === 'HO-100');
    expect(
      problems({ parts: job.parts.map((part, index) => (index === hose ? { ...part, lengthM: 0 } : part)) }),
    ).toEqual([`parts[${hose}].lengthM`]);
  });

  test('two of one id', () => {
    const [tank] = job.tanks;
    if (!tank) throw new Error('no tank');
    expect(problems({ tanks: [...job.tanks, tank] })).toContain('tanks[2].id');
  });
});

describe('joints', () => {
  const [joint] = job.joints;
  if (!joint) throw new Error('no joint');

  test.each([
    ['on a part that is gone', { of: 'part', id: 'gone', end: 0 }],
    ['on an end the part does not have', { of: 'part', id: 'p1-1', end: 7 }],
    ['on a hole that is gone', { of: 'hole', id: 'gone' }],
    ['on a terminal that is gone', { of: 'terminal', id: 'gone' }],
  ] as const)('%s', (_, ref) =>
    expect(problems({ joints: [{ ...joint, b: ref }, ...job.joints.slice(1)] })).toContain('joints[0].b'),
  );

  test('on half an end', () =>
    expect(
      problems({ joints: [{ ...joint, b: { of: 'part', id: 'p1-1', end: 0.5 } }, ...job.joints.slice(1)] }),
    ).toContain('joints[0].b.end'));

  test('two on one end', () =>
    expect(problems({ joints: [...job.joints, { ...joint, id: 'second' }] })).toContain(
      `joints[${job.joints.length}].a`,
    ));

  test('daylight takes any number of ends', () => {
    const free = { of: 'part', id: 'p4-6', end: 1 } as const;
    expect(
      problems({
        joints: [...job.joints, { id: 'x', a: free, b: { of: 'terminal', id: 'gravel' }, ...AS_ASKED }],
      }),
    ).toEqual([]);
  });
});

test('every problem has words that say what it must be', () => {
  for (const { message } of validateJob(
    { ...job, name: '', tanks: first(job.tanks, { wallM: 9, capacityM3: -1 }) },
    shippedCatalogue,
  ))
    expect(message).toMatch(/\w+.*\.$/);
});
