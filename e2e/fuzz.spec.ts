import { expect, test } from '@playwright/test';
import { ownServer } from './own-server';

// Requests made from the API's own description and then spoilt: a hundred and fifty in every run, a hundred thousand with
// `npm run test:fuzz`. The seed is printed; HERRERO_SEED makes the same ones again.
const REQUESTS = Number(process.env.HERRERO_FUZZ ?? 150);
const SEED = Number(process.env.HERRERO_SEED ?? (process.env.HERRERO_FUZZ ? Date.now() % 2 ** 31 : 20_261_130));
const AT_ONCE = 6;
const PORT = 3176;

type Json = null | boolean | number | string | readonly Json[] | { readonly [name: string]: Json };

interface Operation {
  readonly parameters?: readonly { readonly name: string; readonly in: string; readonly example?: string }[];
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly example?: Json }>> };
}

/** Mulberry32: the same numbers for the same seed. */
function dice(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

const STRANGE: readonly Json[] = [
  null,
  true,
  '',
  'teapot',
  'a\0b',
  '\ud800',
  'x'.repeat(5000),
  '2026-02-31',
  0,
  -1,
  1e300,
  0.1,
  [],
  {},
  [null],
  { constructor: { prototype: 1 } },
  Array.from({ length: 3000 }, () => ({})),
];
const WORDS = [
  'nothing',
  '%',
  '%00',
  '%zz',
  '..%2f',
  'a b',
  '%F0%9F%9A%B0',
  '__proto__',
  'x'.repeat(600),
  "' or 1=1 --",
];

test('no request is answered with a 500, with nothing, or not at all', async () => {
  test.setTimeout(480_000 + REQUESTS * 240);
  console.log(`fuzz: ${REQUESTS} requests, HERRERO_SEED=${SEED}`);
  const { base, end } = await ownServer(PORT);
  try {
    await spoil(base);
  } finally {
    await end();
  }
});

async function spoil(base: string): Promise<void> {
  const roll = dice(SEED);
  const one = <Item>(list: readonly Item[]): Item => list[Math.floor(roll() * list.length)] as Item;
  const { paths } = (await (await fetch(`${base}/api/v1/openapi.json`)).json()) as {
    paths: Record<string, Record<string, Operation>>;
  };
  const { jobs } = (await (await fetch(`${base}/api/v1/jobs`)).json()) as { jobs: { id: string }[] };
  const zip = new Uint8Array(await (await fetch(`${base}/api/v1/everything`)).arrayBuffer());
  const operations = Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, operation]) => ({ path, method, operation })),
  );

  /** The same value with something in it replaced, taken out or added. */
  const spoilt = (value: Json): Json => {
    if (roll() < 0.15) return one(STRANGE);
    if (Array.isArray(value)) {
      const list = value as readonly Json[];
      if (list.length === 0) return [one(STRANGE)];
      const at = Math.floor(roll() * list.length);
      return roll() < 0.2 ? [...list, ...list] : list.map((item, place) => (place === at ? spoilt(item) : item));
    }
    if (typeof value !== 'object' || value === null) return one(STRANGE);
    const entries = Object.entries(value as Record<string, Json>);
    const at = Math.floor(roll() * entries.length);
    if (roll() < 0.1) return Object.fromEntries([...entries, [one(WORDS), one(STRANGE)]]);
    return Object.fromEntries(
      entries.flatMap(([name, inner], place) =>
        place !== at ? [[name, inner]] : roll() < 0.15 ? [] : [[name, spoilt(inner)]],
      ),
    );
  };

  /** The file of everything, cut off, with some bytes in it changed, or as it is. */
  const spoiltZip = (): Uint8Array => {
    const bytes = zip.slice(0, roll() < 0.3 ? Math.floor(roll() * zip.length) : zip.length);
    for (let times = Math.floor(roll() * 4); times > 0 && bytes.length > 0; times--)
      bytes[Math.floor(roll() * bytes.length)] = Math.floor(roll() * 256);
    return bytes;
  };

  const make = () => {
    const { path, method, operation } = one(operations);
    const known = (name: string): string => (name === 'id' && roll() < 0.6 ? (one(jobs)?.id ?? '') : one(WORDS));
    const query = (operation.parameters ?? [])
      .filter((parameter) => parameter.in === 'query' && roll() < 0.7)
      .map(({ name, example = 'x' }) => `${name}=${roll() < 0.5 ? encodeURIComponent(example) : one(WORDS)}`);
    const url = `${path.replaceAll(/\{(\w+)\}/g, (_, name: string) => known(name))}${query.length > 0 ? `?${query.join('&')}` : ''}`;
    const { content = {} } = operation.requestBody ?? {};
    const example = content['application/json']?.example;
    let body: string | Uint8Array | undefined =
      example === undefined ? undefined : JSON.stringify(roll() < 0.1 ? example : spoilt(spoilt(example)));
    if ('application/zip' in content) body = spoiltZip();
    else if (body !== undefined && roll() < 0.05) body = body.slice(0, Math.floor(roll() * body.length));
    const [usual = 'application/json'] = Object.keys(content);
    const type = roll() < 0.95 ? usual : one(['text/plain', 'multipart/form-data', '']);
    const headers: Record<string, string> = { ...(body === undefined ? {} : { 'content-type': type }) };
    if (roll() < 0.1) headers['if-match'] = one(['"1"', '*', 'x', '"99999999999999999999"']);
    return { url, method: method.toUpperCase(), headers, body };
  };

  const wrong: string[] = [];
  let left = REQUESTS;
  const worker = async (): Promise<void> => {
    while (left-- > 0) {
      const { url, method, headers, body } = make();
      const asked = `${method} ${url.slice(0, 200)} ${typeof body === 'string' ? body.slice(0, 300) : ''}`;
      try {
        const response = await fetch(`${base}${url}`, {
          method,
          headers,
          ...(body === undefined ? {} : { body: Buffer.from(body) }),
        });
        const text = await response.text();
        const { status } = response;
        if (status >= 500 && status !== 503) wrong.push(`${status} ${asked} -> ${text.slice(0, 200)}`);
        else if (status === 503 && !response.headers.get('retry-after')) wrong.push(`503 without Retry-After ${asked}`);
        else if (status >= 400 && text === '') wrong.push(`${status} without a word ${asked}`);
      } catch (error) {
        wrong.push(`${String(error)} ${asked}`);
      }
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, worker));
  expect(wrong.slice(0, 20)).toEqual([]);
}
