import { execFile } from 'node:child_process';
import { mkdir, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { promisify } from 'node:util';
import { expect, test } from '@playwright/test';
import Ajv from 'ajv/dist/2020.js';
import openapiTypescript, { astToString } from 'openapi-typescript';
import { jobOfTernPoint } from './support';

interface Described {
  readonly operationId: string;
  readonly parameters?: readonly { readonly name: string; readonly in: string; readonly example?: string }[];
  readonly requestBody?: { readonly content: Record<string, { readonly example?: unknown }> };
  readonly responses: Record<string, { readonly content?: Record<string, { readonly schema: object }> }>;
}
interface Description {
  readonly paths: Record<string, Record<string, Described>>;
  readonly components: object;
}

const run = promisify(execFile);

test('every operation, called with its example, answers what its description says @deep', async ({ page, request }) => {
  const id = await jobOfTernPoint(page, 'Api');
  const document = (await (await request.get('/api/v1/openapi.json')).json()) as Description;
  const ajv = new Ajv({ strict: false });
  ajv.addSchema({ $id: 'api', components: document.components });
  const answered: string[] = [];
  const known: Record<string, string> = { id };
  for (const [at, methods] of Object.entries(document.paths))
    for (const [method, described] of Object.entries(methods)) {
      const { parameters = [], requestBody, operationId } = described;
      const inPlace = (place: string) => parameters.filter((one) => one.in === place && one.example !== undefined);
      const url = at.replaceAll(
        /\{(\w+)\}/g,
        (_, name: string) => known[name] ?? inPlace('path').find((one) => one.name === name)?.example ?? 'x',
      );
      const response = await request.fetch(url, {
        method,
        params: Object.fromEntries(inPlace('query').map(({ name, example = '' }) => [name, example])),
        ...(method === 'put' && at.endsWith('{id}') ? { headers: { 'If-Match': '"1"' } } : {}),
        ...(requestBody ? { data: requestBody.content['application/json']?.example } : {}),
      });
      const status = `${response.status()}`;
      expect(Object.keys(described.responses), `${operationId} ${status}`).toContain(status);
      const content = described.responses[status]?.content ?? {};
      const [type = ''] = Object.keys(content);
      if (type !== '') expect(response.headers()['content-type'], operationId).toContain(type);
      const schema = content['application/json']?.schema;
      if (!schema) continue;
      const validate = ajv.compile(
        JSON.parse(JSON.stringify(schema).replaceAll('"#/components', '"api#/components')) as object,
      );
      const body: unknown = await response.json();
      expect(validate(body), `${operationId} ${status} ${ajv.errorsText(validate.errors)}`).toBe(true);
      if (response.ok()) answered.push(operationId);
      // What was put in is taken out again by the operation that takes it out.
      if (operationId === 'putSupplier') known.supplier = (body as { id: string }).id;
    }
  const stock = await request.post('/api/v1/parts/own', {
    data: { own: [], holdings: [{ code: 'CMDP-200', onHand: 0, priceUsd: null }] },
  });
  expect(stock.ok()).toBe(true);
  const { suppliers } = (await (await request.get('/api/v1/suppliers')).json()) as { suppliers: { id: string }[] };
  expect(suppliers.map((one) => one.id)).not.toContain(known.supplier);
  // Most answer well; what is not there in this database (a link, an own part) is refused as described.
  expect(answered).toEqual(
    expect.arrayContaining(['planJob', 'getPartsList', 'findRoutes', 'identifyThread', 'readFigure', 'jobHistory']),
  );
});

test('an unknown address, and a page that calls from elsewhere with nonsense, get words in JSON', async ({
  request,
}) => {
  for (const method of ['get', 'post', 'put', 'delete'] as const) {
    const response = await request[method]('/api/v1/no/such/thing');
    expect(response.status()).toBe(404);
    expect(((await response.json()) as { error: string }).error).toContain('no such address');
  }
});

const CLIENT = `
import createClient from 'openapi-fetch';
import type { paths } from './schema.js';

const api = createClient<paths>({ baseUrl: process.argv[2] ?? '' });
const check = await api.POST('/api/v1/joints/check', { body: { a: '3/4 NPT M', b: '3/4 NPT F', aMaterial: 'brass' } });
if (!check.data) throw new Error(check.error?.error);
const words: string = check.data.words;

const ways = await api.POST('/api/v1/routes', { body: { from: '3/4 NPT M', to: '3/4 NH M', limit: 1 } });
if (!ways.data) throw new Error(ways.error?.error);
// What a joint of a way is promised to say, it says.
const said: string[] = ways.data.routes.flatMap(({ joints }) => joints.map((joint) => joint.words.toLowerCase()));

const opened = await api.POST('/api/v1/jobs', { body: JSON.parse(process.argv[3] ?? '') });
if (!opened.data) throw new Error(JSON.stringify(opened.error));
const path = { id: opened.data.id };
const job = await api.GET('/api/v1/jobs/{id}', { params: { path } });
if (!job.data) throw new Error(job.error?.error);
const [tank] = job.data.tanks ?? [];
if (!tank) throw new Error('no tank');
const edited = await api.POST('/api/v1/jobs/{id}/edits', {
  params: { path },
  body: {
    baseRevision: opened.data.revision,
    edits: [{ type: 'change-field', in: 'tanks', id: tank.id, field: 'plinthM', from: tank.plinthM, to: 0.5 }],
  },
});
if (!edited.data) throw new Error(JSON.stringify(edited.error));
const parts = await api.GET('/api/v1/jobs/{id}/parts.json', { params: { path } });
const lines = (parts.data?.groups ?? []).flatMap((group) => group.lines).length;
console.log(JSON.stringify({ words, said, label: edited.data.label, lines }));
`;

test('a client generated from the description compiles and works against the server @deep', async ({
  page,
  baseURL,
}) => {
  const folder = path.resolve('test-results/api-client');
  await rm(folder, { recursive: true, force: true });
  await mkdir(folder, { recursive: true });
  const schema = await openapiTypescript(new URL('/api/v1/openapi.json', baseURL));
  await writeFile(path.join(folder, 'schema.d.ts'), astToString(schema));
  await writeFile(path.join(folder, 'client.ts'), CLIENT);
  await writeFile(path.join(folder, 'package.json'), '{"type":"module"}');
  await run('node', [
    path.resolve('node_modules/typescript/bin/tsc'),
    ...[
      '--ignoreConfig',
      '--strict',
      '--target',
      'ES2022',
      '--module',
      'nodenext',
      '--skipLibCheck',
      '--types',
      'node',
    ],
    path.join(folder, 'client.ts'),
  ]);
  const job = await jobOfTernPoint(page, 'Client');
  const file = await (await page.request.get(`/api/v1/jobs/${job}/job-file.json`)).text();
  const { stdout } = await run('node', [path.join(folder, 'client.js'), baseURL ?? '', file]);
  const told = JSON.parse(stdout) as { words: string; said: string[]; label: string; lines: number };
  expect(told).toMatchObject({ words: 'Holds with tape', label: 'Set the plinth of T1' });
  expect(told.said.length).toBeGreaterThan(0);
  expect(told.lines).toBeGreaterThan(20);
});
