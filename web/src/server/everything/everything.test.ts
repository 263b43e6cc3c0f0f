import { randomUUID } from 'node:crypto';
import { type Edit, type OwnPart, SCHEMA_VERSION, emptyJob, ternPoint } from '@herrero/core';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { closeDatabase } from '../db/database';
import { applyBatch, archiveJob, createJob, findJob, historyOf } from '../db/job-repository';
import { putOwn, readOwn, theCatalogue } from '../db/part-repository';
import { listOffCuts, listTaken, putOffCuts, takeFromHand } from '../db/stock-repository';
import { askSupplier, listSuppliers, putSupplier, rememberedPrices } from '../db/supplier-repository';
import { putTicks, ticksOf } from '../db/tick-repository';
import { answerEverything, answerPutEverything } from './answer';

afterAll(closeDatabase);

type Files = Record<string, string>;
const put = (bytes: Uint8Array, type = 'application/zip'): Promise<Response> =>
  answerPutEverything(
    new Request('http://localhost/api/v1/everything', {
      method: 'POST',
      body: new Uint8Array(bytes),
      headers: { 'content-type': type },
    }),
  );
const filesOf = (zip: Uint8Array): Files =>
  Object.fromEntries(Object.entries(unzipSync(zip)).map(([name, bytes]) => [name, strFromU8(bytes)]));
const zipOf = (files: Files): Uint8Array =>
  zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])));
const written = async (): Promise<Files> => filesOf(new Uint8Array(await (await answerEverything()).arrayBuffer()));
const EMPTY: Files = {
  'herrero.json': JSON.stringify({
    format: 'herrero-everything',
    version: 1,
    schemaVersion: SCHEMA_VERSION,
    writtenAt: '2026-11-30T09:00:00Z',
  }),
  'own-parts.json': '{"own":[],"holdings":[]}',
  'off-cuts.json': '{"offCuts":[]}',
  'suppliers.json': '{"suppliers":[]}',
};
const HISTORY = {
  createdAt: '2026-11-30T09:00:00Z',
  updatedAt: '2026-11-30T09:00:00Z',
  archivedAt: null,
  history: [
    {
      ...{ revision: 1, batchId: 'herrero:create', author: 'me', label: 'Begin', undoes: null },
      ...{ edits: null, inverse: null, document: {}, at: '2026-11-30T09:00:00Z' },
    },
  ],
};
const jobFiles = (id: string, job: object = emptyJob('Yard', 'mm-l'), history: object = HISTORY): Files => ({
  [`jobs/${id}.json`]: JSON.stringify(job),
  [`jobs/${id}.history.json`]: JSON.stringify(history),
  [`jobs/${id}.shop.json`]: '{"ticks":[],"taken":[]}',
});

const ownPart = (code: string): OwnPart => ({
  ...{ code, name: 'Brass tail', detail: '', size: '3/4', material: 'brass', ends: ['3/4 NPT M'] },
  ...{ lengthMm: 40, boreMm: 18, priceUsd: 3.5, stockLengthM: null, does: [] },
});
const rename: Edit = { type: 'change-field', in: 'settings', field: 'name', from: 'Tern Point boat rinse', to: 'Quay' };

describe('everything of one Herrero', () => {
  const id = `quay-${randomUUID()}`;
  const code = `EV-${randomUUID().slice(0, 8)}`;
  const supplier = `Harbour ${randomUUID()}`;
  const piece = `left-${randomUUID()}`;
  let files: Files;

  beforeAll(async () => {
    await createJob(id, ternPoint(), 'me');
    await applyBatch(id, { batchId: 'first', author: 'me', undoes: null, edits: [rename] });
    await archiveJob(id, true);
    await putOwn({ own: [ownPart(code)], holdings: [{ code, onHand: 7, priceUsd: 2.25 }] });
    await takeFromHand(id, [{ code, count: 3 }]);
    await putTicks(
      id,
      [{ line: 'LV-075', state: 'in', at: '2026-11-25T09:00:00.000Z' }],
      new Date('2026-11-26T00:00:00Z'),
    );
    await putOffCuts([{ id: piece, code, lengthM: 1.25, fromJob: id }], undefined);
    await putSupplier({
      name: supplier,
      currency: 'GBP',
      pricedOn: '2026-11-20',
      offers: [{ article: 'LV-075', price: 9.5, pack: 2, stock: null }],
      names: [{ theirs: 'kh 20', article: 'LV-075' }],
    });
    files = await written();
  });

  test('is in the file, each thing in an open one', () => {
    expect(Object.keys(files)).toEqual(expect.arrayContaining(['README.txt', 'herrero.json', `jobs/${id}.json`]));
    expect(JSON.parse(files[`jobs/${id}.json`] ?? '')).toMatchObject({ name: 'Quay', schemaVersion: SCHEMA_VERSION });
    const { history } = JSON.parse(files[`jobs/${id}.history.json`] ?? '') as { history: unknown[] };
    expect(history).toMatchObject([
      { revision: 1, document: { name: 'Tern Point boat rinse' }, edits: null },
      { revision: 2, batchId: 'first', author: 'me', edits: [rename], document: null },
    ]);
    expect(files['own-parts.json']).toContain(code);
    // What was taken is not on hand any more.
    expect(JSON.parse(files['own-parts.json'] ?? '')).toMatchObject({
      holdings: expect.arrayContaining([{ code, onHand: 4, priceUsd: 2.25 }]) as unknown,
    });
    expect(files['suppliers.json']).toContain(supplier);
    expect(files['off-cuts.json']).toContain(piece);
  });

  test('is put in where nothing of it is yet, and is the same there', async () => {
    // Under other names, as if this were another Herrero.
    const suffix = randomUUID().slice(0, 8);
    const other = (text: string): string =>
      [id, code, supplier, piece].reduce((all, name) => all.replaceAll(name, `${name}-${suffix}`), text);
    const mine = Object.fromEntries(
      Object.entries(files).flatMap(([name, text]) =>
        name.startsWith('jobs/') && !name.includes(id) ? [] : [[other(name), other(text)]],
      ),
    );
    const first = await put(zipOf(mine));
    expect(first.status).toBe(200);
    const said = (await first.json()) as Record<string, { added: number; left: string[] }> & {
      refused: { file: string }[];
    };
    expect(said).toMatchObject({ jobs: { added: 1, left: [] } });
    // Other tests leave stock of what is no part.
    expect(said.refused.filter(({ file }) => file !== 'own-parts.json')).toEqual([]);
    expect(said.own?.left).not.toContain(`${code}-${suffix}`);

    const twin = other(id);
    expect(await findJob(twin)).toMatchObject({ document: { name: 'Quay' }, revision: 2 });
    expect((await findJob(twin))?.archivedAt).not.toBeNull();
    expect(await historyOf(twin, 'me')).toEqual(await historyOf(id, 'me'));
    expect(await ticksOf(twin)).toEqual(await ticksOf(id));
    expect(await listTaken(twin)).toEqual([{ code: other(code), count: 3 }]);
    const again = await written();
    for (const kind of ['json', 'history.json', 'shop.json'])
      expect(again[`jobs/${twin}.${kind}`]).toBe(mine[`jobs/${twin}.${kind}`]);
    expect((await listOffCuts()).find((one) => one.id === other(piece))).toMatchObject({
      lengthM: 1.25,
      fromJob: twin,
      usedBy: null,
    });
    const there = (await listSuppliers()).find(({ name }) => name === other(supplier));
    expect(await askSupplier(there?.id ?? '', ['LV-075'])).toMatchObject({
      currency: 'GBP',
      offers: [{ article: 'LV-075', price: 9.5, pack: 2, stock: null }],
    });
    expect((await rememberedPrices(other(supplier), 0)).names).toContainEqual({ theirs: 'kh 20', article: 'LV-075' });
    expect((await theCatalogue()).byCode.has(other(code))).toBe(true);

    // It can be gone on with there: undo stands on its history.
    const [{ inverse } = { inverse: rename }] = await historyOf(twin, 'me');
    expect(await applyBatch(twin, { batchId: 'back', author: 'me', undoes: 'first', edits: [inverse] })).toMatchObject({
      kind: 'accepted',
    });
    // Put in once more nothing of it is new, and what has changed here since stays.
    const second = (await (await put(zipOf(mine))).json()) as typeof said;
    expect(second).toMatchObject({ jobs: { added: 0, left: ['Quay'] }, own: { added: 0 }, holdings: { added: 0 } });
    expect((await findJob(twin))?.document.name).toBe('Tern Point boat rinse');
  });

  test('a stock that is here already is neither overwritten nor counted as taken from', async () => {
    const taker = `taker-${randomUUID()}`;
    const answered = await put(
      zipOf({
        ...EMPTY,
        'own-parts.json': JSON.stringify({ own: [], holdings: [{ code, onHand: 50, priceUsd: 1 }] }),
        ...jobFiles(taker),
        [`jobs/${taker}.shop.json`]: JSON.stringify({ ticks: [], taken: [{ code, count: 2 }] }),
      }),
    );
    expect(await answered.json()).toMatchObject({ holdings: { added: 0, left: [code] }, jobs: { added: 1 } });
    expect((await readOwn()).holdings.find((one) => one.code === code)).toEqual({ code, onHand: 4, priceUsd: 2.25 });
    expect(await listTaken(taker)).toEqual([]);
  });
});

describe('what is none, or not whole, is named', () => {
  const refusals: readonly (readonly [what: string, zip: () => Uint8Array, path: string, says: string])[] = [
    ['no zip', () => strToU8('PK not a zip'), '', 'no zip file'],
    ['cut off', () => zipOf({ ...EMPTY, ...jobFiles('cut') }).slice(0, 200), '', 'no zip file'],
    ['another zip', () => zipOf({ 'a.txt': 'a' }), 'herrero.json', 'missing'],
    [
      'of a newer Herrero',
      () => zipOf({ ...EMPTY, 'herrero.json': (EMPTY['herrero.json'] ?? '').replace('"version":1', '"version":2') }),
      'herrero.json',
      'newer Herrero',
    ],
    ['without price lists', () => zipOf({ ...EMPTY, 'suppliers.json': '' }), 'suppliers.json', 'not JSON'],
  ];
  test.each(refusals)('%s', async (_, zip, path, says) => {
    const answered = await put(zip());
    expect(answered.status).toBe(400);
    const { fields } = (await answered.json()) as { fields: { path: string; message: string }[] };
    const named = fields.find((field) => field.path === path);
    expect(named, JSON.stringify(fields)).toBeDefined();
    expect(named?.message).toContain(says);
  });

  test('what would become too much is not taken out at all', async () => {
    const zip = zipOf({ ...EMPTY, 'jobs/bomb.json': '0'.repeat(61_000_000) });
    expect(zip.byteLength).toBeLessThan(100_000);
    const answered = await put(zip);
    expect(answered.status).toBe(400);
    expect(await answered.text()).toContain('600 MB at most');
  });

  test.each([
    ['a batch twice', (history: typeof HISTORY) => [history.history[0], { ...history.history[0], revision: 2 }]],
    [
      'a sign that cannot be written',
      (history: typeof HISTORY) => [{ ...history.history[0], document: { name: '\0' } }],
    ],
  ])('a history with %s is refused in words, and nothing is put in', async (_, of) => {
    const [id, other] = [`unfit-${randomUUID()}`, `fit-${randomUUID()}`];
    const answered = await put(
      zipOf({
        ...EMPTY,
        ...jobFiles(other),
        ...jobFiles(id, emptyJob('Unfit', 'mm-l'), { ...HISTORY, history: of(HISTORY) }),
      }),
    );
    expect(answered.status).toBe(400);
    expect(await answered.text()).toContain('nothing of it was put in');
    expect(await findJob(other)).toBeUndefined();
  });

  test('sent as something else it is not looked at', async () => {
    expect((await put(zipOf(EMPTY), 'application/json')).status).toBe(415);
  });

  test('a job, a part or a stock that cannot be read does not keep the others out', async () => {
    const good = `good-${randomUUID()}`;
    const gap = { ...HISTORY, history: [...HISTORY.history, { ...HISTORY.history[0], revision: 3 }] };
    const answered = await put(
      zipOf({
        ...EMPTY,
        ...jobFiles(good),
        'own-parts.json': JSON.stringify({
          own: [{ ...ownPart('EV-X'), ends: ['teapot'] }],
          holdings: [{ code: 'EV-NONE', onHand: 1, priceUsd: null }],
        }),
        ...jobFiles('gap-job', emptyJob('Gap', 'mm-l'), gap),
        ...jobFiles('wrong-job', { ...emptyJob('Wrong', 'mm-l'), tanks: [null] }),
        ...jobFiles('proto-job', JSON.parse('{"__proto__":{"a":1},"schemaVersion":1}') as object),
        'jobs/alone-job.json': JSON.stringify(emptyJob('Alone', 'mm-l')),
        'jobs/../up.json': '{}',
        'jobs/bad id.json': '{}',
      }),
    );
    const said = (await answered.json()) as {
      jobs: { added: number };
      refused: { file: string; problems: { path: string; message: string }[] }[];
    };
    expect(said.jobs.added).toBe(1);
    expect((await findJob(good))?.document.name).toBe('Yard');
    const why = Object.fromEntries(said.refused.map(({ file, problems }) => [file, problems[0]?.path]));
    expect(why).toMatchObject({
      'jobs/gap-job.json': 'jobs/gap-job.history.json: history[1]',
      'jobs/wrong-job.json': 'tanks[0]',
      'jobs/alone-job.json': 'jobs/alone-job.history.json',
      'jobs/bad id.json': '',
    });
    const parts = said.refused.find(({ file }) => file === 'own-parts.json')?.problems.map(({ path }) => path);
    expect(parts).toEqual(['own[0].ends[0]', 'holdings[0].code']);
    expect((await readOwn()).own.map(({ code }) => code)).not.toContain('EV-X');
    expect(Object.keys(why)).not.toContain('jobs/../up.json');
  });
});
