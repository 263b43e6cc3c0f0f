import { expect, test } from '@playwright/test';
import { ownServer } from './own-server';

// The server on a database of its own that is killed under it: three times in every run, a hundred with
// `npm run test:faults`.
const KILLS = Number(process.env.HERRERO_FAULTS ?? 3);
const PORT = 3174;
const base = `http://127.0.0.1:${PORT}`;
/** The first edit after the database is back is answered within this [ms]. */
const BACK_WITHIN_MS = 5000;

interface Answer {
  readonly status: number;
  readonly retryAfter: string | null;
  readonly text: string;
}

const ask = async (method: string, url: string, body?: unknown): Promise<Answer> => {
  const response = await fetch(base + url, {
    method,
    ...(body === undefined ? {} : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
    signal: AbortSignal.timeout(20_000),
  });
  return { status: response.status, retryAfter: response.headers.get('retry-after'), text: await response.text() };
};

test('the database is killed under the server: what was answered is there, once, and it goes on by itself', async () => {
  test.setTimeout(120_000 + KILLS * 20_000);
  const { pg, postmaster, end } = await ownServer(PORT);
  try {
    const { jobs } = JSON.parse((await ask('GET', '/api/v1/jobs')).text) as { jobs: { id: string }[] };
    const id = jobs[0]?.id ?? '';

    const answered = new Map<string, string>();
    const strange: string[] = [];
    let count = 0;
    let stop = false;
    /** One writer: it sends the same batch until it is answered, as a browser does. */
    const write = async (who: number): Promise<void> => {
      while (!stop) {
        const name = `Place ${who}-${(count += 1)}`;
        const placeId = name.replace(' ', '');
        const terminal = {
          id: placeId,
          name,
          kind: 'other',
          offers: null,
          distanceM: null,
          readings: [],
          throughM: null,
        };
        const body = {
          baseRevision: 1,
          batchId: `b-${placeId}`,
          author: `w${who}`,
          edits: [
            { type: 'add-terminal', terminal },
            { type: 'remove-place', in: 'terminals', id: placeId },
          ],
        };
        for (let sent = false; !sent && !stop;) {
          const answer = await ask('POST', `/api/v1/jobs/${id}/edits`, body).catch((error: unknown): Answer => ({
            status: 0,
            retryAfter: null,
            text: String(error),
          }));
          sent = answer.status === 200;
          if (sent) answered.set(body.batchId, answer.text);
          else if (answer.status !== 503 || answer.retryAfter === null || !answer.text.includes('"error"'))
            strange.push(`${answer.status} ${answer.text.slice(0, 200)}`);
          if (!sent) await new Promise((resolve) => setTimeout(resolve, 100));
        }
      }
    };
    const writers = [1, 2, 3].map(write);
    for (let kill = 0; kill < KILLS; kill++) {
      await expect.poll(() => answered.size, { timeout: 30_000 }).toBeGreaterThan(kill * 3);
      process.kill(postmaster(), 'SIGKILL');
      await new Promise((resolve) => setTimeout(resolve, 300));
      pg('start');
      const before = answered.size;
      await expect.poll(() => answered.size, { timeout: BACK_WITHIN_MS, intervals: [100] }).toBeGreaterThan(before);
    }
    stop = true;
    await Promise.all(writers);
    expect(strange).toEqual([]);

    // Every answer was kept, and once.
    const kept = await Promise.all(
      [1, 2, 3].map(async (who) => {
        const { history } = JSON.parse((await ask('GET', `/api/v1/jobs/${id}/history?author=w${who}`)).text) as {
          history: { batchId: string }[];
        };
        return history.map(({ batchId }) => batchId);
      }),
    );
    const all = kept.flat();
    expect(new Set(all).size).toBe(all.length);
    for (const batchId of answered.keys()) expect(all).toContain(batchId);
  } finally {
    await end();
  }
});
