import { describe, expect, it } from 'vitest';
import { inSpaceOf } from '../assembly/in-space';
import { strikesOf } from '../assembly/strikes';
import { CHECKS } from '../checks/registry';
import { runChecks } from '../checks/run-checks';
import { applyEdits } from '../edits/edits';
import { shippedCatalogue } from '../fittings/catalogue';
import type { EndRef, Job } from '../job/job';
import { appendChain } from '../routes/chain-edits';
import { waysFound } from '../test/ways-found';
import { crateOverflow, placesOnly, twoDrums } from '../test/layouts';
import { contextInSpace } from './context-in-space';
import { triedWays } from './tried-ways';

/** A job with a way taken. */
function taken(job: Job, at: EndRef, way: Parameters<typeof appendChain>[2], to: EndRef): Job {
  const edited = applyEdits(job, appendChain(job, at, way, '', to).edits, shippedCatalogue);
  if (!edited.ok) throw new Error(edited.error.message);
  return edited.value.job;
}

/** The crate with its gasket in the wall, and nothing on it. */
function sealedCrate(): Job {
  const crate = crateOverflow();
  const isSeal = (id: string): boolean => crate.parts.some((part) => part.id === id && part.code === 'PG-110M');
  return {
    ...crate,
    region: 'UK',
    parts: crate.parts.filter(({ id }) => isSeal(id)),
    joints: crate.joints.filter(({ a, b }) => a.of === 'hole' && isSeal(b.id)),
  };
}

describe('an overflow is finished to a gully', () => {
  const job = sealedCrate();
  const [seal] = job.parts;
  if (!seal) throw new Error('no seal');
  const at: EndRef = { of: 'part', id: seal.id, end: 1 };
  const to: EndRef = { of: 'terminal', id: 'gully' };
  const { ways } = triedWays(job, shippedCatalogue, at, to, { home: 'UK' });

  it('first by the way that drops at the tank and falls all along the ground', () => {
    const [way] = ways;
    if (!way) throw new Error('no way');
    const done = contextInSpace(taken(job, at, way, to), shippedCatalogue);
    const [space] = [...inSpaceOf(done).values()];
    expect(space?.gaps.map(({ distanceM }) => distanceM)).toEqual([expect.closeTo(0, 3)]);
    // Its level piece falls by what a drain of this job does, 1 in 100 unless somebody says otherwise; seen over its length.
    const falls = done.job.parts.filter(({ slope }) => slope !== null);
    expect(falls.map(({ slope }) => slope)).toEqual([{ by: 'fall', fallShare: 0.01 }]);
    expect(Math.max(...done.job.parts.map(({ lengthM }) => lengthM ?? 0))).toBe(falls[0]?.lengthM);
    const said = runChecks(done, CHECKS).map(({ check }) => check);
    for (const check of [
      'run/falls-too-little',
      'run/falls-back',
      'run/wet-line',
      'run/runs-into',
      'run/ends-do-not-meet',
    ])
      expect(said).not.toContain(check);
  });

  it('never in a pipe that is smaller than the opening asks', () =>
    expect(ways.flatMap(({ links }) => links).every(({ part }) => !/^(75|90)/.test(part.size))).toBe(true));

  it('not at all, where nobody knows which way the gully looks', () => {
    const unsaid = { ...job, terminals: job.terminals.map((one) => ({ ...one, looks: null })) };
    expect(triedWays(unsaid, shippedCatalogue, at, to, { home: 'UK' })).toEqual({
      ways: [],
      placed: false,
      against: [],
    });
  });
});

it('a way that leads through a tank is not offered', () => {
  const drums = placesOnly(twoDrums());
  const [first] = drums.tanks;
  if (!first) throw new Error('no tank');
  // A third drum, as wide as both and lower, between the two bungs.
  const between: Job = {
    ...drums,
    region: 'US',
    tanks: [
      ...drums.tanks,
      {
        ...first,
        id: 't3',
        label: 'T3',
        plinthM: 0,
        heightM: 0.49,
        brimM: 0.48,
        placed: first.placed?.by === 'wall' ? { ...first.placed, alongM: 0.305 } : first.placed,
      },
    ],
  };
  const [at, to] = [
    { of: 'hole', id: 't1-o' },
    { of: 'hole', id: 't2-o' },
  ] as const;
  const strikes = (way: Parameters<typeof appendChain>[2]) =>
    strikesOf(contextInSpace(taken(between, at, way, to), shippedCatalogue)).length;
  expect(waysFound(between, at, to, { home: 'US' }).some((way) => strikes(way) > 0)).toBe(true);
  const told: number[] = [];
  const tried = triedWays(between, shippedCatalogue, at, to, { home: 'US' }, ({ ways }) => told.push(ways.length));
  for (const way of tried.ways) expect(strikes(way)).toBe(0);
  // Why the others are not offered is said; those that are come as they are found.
  expect(tried.against).toContain('Runs into a tank');
  expect(told.length).toBeGreaterThan(tried.ways.length);
  expect(triedWays(drums, shippedCatalogue, at, to, { home: 'US' }).ways.length).toBeGreaterThan(0);
});
