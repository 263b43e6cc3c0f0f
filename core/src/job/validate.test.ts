import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import { type Job, emptyJob } from './job';
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
    ['a terminal behind the tank', { terminals: first(job.terminals, { distanceM: -1 }) }, 'terminals[0].distanceM'],
    [
      'a terminal at the centre of the earth',
      { terminals: first(job.terminals, { dropM: 6_371_000 }) },
      'terminals[0].dropM',
    ],
  ])('%s', (_, changed, path) => expect(problems(changed)).toContain(path));

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
    ['on half an end', { of: 'part', id: 'p1-1', end: 0.5 }],
    ['on a hole that is gone', { of: 'hole', id: 'gone' }],
    ['on a terminal that is gone', { of: 'terminal', id: 'gone' }],
  ] as const)('%s', (_, ref) =>
    expect(problems({ joints: [{ ...joint, b: ref }, ...job.joints.slice(1)] })).toContain('joints[0].b'),
  );

  test('two on one end', () =>
    expect(problems({ joints: [...job.joints, { ...joint, id: 'second' }] })).toContain(
      `joints[${job.joints.length}].a`,
    ));

  test('daylight takes any number of ends', () => {
    const free = { of: 'part', id: 'p4-6', end: 1 } as const;
    expect(
      problems({
        joints: [...job.joints, { id: 'x', number: 9, a: free, b: { of: 'terminal', id: 'gravel' }, accepted: null }],
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
