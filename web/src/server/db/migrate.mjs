// node src/server/db/migrate.mjs: brings the database of DATABASE_URL to the newest schema. Plain JavaScript, so that no
// TypeScript runner is needed where Herrero is started.
import { fileURLToPath } from 'node:url';
import { drizzle } from 'drizzle-orm/postgres-js';
import { migrate } from 'drizzle-orm/postgres-js/migrator';
import postgres from 'postgres';

const url = process.env.DATABASE_URL;
if (!url) {
  console.error('migrate: DATABASE_URL is not set');
  process.exit(1);
}
const sql = postgres(url, { max: 1, onnotice: () => undefined, connect_timeout: 10 });
try {
  await migrate(drizzle(sql), { migrationsFolder: fileURLToPath(new URL('./migrations', import.meta.url)) });
} catch (error) {
  // The query that failed says less than why it failed.
  const reason = error instanceof Error && error.cause ? error.cause : error;
  console.error(
    'migrate: the database could not be brought up to date:',
    reason instanceof Error ? reason.message || reason : reason,
  );
  process.exitCode = 1;
} finally {
  await sql.end();
}
