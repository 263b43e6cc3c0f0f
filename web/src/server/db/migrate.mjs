// node src/server/db/migrate.mjs [--pending]: brings the database of DATABASE_URL to the newest schema. Plain JavaScript, so that no
// TypeScript runner is needed where Herrero is started.
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';

// The owner changes the tables; the program, as which the application runs, only reads and writes them.
const url = process.env.DATABASE_OWNER_URL || process.env.DATABASE_URL;
if (!url) {
  console.error('migrate: DATABASE_URL is not set');
  process.exit(1);
}
/** Any number will do, as long as nobody else takes it: two that migrate at once wait for each other. */
const LOCK = 4_376_137;

/** Is there something stored that a step of today would change? */
async function isPending() {
  const there = await client.query("select to_regclass('drizzle.__drizzle_migrations') as done");
  if (there.rows[0].done === null) return false;
  const { rows } = await client.query('select count(*)::int as many from drizzle.__drizzle_migrations');
  const journal = new URL('./migrations/meta/_journal.json', import.meta.url);
  return rows[0].many < JSON.parse(readFileSync(journal, 'utf8')).entries.length;
}

/** What the program may: its tables, and of the history only to read and to add. Nothing else, not even to look. */
async function grant() {
  const program = new URL(process.env.DATABASE_URL ?? url).username;
  if (program === new URL(url).username) {
    console.log(
      `The application runs as ${program}, who also owns its tables: set DATABASE_OWNER_URL to part the two.`,
    );
    return;
  }
  const role = client.escapeIdentifier(decodeURIComponent(program));
  await client.query(`
    revoke all on all tables in schema public from ${role};
    grant usage on schema public to ${role};
    grant select, insert, update, delete on all tables in schema public to ${role};
    revoke update, delete on job_history from ${role};
    grant usage, select on all sequences in schema public to ${role}`);
}

const client = new pg.Client({ connectionString: url, connectionTimeoutMillis: 8000 });
try {
  await client.connect();
  if (process.argv.includes('--pending')) {
    process.exitCode = (await isPending()) ? 0 : 3;
  } else {
    await client.query('select pg_advisory_lock($1)', [LOCK]);
    await migrate(drizzle(client), { migrationsFolder: fileURLToPath(new URL('./migrations', import.meta.url)) });
    await grant();
  }
} catch (error) {
  // The query that failed says less than why it failed.
  const reason = error instanceof Error && error.cause ? error.cause : error;
  console.error(
    'migrate: the database could not be brought up to date:',
    reason instanceof Error ? reason.message || reason.code || reason : reason,
  );
  process.exitCode = 1;
} finally {
  await client.end().catch(() => undefined);
}
