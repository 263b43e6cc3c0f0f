import { describe, expect, it } from 'vitest';
import { CHECKS } from '../checks/registry';
import { runChecks } from '../checks/run-checks';
import { applyEdits } from '../edits/edits';
import { shippedCatalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import { blockUses } from '../parts/take-off/stand-lines';
import { tankWith } from '../test/sample-jobs';
import { fullKg } from '../walls/stand';
import type { Tank } from '../walls/tank';
import { contextOf } from './context';
import { baseLevelM } from './set-out';
import { standHolder, standingWith } from './shared-stand';

/** Three drums; the second and third share the stand of the first. */
const row = (first: Partial<Tank> = {}): Job =>
  tankWith({
    tank: { base: 'blocks', plinthM: 0.4, ...first },
    others: [
      { id: 't2', type: 'open-drum', plinthM: 0, base: 'ground', onStandOf: 't1' },
      { id: 't3', type: 'open-drum', plinthM: 1, onStandOf: 't2' },
    ],
  });
const levels = (job: Job) => {
  const { job: planned } = contextOf(job, shippedCatalogue);
  return planned.tanks.map((tank) => baseLevelM(tank, planned));
};

describe('tanks that share a stand', () => {
  it('stand as high as it, whatever was said of them before', () => expect(levels(row())).toEqual([0.4, 0.4, 0.4]));

  it('what is edited is what was said, not what follows', () =>
    expect(contextOf(row(), shippedCatalogue).said.tanks.map(({ plinthM }) => plinthM)).toEqual([0.4, 0, 1]));

  it('are carried by one row of blocks, listed once', () => {
    const { tanks } = contextOf(row(), shippedCatalogue).job;
    // Three drums of 600 mm are 1.8 m: a block every 400 mm is five along, two through; two courses.
    expect(blockUses(tanks).map(({ use, count }) => [use.place, count])).toEqual([['T1', 20]]);
  });

  it('weigh on it together: a frame that bears two drums fails under three', () => {
    const of = (ratedKg: number) =>
      runChecks(contextOf(row({ base: 'stand', ratedKg }), shippedCatalogue), CHECKS)
        .filter(({ check }) => check === 'tank/base-load')
        .map(({ at, title }) => `${at.label} ${title}`);
    const [tank] = row().tanks;
    const each = tank ? fullKg(tank) : 0;
    expect(of(2 * each + 1)).toEqual(['T1 Stand too weak']);
    expect(of(3 * each + 1)).toEqual([]);
  });

  it('one that names itself in the end stands by itself', () => {
    const whole = row();
    const job = {
      ...whole,
      tanks: whole.tanks.map((tank) => (tank.id === 't1' ? { ...tank, onStandOf: 't3' } : tank)),
    };
    expect(job.tanks.map((tank) => standHolder(tank, job.tanks).id)).toEqual(['t1', 't2', 't3']);
    const [first] = job.tanks;
    expect(first && standingWith(first, job.tanks).map(({ id }) => id)).toEqual(['t1']);
  });

  it('stay as high when the one goes that had the stand', () => {
    const edited = applyEdits(row(), [{ type: 'remove-tank', tankId: 't1' }], shippedCatalogue);
    expect(edited.ok && levels(edited.value.job)).toEqual([0.4, 0.4]);
    expect(edited.ok && edited.value.job.tanks.map(({ onStandOf }) => onStandOf)).toEqual([null, 't2']);
  });
});
