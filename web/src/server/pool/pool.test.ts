import { execFileSync } from 'node:child_process';
import { ternPoint } from '@herrero/core';
import type * as Pool from './pool';
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';

const web = new URL('../../..', import.meta.url).pathname;
const before = process.cwd();
let pool: typeof Pool;

// The threads themselves, from the file that the build makes.
beforeAll(async () => {
  // As the server runs: the fonts lie there.
  process.chdir(web);
  execFileSync(process.execPath, ['build-pool.mjs'], { cwd: web });
  vi.stubEnv('HERRERO_POOL', `${web}.next/pool/worker.mjs`);
  // However slow the machine.
  vi.stubEnv('HERRERO_POOL_SECONDS', '3600');
  vi.resetModules();
  pool = await import('./pool');
});
afterAll(async () => {
  await pool.closePool();
  process.chdir(before);
  vi.unstubAllEnvs();
  vi.resetModules();
});

const planning = (browser: string, signal?: AbortSignal): Request =>
  new Request('http://localhost/api/v1/plan', {
    method: 'POST',
    body: JSON.stringify(ternPoint()),
    headers: { 'content-type': 'application/json', 'user-agent': browser },
    ...(signal ? { signal } : {}),
  });

describe('in the threads of the pool', () => {
  test('a job is planned as it is planned anywhere, and a PDF is a PDF', async () => {
    const answered = await pool.pooled('plan')(planning('one'));
    expect(answered.status).toBe(200);
    const { joints } = (await answered.json()) as { joints: unknown[] };
    expect(joints).toHaveLength(ternPoint().joints.length);
    const card = await pool.pooled('card.pdf')(new Request('http://localhost/card.pdf?ends=3/4%20NPT%20M&paper=a4'));
    expect(card.headers.get('content-type')).toBe('application/pdf');
    expect(
      Buffer.from(await card.arrayBuffer())
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-');
  });

  test('one caller has eight questions at once, and is told when to come again; another one goes on', async () => {
    const answered = await Promise.all([
      ...Array.from({ length: pool.MOST_OF_ONE + 1 }, () => pool.pooled('plan')(planning('greedy'))),
      pool.pooled('plan')(planning('modest')),
    ]);
    const refused = answered.filter(({ status }) => status === 429);
    expect(refused).toHaveLength(1);
    expect(refused[0]?.headers.get('retry-after')).toBe('1');
    expect(answered.at(-1)?.status).toBe(200);
    expect((await pool.pooled('plan')(planning('greedy'))).status).toBe(200);
  });

  test('who goes away takes his question with him, and the pool goes on', async () => {
    const gone = new AbortController();
    const asked = pool.pooled('plan')(planning('gone', gone.signal));
    gone.abort();
    await asked.catch(() => undefined);
    expect((await pool.pooled('plan')(planning('stays'))).status).toBe(200);
  });

  // The body that took 18 s and 160 MB.
  test('58,000 empty tanks are one problem', async () => {
    const answered = await pool.pooled('plan')(
      new Request('http://localhost/api/v1/plan', {
        method: 'POST',
        body: JSON.stringify({ ...ternPoint(), tanks: Array.from({ length: 58_000 }, () => ({})) }),
      }),
    );
    expect(answered.status).toBe(400);
    const { fields } = (await answered.json()) as { fields: { path: string }[] };
    expect(fields.map(({ path }) => path)).toContain('tanks');
    expect(fields.length).toBeLessThan(5);
  });
});
