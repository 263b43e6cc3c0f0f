import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import { validateJob } from '../job/validate';
import { plan } from '../plan/plan';
import { provenList } from '../parts/proven-list';
import { ashdown } from './ashdown';
import { kilnYard } from './kiln-yard';
import { millRow } from './mill-row';
import { quarryLane } from './quarry-lane';
import { ternPoint } from './tern-point';

const DEMOS = [ashdown, kilnYard, millRow, quarryLane, ternPoint];
const station = (job: Job, id: string): string => {
  const found = plan(job).stations.find((one) => one.id === id);
  return `${found?.peg}: ${found?.words}`;
};
/** What fails or is open at Tanks and Holes, beside openings whose run is not begun. */
const pressing = (job: Job): string[] =>
  plan(job)
    .findings.filter(
      ({ check, severity }) =>
        (check.startsWith('tank/') || check.startsWith('hole/')) &&
        check !== 'hole/nothing-behind' &&
        (severity === 'fails' || severity === 'unknown'),
    )
    .map(({ check, at }) => `${check} ${at.label}`);

test.each(DEMOS.map((make) => [make.name, make] as const))(
  '%s is a valid document, with a name of its own',
  (_, make) => {
    expect(validateJob(make(), shippedCatalogue)).toEqual([]);
    expect(DEMOS.filter((other) => other().name === make().name)).toHaveLength(1);
  },
);

describe('four are whole, each by a pattern in its own region and money', () => {
  test.each([
    [ashdown, 'UK', 'GBP'],
    [kilnYard, 'EU', 'EUR'],
    [millRow, 'ANZ', 'AUD'],
    [quarryLane, 'US', 'USD'],
  ] as const)('%o', (make, region, currency) => {
    const job = make();
    expect([job.region, job.currency]).toEqual([region, currency]);
    const { ends, joints, holes, lengths, listed, questions } = provenList(plan(job));
    for (const { done, of } of [ends, joints, holes, lengths, listed]) expect(done).toBe(of);
    expect(listed.of).toBeGreaterThan(40);
    expect(questions).toEqual([]);
    expect(station(job, 'holes')).toMatch(/^settled/);
    expect(station(job, 'runs')).toMatch(/^settled/);
  });
  test.each([ashdown, kilnYard, millRow])('%o fails nowhere', (make) =>
    expect(plan(make()).findings.filter(({ severity }) => severity === 'fails')).toEqual([]),
  );
});

describe('two show what is open', () => {
  test('Quarry Lane waits for the plate of its trailer', () =>
    expect(pressing(quarryLane())).toEqual(['tank/base-load T1']));
  test('Tern Point keeps its mistakes: one nut that no hand reaches', () =>
    expect(pressing(ternPoint())).toEqual(['hole/no-way-to-nut P4']));
});

test('they stand in all four regions, by their measures and threads', () =>
  expect(DEMOS.map((make) => make().measures)).toEqual(['mm-l', 'mm-l', 'mm-l', 'in-gal', 'in-gal']));
