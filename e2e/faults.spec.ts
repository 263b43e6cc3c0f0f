import { mkdtempSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { Client } from 'pg';
import { type OwnServer, ownServer, smallDisk } from './own-server';

// What can happen to a server and its database while three people work: a few times in every run, a hundred kills, thirty
// storms and thirty jumps of the clock with `npm run test:faults`.
const KILLS = Number(process.env.HERRERO_FAULTS ?? 3);
const TIMES = Math.max(1, Math.ceil(KILLS * 0.3));
const PORT = 3174;
/** The first edit after the database is back is answered within this [ms]. */
const BACK_WITHIN_MS = 5000;

interface Answer {
  readonly status: number;
  readonly retryAfter: string | null;
  readonly text: string;
}

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

const asking =
  ({ base }: OwnServer) =>
  async (method: string, url: string, body?: unknown): Promise<Answer> => {
    const response = await fetch(base + url, {
      method,
      ...(body === undefined ? {} : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
      signal: AbortSignal.timeout(20_000),
    });
    return { status: response.status, retryAfter: response.headers.get('retry-after'), text: await response.text() };
  };

/** What the storm sees of the three who write meanwhile. */
interface Writing {
  readonly id: string;
  readonly answered: ReadonlyMap<string, string>;
  /** Waits until so many more edits have been answered. */
  readonly more: (many: number, withinMs?: number) => Promise<void>;
}

/**
 * Three people change one job, each sending a batch until it is answered, as a browser does, while something happens to
 * them. Whatever is not answered is a 503 that says when to come again; what was answered is there afterwards, once.
 */
async function whileThreeWrite(server: OwnServer, storm: (writing: Writing) => Promise<void>): Promise<void> {
  const ask = asking(server);
  const { jobs } = JSON.parse((await ask('GET', '/api/v1/jobs')).text) as { jobs: { id: string }[] };
  const id = jobs[0]?.id ?? '';
  const answered = new Map<string, string>();
  const strange: string[] = [];
  let count = 0;
  let stop = false;
  const write = async (who: number): Promise<void> => {
    while (!stop) {
      const name = `Place ${who}-${(count += 1)}`;
      const placeId = name.replace(' ', '');
      const terminal = {
        id: placeId,
        name,
        kind: 'other',
        offers: null,
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
        if (!sent) await pause(100);
      }
    }
  };
  const more = async (many: number, withinMs = 30_000): Promise<void> => {
    const before = answered.size;
    await expect
      .poll(() => answered.size, { timeout: withinMs, intervals: [100] })
      .toBeGreaterThanOrEqual(before + many);
  };
  const writers = [1, 2, 3].map(write);
  try {
    await more(3);
    await storm({ id, answered, more });
  } finally {
    stop = true;
    await Promise.all(writers);
  }
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
}

test('the database is killed under the server: what was answered is there, once, and it goes on by itself', async () => {
  test.setTimeout(480_000 + KILLS * 80_000);
  const server = await ownServer(PORT);
  try {
    await whileThreeWrite(server, async ({ more }) => {
      for (let kill = 0; kill < KILLS; kill++) {
        await more(3);
        process.kill(server.postmaster(), 'SIGKILL');
        await pause(300);
        server.pg('start');
        await more(1, BACK_WITHIN_MS);
      }
    });
  } finally {
    await server.end();
  }
});

test('tables are locked by somebody else, and the clock of the server jumps: nothing is lost or made twice @deep', async () => {
  test.setTimeout(480_000 + TIMES * 120_000);
  const folder = mkdtempSync(path.join(tmpdir(), 'herrero-clock-'));
  const [clock, preload] = [path.join(folder, 'offset'), path.join(folder, 'clock.cjs')];
  writeFileSync(clock, '0');
  writeFileSync(
    preload,
    `const { readFileSync } = require('node:fs'); const Real = Date; let offset = 0;
     setInterval(() => { offset = Number(readFileSync(${JSON.stringify(clock)}, 'utf8')) || 0; }, 20).unref();
     globalThis.Date = class Date extends Real {
       constructor(...given) { if (given.length === 0) super(Real.now() + offset); else super(...given); }
       static now() { return Real.now() + offset; }
       static parse = Real.parse;
       static UTC = Real.UTC;
     };`,
  );
  const server = await ownServer(PORT, { NODE_OPTIONS: `--require ${preload}` });
  const ask = asking(server);
  try {
    await whileThreeWrite(server, async ({ id, more }) => {
      for (let turn = 0; turn < TIMES; turn++) {
        const other = new Client({ connectionString: server.pg('owner-url') });
        await other.connect();
        await other.query('begin');
        await other.query(`lock table ${turn % 2 ? 'jobs' : 'job_history'} in access exclusive mode`);
        // What does not need that table is answered as ever.
        expect((await ask('GET', '/api/v1/suppliers')).status).toBe(200);
        expect([200, 503]).toContain((await ask('GET', `/api/v1/jobs/${id}`)).status);
        await pause(turn % 3 ? 1000 : 6000);
        await other.query('rollback');
        await other.end();
        await more(3);

        // A day ahead, ten years back, and right again.
        for (const hours of [24, -87_600, 0]) {
          writeFileSync(clock, `${hours * 3_600_000}`);
          await pause(100);
          await more(2);
          const tick = { line: `L-${turn}-${hours}`, state: 'in', at: new Date().toISOString() };
          expect((await ask('POST', `/api/v1/jobs/${id}/ticks`, { ticks: [tick] })).status).toBe(200);
        }
      }
      const { ticks } = JSON.parse((await ask('GET', `/api/v1/jobs/${id}/ticks`)).text) as { ticks: unknown[] };
      expect(ticks.length).toBeGreaterThanOrEqual(3 * TIMES);
    });
  } finally {
    await server.end();
    rmSync(folder, { recursive: true });
  }
});

test('the disk of the database is full: it is said, and what was answered is there when there is room again @deep', async () => {
  test.setTimeout(720_000);
  const disk = smallDisk('160m');
  test.skip(disk === undefined, 'no disk of its own can be mounted here');
  const { folder: small, end } = disk!;
  try {
    const server = await ownServer(PORT, {}, path.join(small, 'data'));
    const ask = asking(server);
    try {
      await whileThreeWrite(server, async ({ answered, more }) => {
        const filler = path.join(small, 'filler');
        const { bavail, bsize } = statfsSync(small);
        writeFileSync(filler, Buffer.alloc(Math.max(0, bavail * bsize - 65_536)));
        // Somebody writes until nothing goes any more.
        let last = answered.size;
        await expect
          .poll(
            () => {
              const moved = answered.size > last;
              last = answered.size;
              return moved;
            },
            { timeout: 240_000, intervals: [3000] },
          )
          .toBe(false);
        expect((await ask('GET', '/api/v1/health')).status).toBe(200);
        rmSync(filler);
        server.pg('start');
        await more(3);
      });
    } finally {
      await server.end();
    }
  } finally {
    end();
  }
});
