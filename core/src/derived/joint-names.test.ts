import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import { newPart } from '../job/new-part';
import { applyEdits } from '../edits/edits';
import { type SampleHole, TOP_INLET, linkedDrums, tankWith } from '../test/sample-jobs';
import { contextOf } from './context';

/** What the joints of a job are called, with what is on their sides. */
const named = (job: Job) =>
  contextOf(job, shippedCatalogue).joints.map(({ name, a, b }) => [
    name,
    [a, b].map(({ ref }) => (ref.of === 'part' ? ref.id : ref.of)).join(' '),
  ]);
const parts: SampleHole['parts'] = [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }];

describe('joints are numbered along the flow', () => {
  test('from the tank outward where water leaves', () =>
    expect(named(tankWith({ holes: [{ id: 'a', parts }] }))).toEqual([
      ['P1 J1', 'hole a-1'],
      ['P1 J2', 'a-1 a-2'],
      ['P1 J3', 'a-2 a-3'],
    ]));

  test('from afar to the tank where it only comes in', () =>
    expect(named(tankWith({ holes: [{ ...TOP_INLET, id: 'a', parts }] }))).toEqual([
      ['P1 J3', 'hole a-1'],
      ['P1 J2', 'a-1 a-2'],
      ['P1 J1', 'a-2 a-3'],
    ]));

  test('what is put between moves those after it on', () => {
    const job = tankWith({ holes: [{ id: 'a', parts }] });
    const edit = {
      type: 'insert-part',
      part: newPart('x', 'AD-075F'),
      jointId: 'a-j2',
      endTowardsA: 0,
      endTowardsB: 1,
      newJointId: 'xj',
    } as const;
    const made = applyEdits(job, [edit], shippedCatalogue);
    expect(made.ok && Object.fromEntries(named(made.value.job).map(([name, at]) => [at, name]))).toEqual({
      'hole a-1': 'P1 J1',
      'a-1 x': 'P1 J2',
      'x a-2': 'P1 J3',
      'a-2 a-3': 'P1 J4',
    });
  });

  test('a line that two openings share is named once, by the first of them', () => {
    const names = named(linkedDrums('BH-075', [{ code: 'NC-075' }])).map(([name]) => name);
    expect(new Set(names)).toEqual(new Set(['P1 J1', 'P1 J2', 'P1 J3', 'P1 J4']));
  });

  test('what hangs on no opening is numbered without one', () => {
    const job = tankWith({ holes: [{ id: 'a', parts }] });
    const loose = { ...job, joints: job.joints.filter(({ id }) => id !== 'a-j2') };
    expect(named(loose).map(([name]) => name)).toEqual(['P1 J1', 'J1']);
  });
});
