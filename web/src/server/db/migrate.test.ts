import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { Client } from 'pg';
import { afterAll, beforeEach, expect, test } from 'vitest';

const NAME = `migrating_${process.pid}`;
const here = import.meta.dirname;
const ownerUrl = process.env['DATABASE_OWNER_URL'] ?? process.env['DATABASE_URL'] ?? '';
const steps = (
  JSON.parse(readFileSync(path.join(here, 'migrations/meta/_journal.json'), 'utf8')) as { entries: unknown[] }
).entries.length;

const named = (url: string | undefined): string => Object.assign(new URL(url ?? ''), { pathname: `/${NAME}` }).href;
const migrating = (...args: readonly string[]): ChildProcess =>
  spawn(process.execPath, [path.join(here, 'migrate.mjs'), ...args], {
    env: {
      ...process.env,
      DATABASE_URL: named(process.env['DATABASE_URL']),
      DATABASE_OWNER_URL: named(ownerUrl),
    },
    stdio: 'inherit',
  });
const ended = async (child: ChildProcess): Promise<unknown> => ((await once(child, 'exit')) as unknown[])[0];

async function withClient<Answer>(url: string, ask: (client: Client) => Promise<Answer>): Promise<Answer> {
  const client = new Client({ connectionString: url });
  await client.connect();
  try {
    return await ask(client);
  } finally {
    await client.end();
  }
}
const fresh = (): Promise<unknown> =>
  withClient(ownerUrl, async (client) => {
    await client.query(`drop database if exists ${NAME} with (force)`);
    await client.query(`create database ${NAME}`);
  });
const done = (): Promise<number> =>
  withClient(named(ownerUrl), async (client) => {
    const { rows } = await client.query<{ many: number }>(
      'select count(distinct hash)::int as many from drizzle.__drizzle_migrations',
    );
    return rows[0]?.many ?? 0;
  });

beforeEach(fresh);
afterAll(() => withClient(ownerUrl, (client) => client.query(`drop database if exists ${NAME} with (force)`)));

test('two that migrate at once take turns: every step is made once', async () => {
  expect(await Promise.all([ended(migrating()), ended(migrating())])).toEqual([0, 0]);
  expect(await done()).toBe(steps);
  // And nothing is left to do.
  expect(await ended(migrating('--pending'))).toBe(3);
});

test('what was killed half way is gone on with by the next', async () => {
  await withClient(named(ownerUrl), async (other) => {
    // Somebody stands in the way of a step in the middle: the steps before it have been made by then.
    await other.query('begin');
    await other.query('create table suppliers (id int)');
    const killed = migrating();
    // What others are at is seen once in a transaction: it is asked for from outside of it.
    const waits = (): Promise<number | null> =>
      withClient(ownerUrl, async (client) => {
        const { rowCount } = await client.query(
          `select 1 from pg_stat_activity where datname = '${NAME}' and wait_event_type = 'Lock' and query ilike '%suppliers%'`,
        );
        return rowCount;
      });
    await expect.poll(waits, { timeout: 20_000 }).toBe(1);
    killed.kill('SIGKILL');
    expect(await ended(killed)).toBe(null);
    await other.query('rollback');
  });
  expect(await ended(migrating())).toBe(0);
  expect(await done()).toBe(steps);
});
