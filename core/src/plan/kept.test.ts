import { rising } from '../job/placed-part';
import fc from 'fast-check';
import { runs } from '../test/runs';
import { describe, expect, test } from 'vitest';
import { swingMm } from '../assembly/swing';
import { WALL_SEAL_STYLES } from '../connections/standards/wall-seals';
import { ashdown } from '../demo/ashdown';
import { kilnYard } from '../demo/kiln-yard';
import { millRow } from '../demo/mill-row';
import { quarryLane } from '../demo/quarry-lane';
import { ternPoint } from '../demo/tern-point';
import { catalogueOf, shippedCatalogue } from '../fittings/catalogue';
import { nptFemale } from '../fittings/ends';
import { NO_SOLUTIONS, type Solutions } from '../derived/solutions';
import { cutAnswer, cutQuestion } from '../parts/cutting/cut-answer';
import { cutPlan } from '../parts/cutting/cut-plan';
import { findRoutes } from '../routes/find-routes';
import { contextOf } from '../derived/context';
import { applyEdits } from '../edits/edits';
import { HEADINGS, type Job } from '../job/job';
import { indexJob, runOf } from '../derived/run';
import { STRIKES_M, runViews } from '../derived/run-view';
import { reuseEqual } from '../quantity/memoize';
import { plan } from './plan';

const DEMOS: readonly Job[] = [ternPoint(), ashdown(), kilnYard(), millRow(), quarryLane()];

type Collection = 'parts' | 'penetrations' | 'tanks' | 'terminals' | 'roofs' | 'marks' | 'joints';
/** A job with one record of a collection changed; the same job where it has none. */
function changed(job: Job, of: Collection, pick: number, change: object): Job {
  const list: readonly object[] = job[of];
  const at = pick % Math.max(1, list.length);
  return list.length === 0
    ? job
    : { ...job, [of]: list.map((one, place) => (place === at ? { ...one, ...change } : one)) };
}

const number = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });
/** One step of work on a job: a field typed or ticked, something taken out, the fix of a note pressed. */
const STEP: fc.Arbitrary<(job: Job) => Job> = fc
  .record({ pick: fc.nat(), size: number(0.05, 1.2), is: fc.boolean(), way: fc.constantFrom(...HEADINGS, null) })
  .chain(({ pick, size, is, way }) =>
    fc.constantFrom<((job: Job) => Job)[]>(
      (job) => changed(job, 'parts', pick, { slope: rising(size / 4) }),
      (job) => changed(job, 'parts', pick, { held: is, points: way }),
      (job) => changed(job, 'parts', pick, { existing: is }),
      (job) => ({
        ...job,
        parts: job.parts.map((one, place) =>
          one.lengthM !== null && place % 7 === pick % 7 ? { ...one, lengthM: size } : one,
        ),
      }),
      (job) => changed(job, 'penetrations', pick, { heightM: size }),
      (job) => changed(job, 'penetrations', pick, { aroundM: size, supported: is, comesApart: is }),
      (job) => changed(job, 'penetrations', pick, { label: `P${pick % 90}` }),
      (job) => changed(job, 'tanks', pick, { plinthM: size, dark: is }),
      (job) => changed(job, 'tanks', pick, { label: `T${pick % 90}` }),
      (job) => changed(job, 'terminals', pick, { readings: [{ from: { of: 'ground' }, downM: size, by: '' }] }),
      (job) => changed(job, 'terminals', pick, { name: `Place ${pick % 90}`, mains: is }),
      (job) => changed(job, 'roofs', pick, { areaM2: 100 * size }),
      (job) => changed(job, 'joints', pick, { madeWith: is ? [] : null }),
      (job) => ({ ...job, measures: is ? 'in-gal' : 'mm-l', drinking: is, frostPlan: is ? 'insulated' : null }),
      (job) => ({ ...job, joints: job.joints.filter((_, place) => place !== pick % job.joints.length) }),
      (job) => ({ ...job, penetrations: job.penetrations.toReversed() }),
      (job) => {
        const fixes = plan(job).findings.flatMap((finding) => finding.fixes);
        const fix = fixes[pick % Math.max(1, fixes.length)];
        const edited = fix && applyEdits(job, fix.edits, shippedCatalogue);
        return edited?.ok ? edited.value.job : job;
      },
    ),
  );

/** Every order of a job cut one piece to the bar, or the quick plan the other way round: answers that the quick plan is not. */
function solvedCuts(job: Job, turned: boolean): Solutions {
  const cuts = plan(job).parts.cuts.map(({ order }) => {
    const bars = turned
      ? cutPlan(order).bars.toReversed()
      : order.pieces.map((piece) => ({ stockM: 99, onHand: false, pieces: [piece], offCutM: 99 - piece.lengthM }));
    return [cutQuestion(order), cutAnswer(order, { plan: bars, leastBars: 1, mostLeftM: 99 })] as const;
  });
  return { ...NO_SOLUTIONS, cuts: new Map(cuts) };
}

/** All that a plan says, with the fixes of its notes, as plain data. */
function saidBy(job: Job, solutions = NO_SOLUTIONS): unknown {
  const { findings, parts, stations, joints } = plan(job, shippedCatalogue, solutions);
  return structuredClone({
    findings: findings.map((finding) => ({ ...finding })),
    parts,
    stations,
    joints,
  });
}

describe('what is kept from one plan to the next', () => {
  test('changes nothing: a plan made after others says what one made alone says', () =>
    fc.assert(
      fc.property(fc.constantFrom(...DEMOS), fc.array(STEP, { minLength: 1, maxLength: 12 }), (demo, steps) => {
        let job = demo;
        plan(job);
        for (const step of steps) {
          job = step(job);
          expect(saidBy(job)).toEqual(saidBy(structuredClone(job)));
        }
        // Undone: the first job again, after all that came since.
        expect(saidBy(demo)).toEqual(saidBy(structuredClone(demo)));
      }),
      { numRuns: runs(6, 400) },
    ));

  test('a plan is a function of its job, its catalogue and its solutions, whatever the process did before', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...DEMOS),
        fc.array(STEP, { minLength: 1, maxLength: 4 }),
        fc.boolean(),
        (demo, steps, turned) => {
          const job = steps.reduce((now, step) => step(now), demo);
          const solved = solvedCuts(job, turned);
          const before = [saidBy(job), saidBy(job, solved)];
          // Others ask in between: other jobs, other catalogues, other answers to the same questions, a search.
          for (const other of DEMOS) plan(other, shippedCatalogue, solvedCuts(other, !turned));
          plan(job, catalogueOf(shippedCatalogue.list.slice(0, 2000), new Map([['PI-075', 9]])));
          plan(job, shippedCatalogue, solvedCuts(job, !turned));
          findRoutes({ end: nptFemale('3/4') }, { end: nptFemale('1') }, shippedCatalogue, { limit: 3 });
          expect([saidBy(structuredClone(job)), saidBy(structuredClone(job), solved)]).toEqual(before);
          expect([saidBy(job), saidBy(job, solved)]).toEqual(before);
        },
      ),
      { numRuns: runs(3, 100) },
    ));

  test('is the run, its joints and what is seen from it, where only another run was changed', () => {
    const job = ternPoint();
    const before = contextOf(job, shippedCatalogue);
    const other = job.penetrations.find(({ id }) => id === 'p4');
    const part = before.runs.find(({ penetration }) => penetration === other)?.strands[0]?.items.at(-1)?.placed;
    const longer = { ...job, parts: job.parts.map((one) => (one === part ? { ...one, lengthM: 0.77 } : one)) };
    const after = contextOf(longer, shippedCatalogue);
    const changedRuns = after.runs.filter((run, place) => run !== before.runs[place]);
    expect(changedRuns.map(({ penetration }) => penetration.id)).toEqual(['p4']);
    const seen = runViews(before);
    const others = runViews(after).filter(({ inWater }, place) => inWater !== seen[place]?.inWater);
    expect(others.map(({ dry }) => dry.runs[0]?.penetration.id)).toEqual(['p4']);
    expect(after.joints.filter((joint, place) => joint !== before.joints[place])).toEqual([]);
  });

  test('is what does not ask for the water, where only its level was changed', () => {
    const job = ternPoint();
    const before = runViews(contextOf(job, shippedCatalogue));
    // The overflow of the one tank says how high the water stands in both.
    const lower = job.penetrations.map((one) => (one.roles.includes('overflow') ? { ...one, heightM: 0.9 } : one));
    const after = runViews(contextOf({ ...job, penetrations: lower }, shippedCatalogue));
    const kept = (seen: 'dry' | 'inWater') =>
      after.filter((view, place) => view[seen] === before[place]?.[seen]).length;
    expect(kept('inWater')).toBe(0);
    expect(kept('dry')).toBeGreaterThan(job.penetrations.length / 2);
  });

  test('is seen with every opening that a part of the catalogue could strike', () => {
    const swingM = Math.max(...shippedCatalogue.list.map(swingMm)) / 1000;
    const flangeM = Math.max(...WALL_SEAL_STYLES.flatMap(({ sizes }) => sizes.map((size) => size.flangeMm / 2000)));
    expect(swingM + flangeM).toBeLessThan(STRIKES_M);
  });

  test('is not a run whose end was joined to something since', () => {
    const job = ternPoint();
    const [hole] = job.penetrations;
    if (!hole) throw new RangeError('no opening');
    const empty = runOf(hole, indexJob({ ...job, joints: [] }, shippedCatalogue));
    expect(empty.strands[0]?.items).toEqual([]);
    expect(runOf(hole, indexJob(job, shippedCatalogue)).strands[0]?.items.length).toBeGreaterThan(0);
  });
});

test('what is made alike again is the object that was made before', () => {
  const again = reuseEqual<object, { readonly a: number }>();
  const [key, first] = [{}, { a: 1 }];
  expect(again(key, first)).toBe(first);
  expect(again(key, { a: 1 })).toBe(first);
  const second = { a: 2 };
  expect([again(key, second), again({}, { a: 1 })]).toEqual([second, { a: 1 }]);
  expect(again(key, { a: 2 })).toBe(second);
});
