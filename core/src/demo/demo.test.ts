import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import { validateJob } from '../job/validate';
import { plan } from '../plan/plan';
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

describe('each shows another stage', () => {
  test('Ashdown: tanks and holes settled', () => {
    expect(pressing(ashdown())).toEqual([]);
    expect(station(ashdown(), 'holes')).toBe('settled: 5 settled');
  });
  test('Kiln Yard: in trouble, on purpose', () =>
    expect(pressing(kilnYard())).toEqual(['hole/in-no-drill-zone P3', 'hole/overflow-too-small P2']));
  test('Mill Row: one seal not chosen', () => expect(pressing(millRow())).toEqual(['hole/no-seal P7']));
  test('Quarry Lane: waits for the plate of the trailer', () => {
    expect(pressing(quarryLane())).toEqual(['tank/base-load T1']);
    expect(station(quarryLane(), 'holes')).toBe('settled: 4 settled');
  });
  test('Tern Point: one nut that no hand reaches', () =>
    expect(pressing(ternPoint())).toEqual(['hole/no-way-to-nut P4']));
});

test('they stand in all four regions, by their measures and threads', () =>
  expect(DEMOS.map((make) => make().measures)).toEqual(['mm-l', 'mm-l', 'mm-l', 'in-gal', 'in-gal']));
