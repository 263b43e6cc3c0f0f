import { randomUUID } from 'node:crypto';
import { type Job, emptyJob, ternPoint } from '@herrero/core';
import { NextRequest } from 'next/server';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { POST as postEdits } from '@/app/api/v1/jobs/[id]/edits/route';
import { GET as getHistory } from '@/app/api/v1/jobs/[id]/history/route';
import { GET as getSheetDxf } from '@/app/api/v1/jobs/[id]/drilling-sheet.dxf/route';
import { GET as getSheetSvg } from '@/app/api/v1/jobs/[id]/drilling-sheet.svg/route';
import { GET as getCsv } from '@/app/api/v1/jobs/[id]/parts.csv/route';
import { GET as getJob, PUT as putJob } from '@/app/api/v1/jobs/[id]/route';
import { GET as getJobFile } from '@/app/api/v1/jobs/[id]/job-file.json/route';
import { GET as getPartsJson } from '@/app/api/v1/jobs/[id]/parts.json/route';
import { GET as getJobs, POST as openJobFile } from '@/app/api/v1/jobs/route';
import { POST as checkJoint } from '@/app/api/v1/joints/check/route';
import { POST as postIdentify } from '@/app/api/v1/threads/identify/route';
import { GET as getCard } from '@/app/api/v1/threads/card.pdf/route';
import { POST as postPlan } from '@/app/api/v1/plan/route';
import { POST as postRoutes } from '@/app/api/v1/routes/route';
import { closeDatabase } from '../db/database';
import { createJob } from '../db/job-repository';

const id = randomUUID();
const at = (job: string) => ({ params: Promise.resolve({ id: job }) });
const post = (body: unknown, headers: Record<string, string> = {}) =>
  new Request('http://localhost/', {
    method: 'POST',
    body: typeof body === 'string' ? body : JSON.stringify(body),
    headers,
  });
const body = async (response: Response): Promise<Record<string, unknown>> =>
  (await response.json()) as Record<string, unknown>;
const fields = async (response: Response): Promise<string[]> =>
  ((await body(response)).fields as { path: string }[]).map((field) => field.path);

beforeAll(() => createJob(id, ternPoint(), 'test'));
afterAll(closeDatabase);

describe('the drilling sheet', () => {
  const sheet = (get: typeof getSheetSvg, job: string, query: string) =>
    get(new NextRequest(`http://localhost/api/v1/jobs/${job}/drilling-sheet?${query}`), at(job));

  test('of a tank comes in its own media type and under its own name', async () => {
    const svg = await sheet(getSheetSvg, id, 'tank=t2&paper=a4');
    expect(svg.status).toBe(200);
    expect(svg.headers.get('content-type')).toContain('image/svg+xml');
    expect(svg.headers.get('content-disposition')).toBe('attachment; filename="drilling-sheet-t2.svg"');
    expect(await svg.text()).toContain('P4 Hose outlet');
    expect((await sheet(getSheetDxf, id, 'tank=t2')).headers.get('content-type')).toBe('image/vnd.dxf');
  });

  test('without a tank is that of the first, on Letter', async () => {
    const text = await (await sheet(getSheetSvg, id, '')).text();
    expect(text).toContain('T1');
    expect(text).toContain('width="215.9mm"');
  });

  test.each([
    ['tank=nowhere', 'tank'],
    ['paper=napkin', 'paper'],
  ])('%s is a wrong field', async (query, field) => {
    const response = await sheet(getSheetSvg, id, query);
    expect(response.status).toBe(400);
    expect(await fields(response)).toEqual([field]);
  });

  test('of no job, and of a tank in which nothing is drilled', async () => {
    expect((await sheet(getSheetSvg, randomUUID(), '')).status).toBe(404);
    const bare = randomUUID();
    const [tank] = ternPoint().tanks;
    await createJob(bare, { ...emptyJob('Bare', 'mm-l'), tanks: tank ? [tank] : [] }, 'test');
    const response = await sheet(getSheetSvg, bare, '');
    expect(response.status).toBe(400);
    expect(await response.text()).toContain('Nothing is drilled in T1 yet');
  });
});

describe('threads/identify', () => {
  const endsOf = ({ candidates }: Readonly<Record<string, unknown>>): readonly string[] =>
    (candidates as readonly { readonly end: string }[]).map(({ end }) => end);
  const identify = async (sent: unknown) => {
    const response = await postIdentify(post(sent));
    return { status: response.status, answer: await body(response) };
  };

  test.each([
    ['pitchMm', { pitchMm: 1.814 }],
    ['tpi', { tpi: 14 }],
    ['a count', { count: { count: 10, overMm: 18.1 } }],
  ])('takes the pitch as %s', async (_, pitch) => {
    const { status, answer } = await identify({ sex: 'male', diameterMm: 26.5, tapered: true, region: 'US', ...pitch });
    expect(status).toBe(200);
    expect(answer).toMatchObject({
      candidates: [
        { end: '3/4 NPT M', fit: 'fits' },
        { end: '3/4 R M', fit: 'fits' },
        { end: '3/4 G M', fit: 'does-not-fit' },
      ],
      tellApart: { measure: 'tip', readings: [{ end: '3/4 NPT M' }, { end: '3/4 R M' }] },
    });
  });

  // A country is read as the region whose threads it has (ISO 3166-1 letters).
  test.each([
    ['AU', '3/4 R M'],
    ['de', '3/4 R M'],
    ['CA', '3/4 NPT M'],
  ])('in %s the first of those that fit is %s', async (region, first) => {
    const { status, answer } = await identify({ sex: 'male', diameterMm: 26.5, tpi: 14, tapered: true, region });
    expect(status).toBe(200);
    expect(endsOf(answer)[0]).toBe(first);
  });
  test('a count of few crests is said to be few', async () => {
    const asked = { sex: 'male', diameterMm: 33.1, tapered: true, region: 'UK', count: { count: 4.5, overMm: 10 } };
    const { answer } = await identify(asked);
    expect(answer).toMatchObject({ fewCrests: true });
    expect(endsOf(answer).slice(0, 2)).toEqual(['1 R M', '1 NPT M']);
  });

  test('the last candidate has no margin to a next one, as null', async () => {
    const { answer } = await identify({ sex: 'male', diameterMm: 59.8, pitchMm: 6 });
    expect((answer.candidates as { margin: number | null }[]).at(-1)?.margin).toBeNull();
  });

  test.each([
    ['an impossible diameter', { sex: 'male', diameterMm: 1.04 }, ['diameterMm']],
    ['a pitch no thread has', { sex: 'male', diameterMm: 26, tpi: 1 }, ['tpi']],
    ['two pitches', { sex: 'male', diameterMm: 26, tpi: 14, pitchMm: 1.8 }, ['pitchMm', 'tpi']],
    ['no sex and a stranger', { diameterMm: 'wide', colour: 'grey' }, ['colour', 'sex', 'diameterMm']],
    ['half a count', { sex: 'male', diameterMm: 26, count: { count: 3 } }, ['count.overMm']],
  ])('%s: 400 with every field', async (_, sent, expected) => {
    const response = await postIdentify(post(sent));
    expect(response.status).toBe(400);
    expect([...new Set(await fields(response))]).toEqual(expected);
  });
});

describe('threads/card.pdf', () => {
  const card = (query: string) => getCard(new NextRequest(`http://localhost/api/v1/threads/card.pdf?${query}`));

  test.each([
    ['', ['ends']],
    ['ends=3/4 NPT M&paper=napkin', ['paper']],
    ['ends=3/4 NTP M,1 IPS socket', ['ends', 'ends']],
    [`ends=${Array.from({ length: 13 }, () => '1 NPT M').join(',')}`, ['ends']],
  ])('%s: 400', async (query, expected) => {
    const response = await card(query);
    expect(response.status).toBe(400);
    expect(await fields(response)).toEqual(expected);
  });
});

describe('routes', () => {
  test('gives chains whose every joint holds, with price and least bore', async () => {
    const { routes } = (await body(
      await postRoutes(post({ from: '3/4 NPT M', to: '3/4 NH M', fromMaterial: 'brass', require: ['shut-off'] })),
    )) as {
      routes: { parts: { code: string }[]; joints: { verdict: string }[]; price: number; smallestBoreMm: number }[];
    };
    expect(routes).toHaveLength(5);
    for (const { parts, joints, price, smallestBoreMm } of routes) {
      // The run shall offer the end itself: there is a joint before every part and none after the last.
      expect(joints).toHaveLength(parts.length);
      for (const { verdict } of joints) expect(['holds', 'holds-with']).toContain(verdict);
      expect(price).toBeGreaterThan(0);
      expect(smallestBoreMm).toBeGreaterThan(5);
    }
  });

  test('joins what is there, when that is asked', async () => {
    const answer = await body(
      await postRoutes(post({ from: '3/4 NPT M', to: '3/4 NH F swivel', target: 'joins', limit: 1 })),
    );
    expect(answer.routes).toMatchObject([
      { parts: [{ code: 'AD-075F', ends: ['3/4 NPT F', '3/4 NH M'] }], joints: [{}, { verdict: 'holds-with' }] },
    ]);
  });

  test('names the gap, and what was asked for in vain', async () => {
    expect(await body(await postRoutes(post({ from: '2-1/2 NH F', to: 'S60x6 F', region: 'ANZ' })))).toMatchObject({
      routes: [],
      gap: { part: '2-1/2 NH M x S60x6 F', before: [], after: [] },
    });
    expect(
      await body(
        await postRoutes(post({ from: '1 NPT F', to: '1 NPT M', require: ['filter', 'union'], mostParts: 1 })),
      ),
    ).toEqual({ routes: [], unmet: ['filter', 'union'] });
  });

  test.each([
    [{ from: '3/4 NPTT M', to: '7/9 NH F' }, ['from', 'to']],
    [{ from: 'x', to: '3/4 NH M', limit: 500, require: ['gold'], mostParts: 1.5 }, ['limit', 'require', 'mostParts']],
    [{}, ['from', 'to']],
  ])('%j: 400 with every field', async (sent, expected) => {
    const response = await postRoutes(post(sent));
    expect(response.status).toBe(400);
    expect([...new Set(await fields(response))].sort()).toEqual([...expected].sort());
  });
});

describe('joints/check', () => {
  test('knows what a joint is really made with', async () => {
    const answer = await body(await checkJoint(post({ a: '3/4 NH M', b: '3/4 NH F swivel', madeWith: ['tape'] })));
    expect(answer).toMatchObject({ verdict: 'starts-then-leaks', reason: 'left-out-leaks' });
  });

  test('judges two ends', async () => {
    const answer = await body(await checkJoint(post({ a: '3/4 NPT M', b: '3/4 NPT F', aMaterial: 'brass' })));
    expect(answer).toMatchObject({
      verdict: 'holds-with',
      words: 'Holds with tape',
      needs: [{ kind: 'tape', turns: 4 }],
    });
  });

  // The wall of PE 100 pipe is polyethylene; drains are judged otherwise than what a pump presses.
  test('judges by the material as it is called and by what the water does', async () => {
    const pe = await body(
      await checkJoint(post({ a: '25 PE spigot', b: '25 PE compression', aMaterial: 'PE100', bMaterial: 'brass' })),
    );
    expect(pe).toMatchObject({ words: 'Holds with insert' });
    const drain = { a: '2 IPS spigot', b: '2 DWV socket' };
    expect(await body(await checkJoint(post({ ...drain, service: 'drain' })))).toMatchObject({ verdict: 'holds-with' });
    expect(await body(await checkJoint(post({ ...drain, service: 'pressure' })))).toMatchObject({
      verdict: 'starts-then-leaks',
    });
    expect(await body(await checkJoint(post({ a: '3/4 R M', b: '3/4 G F' })))).toMatchObject({
      verdict: 'holds-with',
      practice: expect.stringContaining('ISO 228-1') as string,
    });
  });

  test('names every word it did not understand in one answer', async () => {
    const response = await checkJoint(post({ a: '3/4 NPTT M', b: '7/9 NH F' }));
    expect(response.status).toBe(400);
    expect((await body(response)).fields).toMatchObject([
      { path: 'a', message: expect.stringContaining('NPT') as string },
      { path: 'b' },
    ]);
  });

  test.each([
    ['no JSON', '{', ['']],
    ['a list', [], ['']],
    ['nothing', {}, ['a', 'b']],
    ['wrong types and a stranger', { a: 5, b: '', aMaterial: 'cheese', x: 1 }, ['x', 'a', 'b', 'aMaterial']],
  ])('%s: 400 with every field', async (_, sent, expected) => {
    const response = await checkJoint(post(sent));
    expect(response.status).toBe(400);
    expect((await fields(response)).sort()).toEqual([...expected].sort());
  });

  test('a body over 2 MB: 413, also when its length is not declared', async () => {
    const large = JSON.stringify({ a: 'x'.repeat(2_100_000), b: '' });
    expect((await checkJoint(post(large, { 'content-length': `${large.length}` }))).status).toBe(413);
    expect((await checkJoint(post(large))).status).toBe(413);
  });
});

describe('plan', () => {
  test('judges a document that is not stored', async () => {
    const answer = await body(await postPlan(post(ternPoint())));
    expect(answer.stations).toMatchObject([
      { id: 'site' },
      { id: 'tanks', peg: 'settled' },
      { id: 'holes' },
      { id: 'runs', peg: 'trouble' },
      {},
      {},
      {},
    ]);
    expect(answer.findings).toMatchObject([
      { check: 'joint/false-friend', fixes: [{ partsAdded: 1 }, {}, {}] },
      {},
      {},
      { check: 'hole/no-way-to-nut' },
      {},
      {},
      { check: 'run/no-shut-off' },
      { check: 'run/sucks-air' },
    ]);
    expect(answer.joints).toHaveLength(42);
  });

  test('names every field of a document that is wrong', async () => {
    const job = ternPoint();
    const wrong = {
      ...job,
      schemaVersion: 999,
      tanks: job.tanks.map((tank, index) => (index === 0 ? { ...tank, wallM: 'thick' } : tank)),
      joints: [{ ...job.joints[0], a: { of: 'pipe', id: 'p1' } }],
    };
    expect(await fields(await postPlan(post(wrong)))).toEqual([
      'schemaVersion',
      'tanks[0].wallM',
      'joints[0].a.id',
      'joints[0].a.of',
    ]);
  });

  test('names what contradicts itself in a document of sound shape', async () => {
    const job = ternPoint();
    const wrong: Job = { ...job, penetrations: job.penetrations.map((hole) => ({ ...hole, heightM: 9 })) };
    expect(await fields(await postPlan(post(wrong)))).toContain('penetrations[3].heightM');
  });

  test('keys that would reach into every object are strangers like any other', async () => {
    const response = await postPlan(post('{"__proto__": {"polluted": true}, "constructor": {}, "name": "x"}'));
    expect(response.status).toBe(400);
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  });
});

describe('jobs', () => {
  test('are listed', async () =>
    expect(
      ((await body(await getJobs(new Request('http://localhost/api/v1/jobs')))).jobs as { id: string }[]).some(
        (job) => job.id === id,
      ),
    ).toBe(true));

  test('are read with their revision, or not at all when it is the same', async () => {
    const response = await getJob(new Request('http://localhost/'), at(id));
    expect(response.headers.get('etag')).toBe('"1"');
    expect(await body(response)).toEqual(ternPoint());
    expect(
      (await getJob(new Request('http://localhost/', { headers: { 'If-None-Match': '"1"' } }), at(id))).status,
    ).toBe(304);
    expect((await getJob(new Request('http://localhost/'), at('nowhere'))).status).toBe(404);
  });

  test('are put by who saw the newest; the stale are told', async () => {
    const own = randomUUID();
    await createJob(own, emptyJob('Put me', 'mm-l'), 'test');
    const put = (etag: string | undefined, document: unknown) =>
      putJob(
        new Request('http://localhost/', {
          method: 'PUT',
          body: JSON.stringify(document),
          headers: etag === undefined ? {} : { 'If-Match': etag },
        }),
        at(own),
      );
    expect((await put(undefined, ternPoint())).status).toBe(428);
    expect((await put('"1"', { ...ternPoint(), name: 7 })).status).toBe(400);
    expect((await put('"1"', ternPoint())).status).toBe(200);
    expect((await put('"1"', ternPoint())).status).toBe(409);
    expect((await putJob(new Request('http://localhost/', { method: 'PUT' }), at('nowhere'))).status).toBe(404);
  });

  test('take edits, and give the newest back where others were faster', async () => {
    const own = randomUUID();
    await createJob(own, emptyJob('Edit me', 'mm-l'), 'test');
    const edit = (to: string, from = 'Edit me') => ({ type: 'change-field', in: 'settings', field: 'name', from, to });
    const first = await body(await postEdits(post({ baseRevision: 1, edits: [edit('A')], author: 'me' }), at(own)));
    expect(first).toMatchObject({ revision: 2, label: 'Set the name' });
    expect(first.job).toBeUndefined();
    const late = await postEdits(post({ baseRevision: 1, edits: [edit('B')] }), at(own));
    expect(late.status).toBe(409);
    expect(await body(late)).toMatchObject({
      refused: [{ code: 'changed-since', now: 'A' }],
      revision: 2,
      job: { name: 'A' },
    });
    const onStale = await body(await postEdits(post({ baseRevision: 1, edits: [edit('B', 'A')] }), at(own)));
    expect(onStale).toMatchObject({ revision: 3, job: { name: 'B' } });
    expect(await body(await getHistory(new Request('http://localhost/?author=me'), at(own)))).toMatchObject({
      history: [{ label: 'Set the name' }],
    });
    expect((await getHistory(new Request('http://localhost/'), at(own))).status).toBe(400);
  });

  test.each([
    ['an edit of no kind', { type: 'explode' }, 'edits[0].type'],
    ['a kind with a field of another type', { type: 'remove-part', partId: 5 }, 'edits[0].partId'],
    [
      'a part half described',
      { type: 'add-part', part: { id: 'x' }, at: { of: 'hole', id: 'p1' }, partEnd: 0, jointId: 'j' },
      'edits[0].part.code',
    ],
    [
      'a height above the tank',
      { type: 'change-field', in: 'penetrations', id: 'p4', field: 'heightM', from: 8 * 0.0254, to: 90 },
      'edits[0].to',
    ],
    [
      'a height that is a word',
      { type: 'change-field', in: 'penetrations', id: 'p4', field: 'heightM', from: 8 * 0.0254, to: 'high' },
      'edits[0].to',
    ],
  ])('%s: 400 with its path', async (_, edit, expected) => {
    const response = await postEdits(post({ baseRevision: 1, edits: [edit] }), at(id));
    expect(response.status).toBe(400);
    expect(await fields(response)).toContain(expected);
  });

  test('give their parts as a file', async () => {
    const response = await getCsv(new Request('http://localhost/'), at(id));
    expect(response.headers.get('content-disposition')).toBe('attachment; filename="tern-point-boat-rinse-parts.csv"');
    expect(await response.text()).toContain('LV-075,Lever valve,"3/4 NPT female, brass",1,piece,1');
    expect((await getCsv(new Request('http://localhost/'), at('nowhere'))).status).toBe(404);
  });
});

describe('a job file', () => {
  const fileOf = async (): Promise<string> => (await getJobFile(new Request('http://localhost/'), at(id))).text();

  test('goes out and comes back without loss, as a job of its own', async () => {
    const text = await fileOf();
    const opened = await openJobFile(post(text));
    expect(opened.status).toBe(201);
    const { id: copy } = (await body(opened)) as { id: string };
    expect(copy).not.toBe(id);
    const back = await getJobFile(new Request('http://localhost/'), at(copy));
    expect(await back.text()).toBe(text);
    expect(back.headers.get('content-disposition')).toBe('attachment; filename="tern-point-boat-rinse.herrero.json"');
    expect((await getJobFile(new Request('http://localhost/'), at('nowhere'))).status).toBe(404);
  });

  test.each<readonly [string, (job: Record<string, unknown>) => unknown, string]>([
    ['a list', () => [], ''],
    ['of another program', () => ({ name: 'x' }), 'schemaVersion'],
    ['of a Herrero to come', (job) => ({ ...job, schemaVersion: 999 }), 'schemaVersion'],
    ['of an old version, not built like one', () => ({ schemaVersion: 1, tanks: 7 }), ''],
    ['with a field that no job has', (job) => ({ ...job, virus: true }), 'virus'],
    ['with a wrong figure', (job) => ({ ...job, stormMmPerH: 'much' }), 'stormMmPerH'],
  ])('%s is refused with its reason', async (_, spoil, path) => {
    const response = await openJobFile(post(spoil(JSON.parse(await fileOf()) as Record<string, unknown>)));
    expect(response.status).toBe(400);
    expect(await fields(response)).toContain(path);
  });

  test('damaged, and one that reaches into the prototype', async () => {
    const text = await fileOf();
    expect((await openJobFile(post(text.slice(0, 300)))).status).toBe(400);
    const response = await openJobFile(post(text.replace('"name"', '"__proto__": { "polluted": true }, "name"')));
    expect(await fields(response)).toEqual(['__proto__']);
    expect(({} as { polluted?: boolean }).polluted).toBeUndefined();
  });

  test('its list says where every line is used', async () => {
    const { groups } = (await body(await getPartsJson(new Request('http://localhost/'), at(id)))) as {
      groups: { lines: { code: string; uses: { of: string; place: string }[] }[] }[];
    };
    const valve = groups.flatMap(({ lines }) => lines).find(({ code }) => code === 'LV-075');
    expect(valve?.uses).toMatchObject([{ of: 'part', place: 'P4' }]);
    expect((await getPartsJson(new Request('http://localhost/'), at('nowhere'))).status).toBe(404);
  });
});
