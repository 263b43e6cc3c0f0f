import { bench, describe } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { wayCapacities } from '../falls/capacity';
import { drainLegs } from '../falls/drain';
import { heightBudgets } from '../falls/height-budget';
import { stakes } from '../falls/stakes';
import { standWindow } from '../falls/stand-window';
import { contextOf } from '../derived/context';
import { shippedCatalogue } from '../fittings/catalogue';
import { nptFemale, nptMale } from '../fittings/ends';
import { mate } from '../connections/mate';
import type { Job } from '../job/job';
import { type Edit, applyEdits } from '../edits/edits';
import { nextParts } from '../routes/next-parts';
import { type CutOrder, cutPlan, leastBars } from '../parts/cutting/cut-plan';
import { tankWith } from '../test/sample-jobs';
import { plan } from './plan';

const job = ternPoint();
const height = job.penetrations.find(({ id }) => id === 'p4')?.heightM;

/** A string of 60 parts on one drum: nipples and valves in turn, a pipe that is measured at each keystroke. */
const PIECES = 60;
const long = tankWith({
  holes: [
    {
      id: 'h',
      parts: [
        { code: 'BS-075' },
        ...Array.from({ length: PIECES - 2 }, (_, place) =>
          place % 2 === 0 ? { code: 'PI-075', lengthM: 0.2 } : { code: place % 4 === 1 ? 'VS-075' : 'TS-075' },
        ),
        { code: 'PI-075', lengthM: 1 },
      ],
    },
  ],
});
/** Twelve drums, ninety openings, a thousand parts. */
const large = tankWith({
  others: Array.from({ length: 11 }, (_, place) => ({ id: `t${place + 2}`, type: 'open-drum' })),
  holes: Array.from({ length: 90 }, (_, hole) => ({
    id: `h${hole}`,
    label: `P${hole + 1}`,
    tankId: `t${(hole % 12) + 1}`,
    heightM: 0.1 + 0.09 * Math.floor(hole / 12),
    aroundM: 0.2 * Math.floor(hole / 12),
    parts: [
      { code: 'BS-075' },
      ...Array.from({ length: 10 }, (_, place) =>
        place % 2 === 0
          ? { code: 'PI-075', lengthM: 0.2 + 0.01 * ((place + hole) % 40) }
          : { code: place % 4 === 1 ? 'VS-075' : 'ES-075' },
      ),
    ],
  })),
});
const cuts: CutOrder = {
  pieces: Array.from({ length: 120 }, (_, place) => ({ label: 'P1', lengthM: 0.2 + ((place * 37) % 110) / 50 })),
  stockM: [3.048, 6.096],
  offCutsM: [1.2, 2.1],
  kerfM: 0.003,
};

/** What a press on the string does: the edit, and everything that follows from it. */
const editAndPlan = (edit: Edit): void => {
  const edited = applyEdits(long, [edit], shippedCatalogue);
  if (!edited.ok) throw new Error(edited.error.message);
  plan(edited.value.job);
};

/** As it is while somebody types: each time a record of the job is another. */
function typing(start: Job, change: (job: Job, step: number) => Job): () => void {
  let now = start;
  let step = 0;
  plan(now);
  return () => {
    now = change(now, ++step);
    plan(now);
  };
}
const longer = (from: Job, step: number): Job => ({
  ...from,
  parts: from.parts.map((part, place) => (place === 3 ? { ...part, lengthM: 0.3 + (step % 100) / 1000 } : part)),
});
const higher = (from: Job, step: number): Job => ({
  ...from,
  penetrations: from.penetrations.map((hole, place) =>
    place === 3 ? { ...hole, heightM: 0.3 + (step % 100) / 1000 } : hole,
  ),
});

describe('a job opened: nothing is known of it yet', () => {
  bench('plan of Tern Point', () => void plan(structuredClone(job)));
  bench('plan of 12 tanks, 90 openings, 990 parts', () => void plan(structuredClone(large)), { time: 2000 });
});

describe('within one frame (16 ms)', () => {
  bench('plan of Tern Point, a length typed', typing(job, longer));
  bench('plan of Tern Point, a height typed', typing(job, higher));
  bench('plan of 12 tanks, 90 openings, 990 parts, a length typed', typing(large, longer), { time: 2000 });
  bench('plan of 12 tanks, 90 openings, 990 parts, a height typed', typing(large, higher), { time: 2000 });
  bench('quick cut plan of 120 pieces, with its bound', () => {
    cutPlan(cuts);
    leastBars(cuts);
  });
  // What is drawn and said while a tank is dragged: judged anew at every move of the pointer.
  bench('a tank raised: heights, ways from the gutter, falls, window, stakes', () => {
    const raised = contextOf(
      { ...job, tanks: job.tanks.map((tank) => ({ ...tank, plinthM: tank.plinthM + 0.01 })) },
      shippedCatalogue,
    );
    wayCapacities(raised);
    heightBudgets(raised);
    drainLegs(raised);
    stakes(raised);
    for (const tank of raised.job.tanks) standWindow(tank, raised);
  });
  bench('one edit, validated', () =>
    void applyEdits(
      job,
      [{ type: 'change-field', in: 'penetrations', id: 'p4', field: 'heightM', from: height ?? 0, to: 0.3 }],
      shippedCatalogue,
    ));
  bench('next part over the whole catalogue', () => void nextParts({ end: nptFemale('3/4') }, shippedCatalogue));
  bench('a length typed in a string of 60 parts, planned anew', () =>
    editAndPlan({ type: 'change-field', in: 'parts', id: 'h-30', field: 'lengthM', from: 0.2, to: 0.25 }));
  bench('a part moved in a string of 60 parts, planned anew', () =>
    editAndPlan({
      type: 'move-stretch',
      first: { of: 'part', id: 'h-21', end: 0 },
      last: { of: 'part', id: 'h-22', end: 1 },
      to: { at: 'joint', jointId: 'h-j41', firstToA: true, newJointId: 'moved' },
    }));
  bench('mate two threads', () => void mate(nptMale('3/4'), nptFemale('3/4')));
});
