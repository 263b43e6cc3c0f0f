import { randomUUID } from 'node:crypto';
import { emptyJob, ternPoint } from '@herrero/core';
import { DrizzleQueryError } from 'drizzle-orm';
import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import { closeDatabase, inTransaction } from './database';
import { codeOf, databaseFailure } from './failure';
import { applyBatch, createJob, createJobOnce, findJob } from './job-repository';
import { catalogueStamp, putOwn } from './part-repository';
import { listOffCuts, putOffCuts, takeFromHand } from './stock-repository';
import { listSuppliers } from './supplier-repository';
import { putTicks } from './tick-repository';

const [job, other] = [randomUUID(), randomUUID()];
beforeAll(async () => {
  await createJob(job, { ...ternPoint(), name: 'Jetty' }, 'test');
  await createJob(other, { ...ternPoint(), name: 'Slip' }, 'test');
});
afterAll(closeDatabase);

test('reads of one thing do not wait for what is stuck in another', async () => {
  const stuck = new Client({ connectionString: process.env['DATABASE_URL'] });
  await stuck.connect();
  await stuck.query('begin');
  await stuck.query('lock table suppliers in access exclusive mode');
  const waiting = Array.from({ length: 12 }, () => listSuppliers().catch((error: unknown) => databaseFailure(error)));
  expect((await findJob(job))?.document.name).toBe('Jetty');
  // Every one of those is told, none waits for ever.
  for (const said of await Promise.all(waiting)) expect(said).toMatch(/Nothing was changed|Nothing is lost/);
  await stuck.query('rollback');
  await stuck.end();
  expect(Array.isArray(await listSuppliers())).toBe(true);
});

// The transaction never began: its connection was kept for ever, and after eight of them nobody wrote any more.
test('a connection that breaks as a transaction begins goes back all the same', async () => {
  const broken = vi.spyOn(Client.prototype, 'query').mockImplementation(() => {
    throw new Error('Connection terminated unexpectedly');
  });
  for (let turn = 0; turn < 20; turn++)
    await expect(inTransaction(() => Promise.resolve('made'))).rejects.toThrow('Failed query: begin');
  broken.mockRestore();
  expect(await inTransaction(() => Promise.resolve('made'))).toBe('made');
});

describe('two at once', () => {
  test('what waits in a circle is undone and made again, all of both', async () => {
    const stock = (codes: readonly string[], onHand: number) =>
      putOwn({ own: [], holdings: codes.map((code) => ({ code, onHand, priceUsd: null })) });
    await Promise.all(
      Array.from({ length: 8 }, (_, at) => stock(at % 2 ? ['D-1', 'D-2', 'D-3'] : ['D-3', 'D-2', 'D-1'], at)),
    );
    await stock(['D-1', 'D-2'], 9);
    // Taken in opposite order by two jobs.
    const taken = await Promise.all([
      takeFromHand(job, [
        { code: 'D-1', count: 1 },
        { code: 'D-2', count: 2 },
      ]),
      takeFromHand(other, [
        { code: 'D-2', count: 2 },
        { code: 'D-1', count: 1 },
      ]),
    ]);
    expect(taken).toEqual([[], []]);
    const tick = (line: string) => ({ line, state: 'in', at: '2026-11-25T09:00:00.000Z' }) as const;
    const now = new Date('2026-11-26T00:00:00Z');
    await Promise.all(
      Array.from({ length: 8 }, (_, at) =>
        putTicks(job, at % 2 ? [tick('A'), tick('B')] : [tick('B'), tick('A')], now),
      ),
    );
  });

  test('a transaction that is in another one’s way is tried again, one that is wrong is not', async () => {
    let turns = 0;
    const failing = (code: string, times: number) =>
      inTransaction(() => {
        turns++;
        return turns <= times ? Promise.reject(Object.assign(new Error('no'), { code })) : Promise.resolve(turns);
      });
    expect(await failing('40P01', 3)).toBe(4);
    turns = 0;
    await expect(failing('23505', 3)).rejects.toThrow('no');
    expect(turns).toBe(1);
    turns = 0;
    await expect(failing('40001', 99)).rejects.toThrow('no');
    expect(turns).toBe(5);
  });

  test('a piece is cut for one job: the second is told which has it; what is not there is named', async () => {
    const id = randomUUID();
    await putOffCuts([{ id, code: 'P40-100', lengthM: 0.8, fromJob: null }], undefined);
    expect(await putOffCuts([], { ids: [id], by: job })).toEqual([]);
    expect(await putOffCuts([], { ids: [id], by: job })).toEqual([]);
    expect(await putOffCuts([], { ids: [id], by: other })).toEqual([{ id, why: 'used', by: 'Jetty' }]);
    const new_ = randomUUID();
    expect(
      await putOffCuts([{ id: new_, code: 'P40-100', lengthM: 0.5, fromJob: job }], { ids: ['gone', new_], by: job }),
    ).toEqual([
      { id: 'gone', why: 'not-there' },
      { id: new_, why: 'of-this-job' },
    ]);
    // None of it: the piece was not put in either.
    expect((await listOffCuts()).some((one) => one.id === new_)).toBe(false);
  });
});

test('a batch of the same name is the same batch, or refused; the server’s own names are its own', async () => {
  const rename = (to: string) => ({
    batchId: 'b-1',
    author: 'a',
    undoes: null,
    edits: [{ type: 'change-field', in: 'settings', field: 'name', from: 'Jetty', to } as const],
  });
  expect((await applyBatch(job, rename('Pier'))).kind).toBe('accepted');
  expect(await applyBatch(job, rename('Pier'))).toMatchObject({ kind: 'accepted', stored: { revision: 2 } });
  expect(await applyBatch(job, rename('Quay'))).toMatchObject({ kind: 'name-taken', stored: { revision: 2 } });
  expect((await applyBatch(job, { ...rename('Quay'), batchId: 'herrero:create' })).kind).toBe('name-taken');
  expect((await findJob(job))?.document.name).toBe('Pier');
});

test('a job sent twice under one id is one job; another one is not taken for it', async () => {
  const id = randomUUID();
  const begun = emptyJob('Once', 'mm-l');
  expect(await Promise.all([createJobOnce(id, begun, 'a'), createJobOnce(id, begun, 'a')])).toEqual([true, true]);
  expect(await createJobOnce(id, emptyJob('Other', 'mm-l'), 'a')).toBe(false);
});

test('parts change by count, not by clock', async () => {
  const before = await catalogueStamp();
  await putOwn({ own: [], holdings: [{ code: 'D-9', onHand: 1, priceUsd: null }] });
  const between = await catalogueStamp();
  await putOwn({ own: [], holdings: [{ code: 'D-9', onHand: 2, priceUsd: null }] });
  expect(new Set([before, between, await catalogueStamp()]).size).toBe(3);
});

describe('what keeps the database from answering', () => {
  const thrown = (code: string, message = 'x') =>
    new DrizzleQueryError('select', [], Object.assign(new Error(message), { code }));
  test.each([
    ['ECONNREFUSED', 'does not answer'],
    ['57P01', 'does not answer'],
    ['08006', 'does not answer'],
    ['53100', 'disk'],
    ['53300', 'too many clients'],
    ['25006', 'only lets read'],
    ['55P03', 'holds'],
  ])('%s is said in words', (code, words) => expect(databaseFailure(thrown(code))).toContain(words));
  test.each([
    'timeout exceeded when trying to connect',
    'timeout expired',
    'Connection terminated unexpectedly',
    'Query read timeout',
  ])('and so is what has no code: %s', (message) =>
    expect(databaseFailure(thrown('', message))).toContain('does not answer'),
  );
  test('what is our fault is not called the database’s', () => {
    expect(databaseFailure(thrown('23505'))).toBeUndefined();
    expect(databaseFailure(new TypeError('x is not a function'))).toBeUndefined();
    expect(codeOf(thrown('42P01'))).toBe('42P01');
  });
});
