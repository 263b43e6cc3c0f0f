import { execFile, execFileSync } from 'node:child_process';
import { copyFileSync, mkdtempSync, readdirSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { ownServer } from './own-server';
import { jobOfTernPoint } from './support';

const root = path.join(import.meta.dirname, '..');
const migrations = path.join(root, 'web/src/server/db/migrations');

interface Ended {
  readonly code: number;
  readonly said: string;
}

test('what is stored is written into one file and put back, also from the version before', async () => {
  const data = mkdtempSync(path.join(tmpdir(), 'herrero-keep-'));
  const env = { ...process.env, HERRERO_DATA: data, PG_PORT: '54410', DATABASE_URL: '', DATABASE_OWNER_URL: '' };
  const pg = (command: string): string =>
    execFileSync('bash', [path.join(root, 'scripts/pg.sh'), command], { env, encoding: 'utf8' }).trim();
  const run = (script: string, args: readonly string[], input = ''): Promise<Ended> =>
    new Promise((resolve) => {
      const child = execFile(path.join(root, script), [...args], { env }, (error, out, err) =>
        resolve({ code: error ? Number(error.code) : 0, said: out + err }),
      );
      child.stdin?.end(input);
    });
  /** A statement by the driver of the application, in a process of its own. */
  const sql = (statement: string): string =>
    execFileSync(
      process.execPath,
      [
        '--input-type=module',
        '-e',
        `import pg from 'pg'; const c = new pg.Client({ connectionString: process.env.DATABASE_URL }); await c.connect();
         const { rows } = await c.query(process.argv[1]); console.log(JSON.stringify(rows)); await c.end();`,
        statement,
      ],
      { cwd: path.join(root, 'web'), env: { ...env, DATABASE_URL: pg('owner-url') }, encoding: 'utf8' },
    ).trim();
  const names = (): string => sql('select name from suppliers order by name');
  try {
    pg('start');
    // A database as the version before left it: without the last step.
    const old = path.join(data, 'migrations');
    execFileSync('cp', ['-r', migrations, old]);
    const journalFile = path.join(old, 'meta/_journal.json');
    const journal = JSON.parse(readFileSync(journalFile, 'utf8')) as { entries: unknown[] };
    writeFileSync(journalFile, JSON.stringify({ ...journal, entries: journal.entries.slice(0, -1) }));
    execFileSync(
      process.execPath,
      [
        '--input-type=module',
        '-e',
        `import pg from 'pg'; import { drizzle } from 'drizzle-orm/node-postgres'; import { migrate } from 'drizzle-orm/node-postgres/migrator';
         const c = new pg.Client({ connectionString: process.env.DATABASE_URL }); await c.connect();
         await migrate(drizzle(c), { migrationsFolder: process.argv[1] }); await c.end();`,
        old,
      ],
      { cwd: path.join(root, 'web'), env: { ...env, DATABASE_URL: pg('owner-url') } },
    );
    sql(`insert into suppliers (id, name, currency, priced_on) values ('a', 'Valley', 'USD', '2026-11-01')`);
    const file = path.join(data, 'kept.dump');
    const written = await run('backup', [file]);
    expect(written.said).toContain('read back whole');
    expect(written.code).toBe(0);

    sql(`insert into suppliers (id, name, currency, priced_on) values ('b', 'Hill', 'USD', '2026-11-02')`);
    // Cut off, it is no backup, and nothing is touched.
    const cut = path.join(data, 'cut.dump');
    copyFileSync(file, cut);
    truncateSync(cut, 3000);
    expect((await run('restore', [cut], 'yes\n')).said).toContain('no whole backup');
    expect((await run('restore', [file], 'no\n')).said).toContain('Nothing was changed');
    expect(names()).toBe('[{"name":"Hill"},{"name":"Valley"}]');

    const restored = await run('restore', [file], 'yes\n');
    expect(restored.said).toContain('Restored from');
    expect(restored.code).toBe(0);
    expect(names()).toBe('[{"name":"Valley"}]');
    // It was brought up to date on the way.
    expect(sql('select count(*)::int as many from catalogue_changes')).toBe('[{"many":1}]');
    // What it replaced is kept, and can be put back.
    const [before = ''] = readdirSync(path.join(data, 'backups')).filter((name) => name.startsWith('before-restore'));
    expect((await run('restore', [path.join(data, 'backups', before)], 'yes\n')).code).toBe(0);
    expect(names()).toBe('[{"name":"Hill"},{"name":"Valley"}]');
  } finally {
    pg('destroy');
    rmSync(data, { recursive: true, force: true });
  }
});

test('everything goes out as one file, and in again: here nothing is new, in another Herrero all of it @deep', async ({
  page,
}) => {
  const name = 'Moves house';
  const id = await jobOfTernPoint(page, name);
  await page.goto('/');
  const coming = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Everything of mine, in one file' }).click();
  const file = await coming;
  expect(file.suggestedFilename()).toMatch(/^herrero-everything-\d{4}-\d\d-\d\d\.zip$/);
  const zip = readFileSync(await file.path());

  await page.getByLabel('Job file').setInputFiles({ name: 'all.zip', mimeType: 'application/zip', buffer: zip });
  await expect(page.getByRole('status').filter({ hasText: 'Nothing of it is new here.' })).toContainText(
    'Here already, and left as here:',
  );
  await page
    .getByLabel('Job file')
    .setInputFiles({ name: 'none.zip', mimeType: 'application/zip', buffer: Buffer.from('PK none') });
  await expect(page.getByRole('alert').filter({ hasText: 'Not opened' })).toContainText('This is no zip file');

  const other = await ownServer(3178);
  try {
    const there = async (): Promise<{ id: string; name: string }[]> =>
      ((await (await fetch(`${other.base}/api/v1/jobs`)).json()) as { jobs: { id: string; name: string }[] }).jobs;
    expect((await there()).map((job) => job.id)).not.toContain(id);
    const put = await fetch(`${other.base}/api/v1/everything`, {
      method: 'POST',
      body: zip,
      headers: { 'content-type': 'application/zip' },
    });
    expect(put.status, await put.clone().text()).toBe(200);
    expect((await there()).find((job) => job.id === id)?.name).toBe(name);
    const documents = await Promise.all(
      [other.base, new URL(page.url()).origin].map(
        async (base) => (await fetch(`${base}/api/v1/jobs/${id}`)).json() as Promise<unknown>,
      ),
    );
    expect(documents[0]).toEqual(documents[1]);
  } finally {
    await other.end();
  }
});
