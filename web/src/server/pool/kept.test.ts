import { randomUUID } from 'node:crypto';
import { type Edit, ternPoint } from '@herrero/core';
import { afterAll, beforeEach, expect, test, vi } from 'vitest';
import { closeDatabase } from '../db/database';
import { applyBatch, createJob } from '../db/job-repository';
import { putOwn } from '../db/part-repository';
import { forgetKept, keptFile } from './kept';

/** What the pool was asked, and what it answers. */
interface Asked {
  made: number;
  stopped: number;
  answer: (signal: AbortSignal) => Promise<Response>;
}
const asked: Asked = vi.hoisted(() => ({
  made: 0,
  stopped: 0,
  answer: () => Promise.resolve(new Response('none')),
}));
vi.mock('./pool', () => ({
  pooled: () => (request: Request) => {
    asked.made += 1;
    request.signal.addEventListener('abort', () => (asked.stopped += 1));
    return asked.answer(request.signal);
  },
}));
afterAll(closeDatabase);

const file = keptFile('parts.json');
const request = (search = '', signal?: AbortSignal): Request =>
  new Request(`http://localhost/parts.json${search}`, signal ? { signal } : {});
const get = async (id: string, asking: Request | string = ''): Promise<string> => {
  const response = await file(typeof asking === 'string' ? request(asking) : asking, {
    params: Promise.resolve({ id }),
  });
  return `${response.status} ${await response.text()}`;
};
let id: string;
beforeEach(async () => {
  forgetKept();
  id = randomUUID();
  await createJob(id, ternPoint(), 'test');
  asked.made = 0;
  asked.stopped = 0;
  asked.answer = () => Promise.resolve(new Response(`made ${asked.made}`, { headers: { 'x-of': 'pool' } }));
});

test('what was made for a state of the job is answered again, and made anew for the next', async () => {
  expect(await get(id)).toBe('200 made 1');
  expect(await get(id)).toBe('200 made 1');
  expect(await get(id, '?paper=a4')).toBe('200 made 2');
  const rename: Edit = { type: 'change-field', in: 'settings', field: 'name', from: ternPoint().name, to: 'Next' };
  await applyBatch(id, { batchId: 'next', author: 'test', undoes: null, edits: [rename] });
  expect(await get(id)).toBe('200 made 3');
  // A price, a stock, a left-over: any of them may be in the list.
  await putOwn({ own: [], holdings: [{ code: 'LV-075', onHand: 0, priceUsd: null }] });
  expect(await get(id)).toBe('200 made 4');
  expect(await get(randomUUID())).toContain('404');
  expect(asked.made).toBe(4);
});

test('who asks the same at once waits for the same', async () => {
  const answers = await Promise.all(Array.from({ length: 20 }, () => get(id)));
  expect(new Set(answers)).toEqual(new Set(['200 made 1']));
});

test('what was refused is not kept', async () => {
  asked.answer = () => Promise.resolve(new Response('later', { status: 503 }));
  expect(await get(id)).toBe('503 later');
  asked.answer = () => Promise.resolve(new Response('now'));
  expect(await get(id)).toBe('200 now');
});

test('one who goes away leaves it to the others; with the last of them it ends', async () => {
  /** Asks, and comes back once it waits for the answer. */
  const waiting = async (gone: AbortController): Promise<{ answer: Promise<string> }> => {
    const asking = request('', gone.signal);
    const joined = vi.spyOn(asking.signal, 'addEventListener');
    const answer = get(id, asking);
    await vi.waitFor(() => expect(joined).toHaveBeenCalled(), { timeout: 10_000 });
    return { answer };
  };
  let done = (): void => {};
  asked.answer = (signal) =>
    new Promise((resolve) => {
      done = () => resolve(new Response('done'));
      signal.addEventListener('abort', () => resolve(new Response(null, { status: 499 })));
    });
  const [first, second] = [new AbortController(), new AbortController()];
  await waiting(first);
  const { answer } = await waiting(second);
  first.abort();
  expect(asked.stopped).toBe(0);
  done();
  expect(await answer).toBe('200 done');

  forgetKept();
  const third = new AbortController();
  const last = await waiting(third);
  third.abort();
  await vi.waitFor(() => expect(asked.stopped).toBe(1));
  expect(await last.answer).toContain('499');
});

test('of large answers only the last are kept', async () => {
  asked.answer = () => Promise.resolve(new Response('x'.repeat(30_000_000)));
  for (const search of ['?1', '?2', '?3', '?3', '?2']) await get(id, search);
  expect(asked.made).toBe(3);
  await get(id, '?1');
  expect(asked.made).toBe(4);
});
