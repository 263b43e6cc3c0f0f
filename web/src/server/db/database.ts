import 'server-only';
import { drizzle } from 'drizzle-orm/node-postgres';
import { sql } from 'drizzle-orm';
import { type PgTransactionConfig } from 'drizzle-orm/pg-core';
import { Client, type ClientConfig, Pool } from 'pg';
import { isMainThread } from 'node:worker_threads';
import { environment } from '../env';
import { codeOf } from './failure';
import * as schema from './schema';

/** Connections for each purpose: of the thread that answers, and of a thread of the pool. */
const MOST_CONNECTIONS = isMainThread ? 8 : 1;
/** Nobody waits longer for his turn on a connection [ms]: so long waits only who comes when very many are there. */
const TURN_MS = 20_000;
/** A connection is made within this or not at all [ms]: a database that is down refuses at once, one that is lost says nothing. */
const CONNECT_MS = 10_000;
/** What a statement may take and what a transaction may stand idle, by the server's clock [ms]. */
const STATEMENT_MS = 15_000;
const IDLE_IN_TRANSACTION_MS = 10_000;
/** By our own clock [ms]: a server that is gone without a word says nothing of its own. */
const ANSWER_MS = STATEMENT_MS + 2000;

/**
 * What reads waits for nobody but whoever changes a whole table, and then not long: one stuck table does not use up the
 * connections of the others. What writes takes its turn on a row.
 */
const PURPOSES = {
  reading: { lockMs: 300 },
  writing: { lockMs: 4000 },
} as const;
type Purpose = keyof typeof PURPOSES;

const kept = globalThis as unknown as { herreroDatabase?: Partial<Record<Purpose, Pool>> };

/** The pool waits for a turn, a client for its connection: each has its own patience. */
class ImpatientClient extends Client {
  constructor(config: ClientConfig = {}) {
    super({ ...config, connectionTimeoutMillis: CONNECT_MS });
  }
}

function pool(purpose: Purpose): Pool {
  const pools = (kept.herreroDatabase ??= {});
  const known = pools[purpose];
  if (known) return known;
  const made = new Pool({
    connectionString: environment().databaseUrl,
    max: MOST_CONNECTIONS,
    Client: ImpatientClient,
    connectionTimeoutMillis: TURN_MS,
    query_timeout: ANSWER_MS,
    statement_timeout: STATEMENT_MS,
    lock_timeout: PURPOSES[purpose].lockMs,
    idle_in_transaction_session_timeout: IDLE_IN_TRANSACTION_MS,
    application_name: `herrero ${purpose}${isMainThread ? '' : ' in the pool'}`,
    keepAlive: true,
  });
  // A connection that breaks while nobody uses it is left out; the next question makes another.
  made.on('error', () => undefined);
  // One that breaks in the middle of a transaction fails the question that waits on it, and no more than that.
  made.on('connect', (client) => client.on('error', () => undefined));
  pools[purpose] = made;
  return made;
}

/** For what reads. The pools are opened by the first question, one of each for a process, kept across hot reloads. */
export const database = () => drizzle(pool('reading'), { schema });
/** For one statement that writes. */
export const writing = () => drizzle(pool('writing'), { schema });

export type Transaction = Parameters<Parameters<ReturnType<typeof writing>['transaction']>[0]>[0];

/**
 * A transaction on a connection of its own, which always goes back: also where it breaks before the transaction has begun.
 * (Given the whole pool Drizzle keeps that one for ever, and after as many as there are nobody writes any more.) A
 * connection that something failed on is not used again.
 */
async function transaction<Made>(
  purpose: Purpose,
  make: (tx: Transaction) => Promise<Made>,
  config?: PgTransactionConfig,
): Promise<Made> {
  const client = await pool(purpose).connect();
  let whole = false;
  try {
    const made = await drizzle(client, { schema }).transaction(make, config);
    whole = true;
    return made;
  } finally {
    client.release(!whole);
  }
}

/** Reads, all of it as it stood at one moment. */
export const ofOneMoment = <Read>(read: (tx: Transaction) => Promise<Read>): Promise<Read> =>
  transaction('reading', read, { isolationLevel: 'repeatable read', accessMode: 'read only' });

/** Two that wait for each other, or saw each other's work: one of them is undone and may try again. */
const TRY_AGAIN: ReadonlySet<string> = new Set(['40001', '40P01']);
const TRIES = 5;

/** All of it or none; where another transaction was in its way it is made again from its beginning. */
export async function inTransaction<Made>(make: (tx: Transaction) => Promise<Made>): Promise<Made> {
  for (let turn = 1; ; turn++)
    try {
      return await transaction('writing', make);
    } catch (error) {
      if (turn >= TRIES || !TRY_AGAIN.has(codeOf(error))) throw error;
    }
}

/** Closes the pools; the tests need it, a server never does. */
export async function closeDatabase(): Promise<void> {
  const pools = Object.values(kept.herreroDatabase ?? {});
  delete kept.herreroDatabase;
  await Promise.all(pools.map((one) => one.end()));
}

/**
 * Asks the database for a word.
 *
 * @throws what any question throws where it is away
 */
export async function isAnswering(): Promise<void> {
  await database().execute(sql`select 1`);
}
