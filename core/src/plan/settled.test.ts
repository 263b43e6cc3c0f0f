import { describe, expect, test } from 'vitest';
import { aboutOf, figuresOf } from '../derived/settled';
import { type Edit, applyEdits } from '../edits/edits';
import { shippedCatalogue } from '../fittings/catalogue';
import type { Finding } from '../checks/finding';
import type { Job, Settlement } from '../job/job';
import { tankWith } from '../test/sample-jobs';
import { plan } from './plan';

const made = (job: Job, ...edits: readonly Edit[]) => {
  const edited = applyEdits(job, edits, shippedCatalogue);
  if (!edited.ok) throw new Error(edited.error.message);
  return edited.value;
};
const noteOf = (job: Job, check: string): Finding | undefined => plan(job).findings.find((one) => one.check === check);
const settling = (finding: Finding, more: Partial<Settlement> = {}): Edit => ({
  type: 'settle-note',
  title: finding.title,
  settlement: {
    id: 's1',
    about: aboutOf(finding),
    because: 'works-as-it-is',
    by: 'R. Mason',
    on: '2026-11-30',
    figures: figuresOf(finding.data),
    ...more,
  },
});
const settledIn = (job: Job, check: string, more?: Partial<Settlement>) => {
  const found = noteOf(job, check);
  if (!found) throw new Error(`no ${check}`);
  return made(job, settling(found, more));
};

const OUTLET = { id: 'h', size: '3/4', heightM: 0.2, parts: [{ code: 'WBG-075' }, { code: 'NC-075' }] } as const;
/** A tank without an overflow; no standard joins the two threads at its outlet. */
const crossed = tankWith({ holes: [OUTLET] });

describe('a note that is settled by name', () => {
  test('is open no more, is counted apart, and undo opens it', () => {
    const { job, label, inverse } = settledIn(crossed, 'tank/no-overflow');
    expect(label).toBe('Settle: No overflow');
    expect(noteOf(job, 'tank/no-overflow')).toBeUndefined();
    const { settled, findings } = plan(job);
    expect(settled).toMatchObject([{ check: 'tank/no-overflow', settled: { by: 'R. Mason', on: '2026-11-30' } }]);
    expect(findings).toHaveLength(plan(crossed).findings.length - 1);
    expect(made(job, inverse).job).toEqual(crossed);
    expect(made(job, { type: 'reopen-note', id: 's1', title: 'No overflow' }).job.settlements).toEqual([]);
  });

  test('is said by the station that comes to its end with it', () => {
    const holes = (job: Job) => plan(job).stations.find(({ id }) => id === 'holes');
    const open = plan(crossed).findings.filter(({ station }) => station === 'holes');
    const job = made(crossed, ...open.map((one, at) => settling(one, { id: `s${at}` }))).job;
    expect(holes(crossed)?.peg).not.toBe('settled');
    expect(holes(job)).toMatchObject({ peg: 'settled', words: `1 settled, ${open.length} by name` });
  });

  test('comes back when its figures change, and is settled anew on those', () => {
    const shallow = tankWith({ holes: [{ ...OUTLET, heightM: 0.06 }] });
    const flat = 'hole/in-no-drill-zone';
    const { job } = settledIn(shallow, flat);
    expect(noteOf(job, flat)).toBeUndefined();
    const { job: smaller } = made(job, {
      type: 'change-field',
      in: 'penetrations',
      id: 'h',
      field: 'size',
      from: '3/4',
      to: '1',
    });
    expect(noteOf(smaller, flat)).toBeDefined();
    const { job: again } = settledIn(smaller, flat, { id: 's2' });
    expect(noteOf(again, flat)).toBeUndefined();
    expect(plan(again).settled[0]?.settled?.id).toBe('s2');
  });

  test('that can hurt somebody is acknowledged and stays open, and counted', () => {
    const buried = tankWith({ type: 'concrete', tank: { buriedM: 1.5, plinthM: 0 }, holes: [OUTLET] });
    const found = noteOf(buried, 'tank/buried-care') ?? noteOf(buried, 'tank/floats');
    expect(found?.safety).toBe(true);
    const after = plan(made(buried, settling(found!)).job);
    expect(after.findings).toHaveLength(plan(buried).findings.length);
    expect(after.findings.find(({ check }) => check === found!.check)?.settled?.by).toBe('R. Mason');
    expect(after.settled).toEqual([]);
  });

  test('is settled on its own figures where another of its kind lies at the same place', () => {
    const near = (id: string, aroundM: number) => ({
      ...OUTLET,
      id,
      aroundM,
      heightM: 0.5,
      parts: [{ code: 'WBG-075' }],
    });
    const job = tankWith({ holes: [near('h', 1), near('i', 1.05), near('j', 1.1)] });
    const pairs = (of: Job) => plan(of).findings.filter(({ check }) => check === 'hole/too-near-another');
    const before = pairs(job);
    expect(before.length).toBeGreaterThan(1);
    const first = made(job, settling(before[0]!)).job;
    expect(pairs(first)).toHaveLength(before.length - 1);
    expect(pairs(made(first, settling(pairs(first)[0]!, { id: 's2' })).job)).toHaveLength(before.length - 2);
  });

  test('is refused twice, and gone once', () => {
    const { job } = settledIn(crossed, 'tank/no-overflow');
    const again = applyEdits(job, [settling(plan(crossed).findings[0]!)], shippedCatalogue);
    expect(again).toMatchObject({ ok: false, error: { code: 'taken' } });
    expect(applyEdits(crossed, [{ type: 'reopen-note', id: 's1', title: 'x' }], shippedCatalogue)).toMatchObject({
      ok: false,
      error: { code: 'gone' },
    });
  });
});

test('a joint that is taken by name is neither missing nor holding', () => {
  const { job } = settledIn(crossed, 'joint/not-rated', { because: 'accepted' });
  const before = plan(crossed).parts.joints;
  expect(before).toMatchObject({ done: 1, of: 2 });
  expect(before.missing).toHaveLength(1);
  expect(plan(job).parts.joints).toEqual({ done: 1, of: 2, settled: 1, missing: [] });
});

test('figures read the same whatever arithmetic they came from, and not the same when one moves', () => {
  expect(figuresOf({ b: { lengthM: 0.1 + 0.2 }, a: 'x' })).toBe(figuresOf({ a: 'x', b: { lengthM: 0.3 } }));
  expect(figuresOf({ b: { lengthM: 0.3001 } })).not.toBe(figuresOf({ b: { lengthM: 0.3 } }));
});
