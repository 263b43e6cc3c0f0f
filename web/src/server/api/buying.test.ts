import { randomUUID } from 'node:crypto';
import { emptyJob, ternPoint } from '@herrero/core';
import { readSheet } from 'read-excel-file/node';
import { unzipSync } from 'fflate';
import { NextRequest } from 'next/server';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { GET as getRunsDxf } from '@/app/api/v1/jobs/[id]/runs.dxf/route';
import { GET as getRunsSvg } from '@/app/api/v1/jobs/[id]/runs.svg/route';
import { GET as getWorkbook } from '@/app/api/v1/jobs/[id]/parts.xlsx/route';
import { GET as getRequest } from '@/app/api/v1/jobs/[id]/price-request.xlsx/route';
import { GET as getTicks, POST as postTicks } from '@/app/api/v1/jobs/[id]/ticks/route';
import { GET as getTaken, PUT as putTaken } from '@/app/api/v1/jobs/[id]/taken/route';
import { GET as getLearnt, PUT as putLearnt } from '@/app/api/v1/learnt-words/route';
import { POST as postOffCuts } from '@/app/api/v1/off-cuts/route';
import { POST as askStandIn } from '@/app/api/v1/stand-ins/suppliers/[supplier]/route';
import { POST as postSupplier } from '@/app/api/v1/suppliers/route';
import { closeDatabase } from '../db/database';
import { createJob } from '../db/job-repository';
import { listSuppliers } from '../db/supplier-repository';

const [id, empty, hostile] = [randomUUID(), randomUUID(), randomUUID()];
const at = (job: string) => ({ params: Promise.resolve({ id: job }) });
const post = (body: unknown) => new Request('http://localhost/', { method: 'POST', body: JSON.stringify(body) });
const get = () => new NextRequest('http://localhost/');
const bodyOf = async (response: Response) => (await response.json()) as Record<string, unknown>;
const fieldsOf = async (response: Response) =>
  ((await bodyOf(response)).fields as { path: string; message: string }[]).map(({ path }) => path);

beforeAll(async () => {
  await createJob(id, ternPoint(), 'test');
  await createJob(empty, emptyJob('Empty', 'mm-l'), 'test');
  await createJob(hostile, { ...ternPoint(), name: '=HYPERLINK("x")<script>' }, 'test');
});
afterAll(closeDatabase);

describe('the workbook', () => {
  const workbook = async (job: string) => Buffer.from(await (await getWorkbook(get(), at(job))).arrayBuffer());

  test('has every line, and cut pieces in both measures', async () => {
    const file = await workbook(id);
    const rows = await readSheet(file, 'Parts');
    expect(rows[0]?.slice(0, 4)).toEqual(['Group', 'Article', 'Part', 'Detail']);
    expect(rows.find((row) => row[1] === 'LV-075')?.slice(2, 7)).toEqual([
      'Lever valve',
      '3/4 NPT female, brass',
      1,
      'piece',
      1,
    ]);
    const cuts = await readSheet(file, 'Cut list');
    expect(cuts.some((row) => /^\d+ mm, [\d/-]+ in$/.test(String(row[3])))).toBe(true);
  });

  test('only our totals are formulas, whatever the job is called', async () => {
    const sheets = Object.entries(unzipSync(new Uint8Array(await workbook(hostile)))).filter(([name]) =>
      name.startsWith('xl/worksheets/sheet'),
    );
    const formulas = sheets.flatMap(([, xml]) =>
      [...new TextDecoder().decode(xml).matchAll(/<f>([^<]*)<\/f>/g)].map(([, f]) => f),
    );
    // A formula in its file has no sign of equality before it (ECMA-376, part 1, 18.17).
    expect(formulas.length).toBe(2);
    for (const formula of formulas) expect(formula).toMatch(/^SUM\([GH]2:[GH]\d+\)$/);
  });

  test('a total has its value beside its formula, and every sheet fits the paper with its headings on each page', async () => {
    const file = await workbook(id);
    const rows = await readSheet(file, 'Parts');
    const [total] = rows.slice(-1);
    const prices = rows.slice(1, -1).map((row) => Number(row[7] ?? 0));
    expect(total?.[7]).toBeCloseTo(
      prices.reduce((sum, price) => sum + price, 0),
      2,
    );
    const files = unzipSync(new Uint8Array(file));
    const xml = (name: string) => new TextDecoder().decode(files[name]);
    for (const at of [1, 2])
      // Tern Point is in the US: letter is 1, A4 would be 9.
      expect(xml(`xl/worksheets/sheet${at}.xml`)).toContain(
        '<pageSetup paperSize="1" orientation="landscape" fitToWidth="1" fitToHeight="0"/>',
      );
    expect(xml('xl/workbook.xml')).toContain(
      `<definedName name="_xlnm.Print_Titles" localSheetId="1">'Cut list'!$1:$1</definedName>`,
    );
  });

  test('a request for prices asks of every line, and none of its prices is ours', async () => {
    const file = Buffer.from(await (await getRequest(get(), at(id))).arrayBuffer());
    const [headings, ...rows] = await readSheet(file, 'Request for prices');
    expect(headings?.slice(0, 6)).toEqual([
      'Article',
      'Description',
      'Amount',
      'Sold by',
      'Price USD, without tax',
      'Pack',
    ]);
    expect(rows.find(([article]) => article === 'LV-075')?.slice(0, 5)).toEqual([
      'LV-075',
      'Lever valve 3/4 NPT female, brass',
      1,
      'piece',
      null,
    ]);
    expect(rows.find(([article]) => String(article).startsWith('PI-300@'))?.[3]).toBe('length');
    expect(rows.find(([article]) => String(article).startsWith('TA-'))?.[3]).toBe('pack');
    expect(rows.every((row) => (row[4] ?? null) === null)).toBe(true);
  });
});

describe('drawings of the runs', () => {
  test('as SVG in millimetres, with names as text alone', async () => {
    const svg = await (await getRunsSvg(get(), at(hostile))).text();
    expect(svg).toContain('mm"');
    expect(svg).toContain('Lever valve 3/4 NPT female');
    expect(svg).not.toContain('<script>');
  });
  test('as DXF with a layer for pipes and one for fittings', async () => {
    const dxf = await (await getRunsDxf(get(), at(id))).text();
    for (const layer of ['pipe', 'fitting']) expect(dxf).toMatch(new RegExp(`LINE[\\s\\S]*?8\\s+${layer}\\s`));
  });
  test('a job without runs has none', async () => {
    const answer = await getRunsSvg(get(), at(empty));
    expect(answer.status).toBe(400);
    expect(await fieldsOf(answer)).toEqual(['']);
  });
});

describe('what comes in', () => {
  test('ticks of a job that is not there, or of no state, are refused', async () => {
    expect((await getTicks(get(), at('nobody'))).status).toBe(404);
    const wrong = await postTicks(post({ ticks: [{ line: 'NC-075', state: 'eaten', at: 'soon' }] }), at(id));
    expect(await fieldsOf(wrong)).toEqual(['ticks[0].state', 'ticks[0].at']);
    const right = { line: 'NC-075', state: 'in', at: '2026-11-25T09:00:00.000Z' };
    expect(await bodyOf(await postTicks(post({ ticks: [right] }), at(id)))).toEqual({ ticks: [right] });
  });

  test('a left-over of a piece, or of nothing, is refused whole', async () => {
    const offCuts = [
      { id: randomUUID(), code: 'PI-150', lengthM: 1, fromJob: null },
      { id: randomUUID(), code: 'NC-075', lengthM: 1, fromJob: null },
      { id: randomUUID(), code: 'PI-150', lengthM: 1, fromJob: 'nobody' },
    ];
    expect(await fieldsOf(await postOffCuts(post({ offCuts })))).toEqual(['offCuts[1].code', 'offCuts[2].fromJob']);
    expect(await fieldsOf(await postOffCuts(post({ offCuts: [{ ...offCuts[0], lengthM: 0 }] })))).toEqual([
      'offCuts[0].lengthM',
    ]);
  });

  test('more than is on hand, or none, is not taken, and where it stands is said', async () => {
    const put = (taken: unknown, job: string = id) =>
      putTaken(new Request('http://localhost/', { method: 'PUT', body: JSON.stringify({ taken }) }), at(job));
    expect(await fieldsOf(await put([{ code: 'VT-075', count: 1 }]))).toEqual(['taken[0].count']);
    expect(await fieldsOf(await put([{ code: 'VT-075', count: 0 }]))).toEqual(['taken[0].count']);
    expect((await put([], 'nobody')).status).toBe(404);
    expect(await bodyOf(await getTaken(get(), at(id)))).toEqual({ taken: [] });
  });

  test('a price list with an article twice, or a price below nothing, is refused whole', async () => {
    const list = (offers: object[]) =>
      postSupplier(post({ name: 'x', currency: 'USD', pricedOn: '2026-11-25', offers }));
    const offer = { article: 'NC-075', price: 1, pack: 1, stock: null };
    expect(await fieldsOf(await list([offer, offer]))).toEqual(['offers[1].article']);
    expect(await fieldsOf(await list([{ ...offer, price: -1 }]))).toEqual(['offers[0].price']);
    expect(await fieldsOf(await list([]))).toEqual(['offers']);
  });

  test('a long list comes by page: nothing of it is there before the last, all of it after', async () => {
    const [upload, name] = [randomUUID(), `Long ${randomUUID()}`];
    const page = (at: number, more: boolean, code: string, to = upload) =>
      postSupplier(
        post({
          name,
          currency: 'EUR',
          pricedOn: '2026-11-25',
          offers: [{ article: code, price: 2, pack: 1, stock: null }],
          names: [{ theirs: `their ${code}`, article: code }],
          upload: to,
          page: at,
          more,
        }),
      );
    expect((await page(0, true, 'NC-075')).status).toBe(202);
    // Sent again after a failure: it is kept once.
    expect((await page(0, true, 'NC-075')).status).toBe(202);
    expect((await listSuppliers()).some((one) => one.name === name)).toBe(false);
    // A page that never came, and an article on two pages.
    expect(await fieldsOf(await page(2, false, 'LV-075'))).toEqual(['page']);
    expect(await fieldsOf(await page(1, false, 'NC-075'))).toEqual(['offers[1].article', 'names[1].theirs']);
    expect((await listSuppliers()).some((one) => one.name === name)).toBe(false);
    const put = await page(1, false, 'LV-075');
    expect([put.status, (await bodyOf(put)).offers]).toEqual([201, 2]);
    expect((await listSuppliers()).find((one) => one.name === name)?.offers).toBe(2);
    // What was sent is forgotten with the last page.
    expect(await fieldsOf(await page(1, false, 'LV-075'))).toEqual(['page']);
    expect(
      await fieldsOf(
        await postSupplier(
          post({
            name,
            currency: 'EUR',
            pricedOn: '2026-11-25',
            offers: [{ article: 'x', price: 1, pack: 1, stock: null }],
            more: true,
          }),
        ),
      ),
    ).toEqual(['upload']);
  });

  test('what a row of another list means is kept under its words, however they are written; the newer counts', async () => {
    const thing = `Blue thing ${randomUUID()}`;
    const put = (theirs: string, code: string) =>
      putLearnt(
        new Request('http://localhost/', { method: 'PUT', body: JSON.stringify({ learnt: [{ theirs, code }] }) }),
      );
    expect((await put(thing, 'NC-075')).status).toBe(200);
    expect((await put(`  ${thing.toUpperCase()} `, 'LV-075')).status).toBe(200);
    const { learnt } = await bodyOf(await getLearnt());
    expect((learnt as { theirs: string }[]).filter(({ theirs }) => theirs === thing.toLowerCase())).toEqual([
      { theirs: thing.toLowerCase(), code: 'LV-075' },
    ]);
  });
});

describe('stand-in suppliers', () => {
  const ask = (supplier: string, articles: readonly object[]) =>
    askStandIn(post({ articles }), { params: Promise.resolve({ supplier }) });
  const asked = Array.from({ length: 60 }, (_, place) => ({ article: `A-${place}`, count: 3, usualUsd: 10 }));

  test('say that they are such, answer the same twice, and are out of some things', async () => {
    const [one, again] = [await bodyOf(await ask('yard', asked)), await bodyOf(await ask('yard', asked))];
    expect(one).toEqual(again);
    expect(one).toMatchObject({ standIn: true, name: 'Stand-in yard' });
    const offers = one.offers as { price: number; stock: number }[];
    expect(offers).toHaveLength(60);
    for (const { price } of offers) expect(price > 8 && price < 13).toBe(true);
    expect(offers.some(({ stock }) => stock === 0)).toBe(true);
  });

  test('one of them fails and answers when it is asked again', async () => {
    const statuses = [await ask('depot', asked), await ask('depot', asked)].map(({ status }) => status);
    expect(statuses).toEqual([503, 200]);
  });

  test('one that is not there is not found', async () => expect((await ask('nobody', asked)).status).toBe(404));
});
