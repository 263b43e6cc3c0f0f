import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import { drumWith } from '../test/sample-jobs';
import type { Role } from '../walls/roles';
import { contextOf } from './context';
import { serviceAt } from './service';

const seen = (job: Job) =>
  contextOf(job, shippedCatalogue).joints.map(({ service, words }) => `${service ?? '-'}: ${words}`);

/** A bulkhead, Schedule 40 pipe, and an elbow of drain, waste and vent after it. */
const withDrainElbow = (role: Role): Job =>
  drumWith({
    overflow: false,
    hole: { roles: [role], size: '2', heightM: 0.7 },
    parts: [{ code: 'BS-200' }, { code: 'PI-200', lengthM: 0.5 }, { code: 'ED-200' }],
  });

// What the water does by what the opening is for is common practice, no source.
describe('what the water does at a joint', () => {
  test.each([
    ['overflow', 'drain: Holds with cement'],
    ['inlet', 'drain: Holds with cement'],
    ['draw-off', 'head: Fits, not rated'],
    ['link', 'head: Fits, not rated'],
    ['pump-line', 'pressure: Starts, then leaks'],
    ['tanker-fill', 'pressure: Starts, then leaks'],
  ] as const)('%s: a drainage elbow on pressure pipe: %s', (role, expected) =>
    expect(seen(withDrainElbow(role)).at(-1)).toBe(expected),
  );

  test('where an opening is for two things the worse counts', () =>
    expect(
      seen({
        ...withDrainElbow('overflow'),
        penetrations: withDrainElbow('overflow').penetrations.map((hole) => ({
          ...hole,
          roles: ['overflow', 'draw-off'],
        })),
      }).at(-1),
    ).toBe('head: Fits, not rated'));

  test('a drain stands under the tank up to its valve and runs free behind it', () => {
    const job = drumWith({
      overflow: false,
      hole: { roles: ['drain'], size: '2' },
      parts: [
        { code: 'BS-200' },
        { code: 'PI-200', lengthM: 0.2 },
        { code: 'GKD-200' },
        { code: 'PI-200', lengthM: 0.5 },
      ],
    });
    expect(seen(job).slice(-2)).toEqual(['head: Fits, not rated', 'drain: Holds with cement']);
    const { runs } = contextOf(job, shippedCatalogue);
    const [hole] = job.penetrations.filter(({ roles }) => roles.includes('drain'));
    const last = job.parts.at(-1);
    expect(serviceAt({ of: 'part', id: last?.id ?? '', end: 1 }, runs)).toBe('drain');
    expect(serviceAt({ of: 'hole', id: hole?.id ?? '' }, runs)).toBe('head');
    expect(serviceAt({ of: 'part', id: 'nowhere', end: 0 }, runs)).toBeUndefined();
  });

  test('a pump anywhere in a run puts all of it under pressure', () => {
    const pump = shippedCatalogue.list.find(({ features, ends }) => features.includes('pump') && ends.length === 2);
    const job = drumWith({
      overflow: false,
      parts: [{ code: 'BH-100' }, { code: 'NC-100' }, { code: pump?.code ?? '' }],
      hole: { size: '1' },
    });
    expect(new Set(contextOf(job, shippedCatalogue).joints.map(({ service }) => service))).toContain('pressure');
    expect(contextOf(job, shippedCatalogue).joints.at(-1)?.service).toBe('pressure');
  });

  test('an R tap on a G tank fitting holds by practice under the tank, and is not rated on the mains', () => {
    const tap = (role: Role) =>
      drumWith({ overflow: false, hole: { roles: [role] }, parts: [{ code: 'WBG-075' }, { code: 'HT-075R' }] });
    expect(seen(tap('draw-off')).at(-1)).toBe('head: Holds with tape');
    expect(seen(tap('float-fill')).at(-1)).toBe('pressure: Fits, not rated');
    const [joint] = contextOf(tap('draw-off'), shippedCatalogue).joints.slice(-1);
    expect(joint?.mating.practice).toContain('no standard');
    expect(joint?.mating.practice).toContain('ISO 7-1');
  });
});
