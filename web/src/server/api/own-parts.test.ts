import { randomUUID } from 'node:crypto';
import { type OwnPart, ternPoint, newPart } from '@herrero/core';
import Papa from 'papaparse';
import { afterAll, describe, expect, test } from 'vitest';
import { GET as getCsv } from '@/app/api/v1/parts/own.csv/route';
import { DELETE as removeOwn } from '@/app/api/v1/parts/own/[code]/route';
import { GET as getOwn, POST as postOwn } from '@/app/api/v1/parts/own/route';
import { POST as postRoutes } from '@/app/api/v1/routes/route';
import { closeDatabase } from '../db/database';
import { createJob } from '../db/job-repository';

const post = (body: unknown) => new Request('http://localhost/', { method: 'POST', body: JSON.stringify(body) });
const remove = (code: string) => removeOwn(new Request('http://localhost/'), { params: Promise.resolve({ code }) });
const bodyOf = async (response: Response) => (await response.json()) as Record<string, unknown>;

/** Codes of this run alone: the database is shared by the files of the suite. */
const run = randomUUID().slice(0, 8);
const bridge = (mark: string, ends = ['2-1/2 NH M', '2-1/2 NH M']): OwnPart => ({
  code: `T-${run}-${mark}`,
  name: 'Hydrant bridge',
  detail: '',
  size: '2-1/2',
  material: 'brass',
  ends,
  lengthMm: 90,
  boreMm: null,
  priceUsd: 31,
  stockLengthM: null,
  does: [],
});
const ownCodes = async (): Promise<readonly string[]> =>
  ((await bodyOf(await getOwn())).own as OwnPart[]).map(({ code }) => code);

afterAll(async () => {
  for (const mark of ['a', 'b', 'use', 'csv']) await remove(`T-${run}-${mark}`);
  await closeDatabase();
});

describe('parts of one’s own', () => {
  test('are put in, take part in ways at once, and go out again', async () => {
    const part = bridge('a', ['2-1/2 NH M', 'S100x8 F']);
    expect((await postOwn(post({ own: [part], holdings: [{ code: part.code, onHand: 2 }] }))).status).toBe(200);
    expect(await ownCodes()).toContain(part.code);
    const ways = await bodyOf(
      await postRoutes(post({ from: '2-1/2 NH F', to: 'S100x8 M', target: 'joins', limit: 1 })),
    );
    expect(ways.routes).toMatchObject([{ parts: [{ code: part.code }] }]);
    expect((await remove(part.code)).status).toBe(204);
    expect(await ownCodes()).not.toContain(part.code);
    expect((await remove(part.code)).status).toBe(404);
  });

  // A hundred thousand requests made of the description found it: it was a 500.
  test('the same code twice is named', async () => {
    const row = { code: 'LV-075', onHand: 0, priceUsd: null };
    const response = await postOwn(post({ own: [], holdings: [row, row] }));
    expect(response.status).toBe(400);
    expect(await bodyOf(response)).toMatchObject({
      fields: [{ path: 'holdings[1].code', message: 'LV-075 is there twice.' }],
    });
  });

  test('one bad row keeps all of them out, and every wrong field is named', async () => {
    const bad = { ...bridge('b'), ends: ['2-1/2 NHH M'], size: '7' };
    const response = await postOwn(post({ own: [bridge('b'), bad], holdings: [{ code: 'NO-SUCH-PART', onHand: 1 }] }));
    expect(response.status).toBe(400);
    const { fields } = (await bodyOf(response)) as { fields: { path: string }[] };
    expect(fields.map(({ path }) => path)).toEqual([
      'own[1].size',
      'own[1].ends[0]',
      'holdings[0].code',
      'own[1].code',
    ]);
    expect(await ownCodes()).not.toContain(bridge('b').code);
  });

  test.each([
    [{}, ['own', 'holdings']],
    [{ own: [{ code: 5 }], holdings: [] }, ['own[0].code']],
    [
      { own: [], holdings: [{ code: 'LV-075', onHand: -1, priceUsd: 'dear' }] },
      ['holdings[0].onHand', 'holdings[0].priceUsd'],
    ],
  ])('%j: 400 with the fields', async (sent, expected) => {
    const response = await postOwn(post(sent));
    expect(response.status).toBe(400);
    const { fields } = (await bodyOf(response)) as { fields: { path: string }[] };
    const paths = fields.map(({ path }) => path);
    for (const path of expected) expect(paths).toContain(path);
  });

  test('a part that a job is built with stays, and the job is named', async () => {
    const part = bridge('use');
    await postOwn(post({ own: [part], holdings: [] }));
    const job = ternPoint();
    const name = `Built with ${run}`;
    await createJob(randomUUID(), { ...job, name, parts: [...job.parts, newPart('own', part.code)] }, 'test');
    const refused = await remove(part.code);
    expect(refused.status).toBe(409);
    expect(await bodyOf(refused)).toMatchObject({ jobs: [name] });
    expect(await ownCodes()).toContain(part.code);
  });

  test('go out as CSV in the columns that are read back', async () => {
    const part = bridge('csv');
    await postOwn(post({ own: [part], holdings: [{ code: part.code, onHand: 7 }] }));
    const response = await getCsv();
    expect(response.headers.get('content-disposition')).toContain('own-parts.csv');
    const { data } = Papa.parse<Record<string, string>>((await response.text()).replace(/^\uFEFF/, ''), {
      header: true,
    });
    expect(data.find(({ code }) => code === part.code)).toMatchObject({
      name: 'Hydrant bridge',
      'end 1': '2-1/2 NH M',
      'end 2': '2-1/2 NH M',
      price: '31',
      'on hand': '7',
    });
  });
});
