import { beforeEach, expect, test, vi } from 'vitest';
import { forgetKept, keptBy } from './kept';

/** What the pool was asked, and what it answers. */
interface Asked {
  made: number;
  stopped: number;
  state: string | undefined;
  answer: (signal: AbortSignal) => Promise<Response>;
}
const asked: Asked = { made: 0, stopped: 0, state: '1-1', answer: () => Promise.resolve(new Response('none')) };

const file = keptBy(
  'test',
  ({ signal }) => {
    asked.made += 1;
    signal.addEventListener('abort', () => (asked.stopped += 1));
    return asked.answer(signal);
  },
  () => Promise.resolve(asked.state),
);
const request = (search = '', signal?: AbortSignal): Request =>
  new Request(`http://localhost/parts.json${search}`, signal ? { signal } : {});
const get = async (asking: Request | string = ''): Promise<string> => {
  const response = await file(typeof asking === 'string' ? request(asking) : asking, {
    params: Promise.resolve({ id: 'job' }),
  });
  return `${response.status} ${await response.text()}`;
};
beforeEach(() => {
  forgetKept();
  Object.assign(asked, { made: 0, stopped: 0, state: '1-1' });
  asked.answer = () => Promise.resolve(new Response(`made ${asked.made}`));
});

test('what was made for a state of the job is answered again, and made anew for the next', async () => {
  expect(await get()).toBe('200 made 1');
  expect(await get()).toBe('200 made 1');
  expect(await get('?paper=a4')).toBe('200 made 2');
  asked.state = '2-1';
  expect(await get()).toBe('200 made 3');
  asked.state = '2-2';
  expect(await get()).toBe('200 made 4');
  expect(await get()).toBe('200 made 4');
  asked.state = undefined;
  expect(await get()).toContain('404');
  expect(asked.made).toBe(4);
});

test('who asks the same at once waits for the same', async () => {
  const answers = await Promise.all(Array.from({ length: 20 }, () => get()));
  expect(new Set(answers)).toEqual(new Set(['200 made 1']));
});

test('what was refused is not kept', async () => {
  asked.answer = () => Promise.resolve(new Response('later', { status: 503 }));
  expect(await get()).toBe('503 later');
  asked.answer = () => Promise.resolve(new Response('now'));
  expect(await get()).toBe('200 now');
});

test('one who goes away leaves it to the others; with the last of them it ends', async () => {
  /** Asks, and comes back once it waits for the answer. */
  const waiting = async (gone: AbortController): Promise<{ answer: Promise<string> }> => {
    const asking = request('', gone.signal);
    const joined = vi.spyOn(asking.signal, 'addEventListener');
    const answer = get(asking);
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
  for (const search of ['?1', '?2', '?3', '?3', '?2']) await get(search);
  expect(asked.made).toBe(3);
  await get('?1');
  expect(asked.made).toBe(4);
});
