import 'server-only';
import { drizzle } from 'drizzle-orm/postgres-js';
import postgres from 'postgres';
import { environment } from '../env';
import * as schema from './schema';

const MOST_CONNECTIONS = 10;

/** One pool for each process, kept across hot reloads; opened by the first query. */
const kept = globalThis as unknown as { herreroSql?: ReturnType<typeof postgres> };

export function database() {
  kept.herreroSql ??= postgres(environment().databaseUrl, { max: MOST_CONNECTIONS, onnotice: () => undefined });
  return drizzle(kept.herreroSql, { schema });
}

/** Closes the pool; the tests need it, a server never does. */
export async function closeDatabase(): Promise<void> {
  await kept.herreroSql?.end();
  delete kept.herreroSql;
}
