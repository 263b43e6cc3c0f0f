import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import { validateJob } from '../job/validate';
import { plan } from '../plan/plan';
import { provenList } from '../parts/proven-list';
import { OVERFLOW, drumWith, linkedDrums, place, tankWith } from '../test/sample-jobs';
import { applyEdits } from './edits';
import { type OneMore, oneMoreHole, oneMoreRun, oneMoreTank } from './one-more';

function made(job: Job, { edits }: Pick<OneMore, 'edits'>): Job {
  const edited = applyEdits(job, edits, shippedCatalogue);
  if (!edited.ok) throw new Error(edited.error.message);
  return edited.value.job;
}
const codesOf = (job: Job, holeId: string): readonly string[] =>
  plan(job)
    .runs.find(({ penetration }) => penetration.id === holeId)!
    .strands.flatMap(({ items }) => items.map(({ part }) => part.code));
const complete = (job: Job) => provenList(plan(job)).listed.missing;

describe('one more tank', () => {
  const drum = drumWith({
    parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'T-075' }, { code: 'HT-075M' }],
    hole: { name: 'Tap' },
  });

  test('is a drum with its openings and runs, as the first is; four of them are three presses', () => {
    let job = drum;
    for (let press = 0; press < 3; press++) job = made(job, oneMoreTank(job, shippedCatalogue, 't1'));
    expect(job.tanks.map(({ label }) => label)).toEqual(['T1', 'T2', 'T3', 'T4']);
    expect(job.penetrations).toHaveLength(8);
    const first = codesOf(job, 'h');
    for (const hole of job.penetrations.filter(({ name }) => name === 'Tap'))
      expect(codesOf(job, hole.id)).toEqual(first);
    const { joints, findings } = plan(job);
    expect(joints).toHaveLength(4 * plan(drum).joints.length);
    expect(complete(job)).toEqual([]);
    expect(findings.filter(({ severity }) => severity === 'fails')).toHaveLength(
      4 * plan(drum).findings.filter(({ severity }) => severity === 'fails').length,
    );
  });

  test('stands beside it, turned alike: the plan begins at the first alone', () => {
    const [tank] = drum.tanks;
    const placed = {
      ...drum,
      tanks: [{ ...tank!, placed: { by: 'origin' }, turned: { by: 'degrees', degrees: -90 } } as const],
    };
    const more = made(placed, oneMoreTank(placed, shippedCatalogue, 't1'));
    // Nobody has said how far off it stands: that is asked.
    expect(more.tanks[1]).toMatchObject({
      placed: { by: 'beside', tankId: 't1', side: 'right', gapM: null },
      turned: { by: 'degrees', degrees: -90 },
    });
    const third = made(more, oneMoreTank(more, shippedCatalogue, 't1')).tanks[2];
    expect(third?.placed).toMatchObject({ tankId: more.tanks[1]?.id, gapM: null });
    expect(validateJob(more, shippedCatalogue)).toEqual([]);
  });

  test('goes on in a row as far apart as the row has it', () => {
    const job = drum;
    const [tank] = drum.tanks;
    const begun = { placed: { by: 'origin' }, turned: { by: 'degrees', degrees: 0 } } as const;
    const row = (id: string, beside: string) =>
      ({
        ...tank!,
        id,
        label: id.toUpperCase(),
        placed: { by: 'beside', tankId: beside, side: 'right', gapM: 0.05 },
      }) as const;
    const stand = { ...job, tanks: [{ ...tank!, ...begun } as const, row('t2', 't1')] };
    const three = made(stand, oneMoreTank(stand, shippedCatalogue, 't2'));
    const third = three.tanks[2];
    expect(third?.placed).toEqual({ by: 'beside', tankId: 't2', side: 'right', gapM: 0.05 });
    // Asked of the same drum again, it stands at the end of the row.
    const four = made(three, oneMoreTank(three, shippedCatalogue, 't2'));
    expect(four.tanks[3]?.placed).toMatchObject({ by: 'beside', tankId: third?.id });
  });

  test('keeps how its joints are made and what is said of its parts; not what was seen of it', () => {
    const told: Job = {
      ...drum,
      tanks: drum.tanks.map((tank) => ({ ...tank, logbook: [{ on: '2026-11-30', text: 'clear' }] })),
      joints: drum.joints.map((joint) =>
        joint.id === 'h-j2' ? { ...joint, madeWith: ['tape'], dryFitTurns: 4 } : joint,
      ),
      parts: drum.parts.map((part) => (part.id === 'h-2' ? { ...part, because: 'brass by the sea' } : part)),
      extras: [],
    };
    const job = made(told, oneMoreTank(told, shippedCatalogue, 't1'));
    expect(job.tanks[1]?.logbook).toEqual([]);
    expect(job.joints.filter(({ dryFitTurns }) => dryFitTurns === 4)).toHaveLength(2);
    expect(job.parts.filter(({ because }) => because === 'brass by the sea')).toHaveLength(2);
  });

  test('leaves open what takes one end only: the link to the next tank, a place that offers an end', () => {
    const linked = linkedDrums('BH-075', [{ code: 'NC-075' }, { code: 'LV-075' }, { code: 'NC-075' }]);
    const more = oneMoreTank(linked, shippedCatalogue, 't1');
    const label = linked.penetrations.find(({ id }) => id === 'b')!.label;
    expect(more.leftOpen).toEqual([label]);
    const job = made(linked, more);
    expect(job.tanks).toHaveLength(3);
    expect(job.parts).toHaveLength(10);

    const ended = drumWith({
      terminals: [place({ id: 'bay', name: 'rinse bay', offers: '3/4 NPT M' }), place({ id: 'ditch', name: 'ditch' })],
      parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'C-075' }],
      end: { of: 'terminal', id: 'bay' },
    });
    expect(oneMoreTank(ended, shippedCatalogue, 't1').leftOpen).toEqual(['rinse bay']);
  });

  test('takes what goes with it along', () => {
    const job: Job = {
      ...drum,
      extras: [
        {
          id: 'e',
          name: 'Shade cloth',
          kind: 'cover',
          code: null,
          count: 1,
          lengthM: null,
          price: 12,
          tankId: 't1',
          penetrationId: null,
          stands: false,
          fitted: true,
          because: null,
        },
      ],
    };
    const twice = made(job, oneMoreTank(job, shippedCatalogue, 't1'));
    expect(twice.extras.map(({ tankId }) => tankId)).toEqual(['t1', twice.tanks[1]!.id]);
  });
});

describe('one more hole', () => {
  test('stands beside the first, clear of every other, with the same run', () => {
    const job = drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] });
    const outcome = oneMoreHole(job, shippedCatalogue, 'h');
    if (!outcome.ok) throw new Error(outcome.error);
    const more = outcome.value;
    const after = made(job, more);
    expect(codesOf(after, more.id)).toEqual(['BH-075', 'HT-075M']);
    expect(plan(after).findings.map(({ check }) => check)).not.toContain('hole/too-near-another');
    expect(after.penetrations.at(-1)).toMatchObject({ heightM: 0.12, face: 'wall', portId: null });
  });
  test('says so where there is no room', () => {
    const narrow = tankWith({
      type: 'own-box',
      tank: { lengthM: 0.1, widthM: 0.1, accessM: 0 },
      holes: [{ face: 'front', aroundM: 0.05 }],
    });
    expect(oneMoreHole(narrow, shippedCatalogue, 'h1')).toEqual({
      ok: false,
      error: 'There is no room for another beside P1: set it out elsewhere.',
    });
  });
});

test('one more run stands on another opening', () => {
  const job = tankWith({
    holes: [{ id: 'a', parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] }, { id: 'b', aroundM: 1 }, OVERFLOW],
  });
  const after = made(job, oneMoreRun(job, shippedCatalogue, 'a', 'b'));
  expect(codesOf(after, 'b')).toEqual(['BH-075', 'HT-075M']);
});
