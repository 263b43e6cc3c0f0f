import { randomUUID } from 'node:crypto';
import { type Edit, type Job, SCHEMA_VERSION, emptyJob, newTank, ternPoint, undoStacks } from '@herrero/core';
import { eq, sql } from 'drizzle-orm';
import { afterAll, describe, expect, test } from 'vitest';
import { closeDatabase, database } from './database';
import {
  applyBatch,
  archiveJob,
  createJob,
  findJob,
  historyOf,
  listJobs,
  putDocument,
  stateOfJob,
} from './job-repository';
import { putOwn } from './part-repository';
import { jobHistory, jobs } from './schema';
import { putOffCuts, takeFromHand } from './stock-repository';

afterAll(closeDatabase);

const stored = async (document: Job = ternPoint()): Promise<string> => {
  const id = randomUUID();
  await createJob(id, document, 'maker');
  return id;
};
const move = (from: number, to: number): Edit => ({
  type: 'change-field',
  in: 'penetrations',
  id: 'p4',
  field: 'heightM',
  from,
  to,
});
const rename = (from: string, to: string): Edit => ({ type: 'change-field', in: 'settings', field: 'name', from, to });
const batch = (edits: Edit[], extra: Partial<{ batchId: string; author: string; undoes: string | null }> = {}) => ({
  batchId: randomUUID(),
  author: 'tab-1',
  undoes: null,
  edits,
  ...extra,
});
const P4_UP = 8 * 0.0254;

describe('a job in the database', () => {
  test('comes back as it went in', async () => {
    const id = await stored();
    expect((await findJob(id))?.document).toEqual(ternPoint());
    expect(await findJob('no such job')).toBeUndefined();
  });

  test('of the first version is read as one of today, and stored as one when it is changed', async () => {
    const id = await stored();
    const { tanks, ...rest } = ternPoint();
    const old = {
      ...rest,
      schemaVersion: 1,
      tanks: tanks.map(({ id: tankId, label, type, capacityM3, diameterM, brimM, heightM, wallM, plinthM }) => ({
        id: tankId,
        label,
        type,
        capacityM3,
        diameterM,
        brimM,
        heightM,
        wallM,
        plinthM,
      })),
    };
    await database()
      .update(jobs)
      .set({ document: old as unknown as Job, schemaVersion: 1 })
      .where(eq(jobs.id, id));
    const read = await findJob(id);
    expect(read?.document).toMatchObject({
      schemaVersion: SCHEMA_VERSION,
      tanks: [{ base: 'ground', pump: null }, {}],
    });
    expect((await applyBatch(id, batch([move(P4_UP, 0.3)]))).kind).toBe('accepted');
    const [row] = await database()
      .select({ version: jobs.schemaVersion, document: jobs.document })
      .from(jobs)
      .where(eq(jobs.id, id));
    expect(row).toMatchObject({ version: SCHEMA_VERSION, document: { schemaVersion: SCHEMA_VERSION } });
  });

  test('an accepted batch changes document, revision and history together', async () => {
    const id = await stored();
    const outcome = await applyBatch(id, batch([move(P4_UP, 0.3)]));
    expect(outcome).toMatchObject({ kind: 'accepted', label: 'Set the height of P4', stored: { revision: 2 } });
    expect((await findJob(id))?.document.penetrations.find((hole) => hole.id === 'p4')?.heightM).toBe(0.3);
    const rows = await database()
      .select()
      .from(jobHistory)
      .where(eq(jobHistory.jobId, id))
      .orderBy(jobHistory.revision);
    expect(rows.map(({ revision, label }) => [revision, label])).toEqual([
      [1, 'Begin'],
      [2, 'Set the height of P4'],
    ]);
  });

  // Other tests change parts beside it: a state may change more often than here, never less.
  test('is in another state after each change of it, and of what any job is made of', async () => {
    const id = await stored();
    const states = [await stateOfJob(id)];
    await applyBatch(id, batch([move(P4_UP, 0.3)]));
    states.push(await stateOfJob(id));
    const code = `ST-${id.slice(0, 8)}`;
    await putOwn({ own: [], holdings: [{ code, onHand: 1, priceUsd: null }] });
    states.push(await stateOfJob(id));
    await takeFromHand(id, [{ code, count: 1 }]);
    states.push(await stateOfJob(id));
    await putOffCuts([{ id: `state-${id}`, code, lengthM: 1, fromJob: null }], undefined);
    states.push(await stateOfJob(id));
    expect(new Set(states).size).toBe(5);
    expect(states.every((state) => state !== undefined)).toBe(true);
    expect(await stateOfJob(randomUUID())).toBeUndefined();
  });

  test('edits made on a stale revision are made on the newest', async () => {
    const id = await stored();
    await applyBatch(id, batch([move(P4_UP, 0.3)]));
    const outcome = await applyBatch(id, batch([rename('Tern Point boat rinse', 'Rinse')], { author: 'tab-2' }));
    expect(outcome).toMatchObject({ kind: 'accepted', stored: { revision: 3 } });
    expect((await findJob(id))?.document).toMatchObject({ name: 'Rinse' });
  });

  test('what no longer fits is named and nothing of its batch is made', async () => {
    const id = await stored();
    await applyBatch(id, batch([move(P4_UP, 0.3)]));
    const outcome = await applyBatch(
      id,
      batch([rename('Tern Point boat rinse', 'Lost?'), move(P4_UP, 0.4)], { author: 'tab-2' }),
    );
    expect(outcome).toMatchObject({ kind: 'refused', refusal: { index: 1, code: 'changed-since', now: 0.3 } });
    expect(await findJob(id)).toMatchObject({ revision: 2, document: { name: 'Tern Point boat rinse' } });
  });

  test('a batch sent twice is made once', async () => {
    const id = await stored(emptyJob('New', 'mm-l'));
    const twice = batch([{ type: 'add-tank', tank: newTank('a', 'open-drum') }]);
    await applyBatch(id, twice);
    expect(await applyBatch(id, twice)).toMatchObject({ kind: 'accepted', stored: { revision: 2 } });
    expect((await findJob(id))?.document.tanks).toHaveLength(1);
  });

  test('twenty senders at once take turns: every batch is there, every revision once', async () => {
    const id = await stored(emptyJob('Busy', 'mm-l'));
    const outcomes = await Promise.all(
      Array.from({ length: 20 }, (_, index) =>
        applyBatch(
          id,
          batch([{ type: 'add-tank', tank: newTank(`t${index}`, 'open-drum') }], { author: `tab-${index}` }),
        ),
      ),
    );
    expect(outcomes.every(({ kind }) => kind === 'accepted')).toBe(true);
    const after = await findJob(id);
    expect(after?.revision).toBe(21);
    expect(new Set(after?.document.tanks.map(({ label }) => label)).size).toBe(20);
  });

  test('history cannot be rewritten', async () => {
    const id = await stored();
    await expect(database().execute(sql`update job_history set label = 'x' where job_id = ${id}`)).rejects.toThrow();
    await expect(database().execute(sql`delete from job_history where job_id = ${id}`)).rejects.toThrow();
    expect(await database().select().from(jobHistory).where(eq(jobHistory.jobId, id))).toHaveLength(1);
  });

  test('undo stands on the history of one author', async () => {
    const id = await stored();
    const first = batch([move(P4_UP, 0.3)]);
    const outcome = await applyBatch(id, first);
    await applyBatch(id, batch([rename('Tern Point boat rinse', 'Theirs')], { author: 'tab-2' }));
    if (outcome.kind !== 'accepted') throw new Error(outcome.kind);
    const undo = batch([outcome.inverse], { undoes: first.batchId });
    expect(await applyBatch(id, undo)).toMatchObject({ kind: 'accepted' });
    expect((await findJob(id))?.document).toMatchObject({ name: 'Theirs' });
    expect(undoStacks(await historyOf(id, 'tab-1'))).toEqual({ undo: [], redo: [undo.batchId] });
  });

  test('a document from outside that contradicts itself is refused whole', async () => {
    const id = await stored();
    const to = { ...ternPoint().penetrations[0], surprise: 'field' };
    const hostile = {
      type: 'revert',
      label: 'x',
      changes: [{ in: 'penetrations', id: 'p1', index: 0, from: ternPoint().penetrations[0], to }],
    } as unknown as Edit;
    expect(await applyBatch(id, batch([hostile]))).toMatchObject({
      kind: 'refused',
      refusal: { code: 'not-possible' },
    });
    expect((await findJob(id))?.revision).toBe(1);
  });

  test('a whole document is put only by who saw the newest', async () => {
    const id = await stored();
    expect(await putDocument(id, 1, emptyJob('Put', 'mm-l'), 'api')).toEqual({ kind: 'stored', revision: 2 });
    expect(await putDocument(id, 1, emptyJob('Late', 'mm-l'), 'api')).toEqual({ kind: 'stale', revision: 2 });
    expect(await putDocument('nowhere', 1, emptyJob('x', 'mm-l'), 'api')).toEqual({ kind: 'no-such-job' });
  });

  test('an archived job leaves the bench and comes back', async () => {
    const id = await stored();
    await archiveJob(id, true);
    expect((await listJobs(false)).some((job) => job.id === id)).toBe(false);
    expect((await listJobs(true)).some((job) => job.id === id)).toBe(true);
    await archiveJob(id, false);
    expect((await listJobs(false)).some((job) => job.id === id)).toBe(true);
  });
});
