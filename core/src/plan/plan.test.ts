import { twoDrums } from '../test/layouts';
import { describe, expect, test } from 'vitest';
import { fillText } from '../quantity/values';
import { drumWith } from '../test/sample-jobs';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import { answered } from '../edits/change-field';
import { applyEdits } from '../edits/edits';
import { emptyJob } from '../job/job';
import { validateJob } from '../job/validate';
import { plan } from './plan';

const pegs = (job: Parameters<typeof plan>[0]) =>
  Object.fromEntries(plan(job).stations.map(({ id, peg, words }) => [id, `${peg}: ${words}`]));

describe('Tern Point', () => {
  const job = ternPoint();

  test('is a valid document with its deliberate mistake and its deliberate unknown', () => {
    expect(validateJob(job, shippedCatalogue)).toEqual([]);
    const found = plan(job).findings.map(({ check, at }) => `${check} ${at.label}`);
    expect(found).toEqual([
      'joint/false-friend P4 J5',
      'run/end-open P4',
      'run/length-not-known P3',
      'hole/no-way-to-nut P4',
      'hole/water-left-behind P4',
      'joint/material-caution P3 J2',
      'run/no-shut-off P3',
      'run/sucks-air P4',
    ]);
  });

  test('every other joint holds', () =>
    expect(plan(job).parts.joints).toEqual({ done: 41, of: 42, missing: ['P4 J5 starts, then leaks'] }));

  test('its pegs say so', () =>
    expect(pegs(job)).toMatchObject({
      tanks: 'settled: 2 settled',
      holes: 'under-way: 1 to check',
      runs: 'trouble: 1 leaks, 1 end open',
      site: 'under-way: 4 to measure',
    }));

  test('names of joints are given once', () => {
    const labels = plan(job).joints.map(({ name }) => name);
    expect(new Set(labels).size).toBe(labels.length);
  });

  test('every first fix taken, and the gap measured, settles all but what costs and what is good to know', () => {
    let now = job;
    for (let turn = 0; turn < 10; turn++) {
      const open = plan(now).findings.find(
        ({ severity, fixes, question }) => severity !== 'costs' && (fixes.length > 0 || question),
      );
      if (!open) break;
      const edits = open.fixes[0]?.edits ?? [answered(open.question!.edit, 0.4)];
      const edited = applyEdits(now, edits, shippedCatalogue);
      if (!edited.ok) throw new Error(edited.error.message);
      now = edited.value.job;
    }
    expect(plan(now).findings.filter(({ severity }) => severity === 'fails' || severity === 'unknown')).toEqual([]);
    // 40 joints, one more for the adapter, two more for the hose end and the bay.
    expect(pegs(now)).toMatchObject({ runs: 'settled: 45 joints hold' });
  });

  test('findings come worst first and in the job’s own measures', () => {
    const { findings } = plan({ ...job, measures: 'mm-l' });
    const water = findings.find(({ check }) => check === 'hole/water-left-behind');
    expect(water && fillText(water.text, water.data, 'mm-l')).toContain('203 mm');
  });
});

describe('pegs of a job that grows', () => {
  test('nothing yet', () =>
    expect(pegs(emptyJob('New', 'in-gal'))).toMatchObject({
      tanks: 'not-begun: not begun',
      holes: 'waits: waits on Tanks',
      runs: 'waits: waits on Holes',
      parts: 'waits: waits on Runs',
    }));
  test('a bare hole is to be sealed yet', () =>
    expect(pegs(drumWith({ hole: {} })).holes).toBe('under-way: 1 to check'));
  test('a tap on a drum is settled', () => {
    const settled = pegs(drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] }));
    expect(settled).toMatchObject({ holes: 'settled: 2 settled', runs: 'settled: 5 joints hold' });
    expect(settled.parts).toMatch(/^settled/);
  });
});

test('a site on which only tanks are set out is not “not begun”', () => {
  const site = (job: Parameters<typeof plan>[0]) => plan(job).stations.find(({ id }) => id === 'site');
  const tanks = { ...twoDrums(), terminals: [], parts: [], joints: [] };
  expect(site(tanks)).toMatchObject({ peg: 'settled', words: 'tanks set out' });
  const nowhere = { ...tanks, tanks: tanks.tanks.map((tank) => ({ ...tank, placed: null })) };
  expect(site(nowhere)?.words).toBe('not begun');
});
