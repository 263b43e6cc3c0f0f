import 'server-only';
import { randomUUID } from 'node:crypto';
import {
  type Job,
  type LearntWords,
  type OwnCatalogue,
  type PriceList,
  SCHEMA_VERSION,
  migrateJob,
} from '@herrero/core';
import { and, asc, eq, inArray, isNotNull, not } from 'drizzle-orm';
import { type KeptHistory, type KeptShop } from '../everything/contents';
import { type Transaction, inTransaction, ofOneMoment } from './database';
import { byCode, inChunks } from './rows';
import { putLearnt } from './learnt-repository';
import { putPrices } from './supplier-repository';
import {
  holdings,
  jobHistory,
  jobs,
  offCuts,
  learntWords,
  offers,
  ownParts,
  supplierNames,
  suppliers,
  takenParts,
  ticks,
} from './schema';
import { type StoredOffCut } from './stock-repository';

/** A job with all that belongs to it alone. */
export interface WholeJob {
  readonly id: string;
  readonly document: Job;
  readonly history: KeptHistory;
  readonly shop: KeptShop;
}

/** What belongs to no job alone. */
export interface Shared extends OwnCatalogue {
  readonly offCuts: readonly StoredOffCut[];
  readonly suppliers: readonly PriceList[];
  /** What rows of lists from elsewhere were said to mean. */
  readonly learnt: readonly LearntWords[];
}

/**
 * Reads everything of one moment, job by job, the one begun first first: nothing is held that has been taken. Demo jobs
 * that nobody has changed come with the program and are left out.
 */
export const readEverything = (take: {
  readonly job: (job: WholeJob) => void;
  readonly shared: (shared: Shared) => void;
}): Promise<void> =>
  ofOneMoment(async (tx) => {
    const kept = await tx
      .select({ id: jobs.id })
      .from(jobs)
      .where(not(and(isNotNull(jobs.demo), eq(jobs.revision, 1))!))
      .orderBy(asc(jobs.createdAt), asc(jobs.id));
    for (const { id } of kept) take.job(await readWhole(tx, id));
    take.shared(await readShared(tx));
  });

async function readWhole(tx: Transaction, id: string): Promise<WholeJob> {
  const [row] = await tx.select().from(jobs).where(eq(jobs.id, id));
  if (!row) throw new Error(`job ${id} is gone within a transaction`);
  const history = await tx.select().from(jobHistory).where(eq(jobHistory.jobId, id)).orderBy(asc(jobHistory.revision));
  const pressed = await tx.select().from(ticks).where(eq(ticks.jobId, id)).orderBy(asc(ticks.line));
  const taken = await tx.select().from(takenParts).where(eq(takenParts.jobId, id)).orderBy(asc(takenParts.code));
  return {
    id,
    document: migrateJob(row.document),
    history: {
      createdAt: row.createdAt.toISOString(),
      updatedAt: row.updatedAt.toISOString(),
      archivedAt: row.archivedAt?.toISOString() ?? null,
      history: history.map(({ revision, batchId, author, label, edits, inverse, document, undoes, at }) => ({
        ...{ revision, batchId, author, label, edits, inverse, document, undoes },
        at: at.toISOString(),
      })),
    },
    shop: {
      ticks: pressed.map(({ line, state, at }) => ({ line, state, at: at.toISOString() })),
      taken: taken.map(({ code, count }) => ({ code, count })),
    },
  };
}

async function readShared(tx: Transaction): Promise<Shared> {
  const own = await tx.select({ part: ownParts.part }).from(ownParts).orderBy(asc(ownParts.code));
  const held = await tx
    .select({ code: holdings.code, onHand: holdings.onHand, priceUsd: holdings.priceUsd })
    .from(holdings)
    .orderBy(asc(holdings.code));
  const { id, code, lengthM, fromJob, usedBy } = offCuts;
  const cut = await tx.select({ id, code, lengthM, fromJob, usedBy }).from(offCuts).orderBy(asc(offCuts.id));
  const lists = await tx.select().from(suppliers).orderBy(asc(suppliers.name));
  const asked = await tx.select().from(offers).orderBy(asc(offers.article));
  const called = await tx.select().from(supplierNames).orderBy(asc(supplierNames.theirs));
  return {
    own: own.map(({ part }) => part),
    holdings: held,
    offCuts: cut,
    suppliers: lists.map((one) => ({
      name: one.name,
      currency: one.currency,
      pricedOn: one.pricedOn,
      offers: asked
        .filter(({ supplierId }) => supplierId === one.id)
        .map(({ article, price, pack, stock }) => ({ article, price, pack, stock })),
      names: called
        .filter(({ supplierId }) => supplierId === one.id)
        .map(({ theirs, article }) => ({ theirs, article })),
    })),
    learnt: await tx.select().from(learntWords).orderBy(asc(learntWords.theirs)),
  };
}

/** How many of a kind were put in, and which were here already and were left as they are. */
export interface PutIn {
  readonly added: number;
  readonly left: readonly string[];
}
export type PutEverything = Readonly<Record<'jobs' | 'own' | 'holdings' | 'offCuts' | 'suppliers', PutIn>>;

const told = (all: readonly string[], added: ReadonlySet<string>): PutIn => ({
  added: added.size,
  left: all.filter((one) => !added.has(one)),
});

/**
 * Puts in what is not here yet; what is here already under the same id, code or name stays as it is and is named. All of
 * it in one transaction.
 *
 * @param wholeJobs gone through once, again where the transaction is made again
 */
export const putEverything = (shared: Shared, wholeJobs: Iterable<WholeJob>): Promise<PutEverything> =>
  inTransaction(async (tx) => {
    const own = await putOwnParts(tx, shared);
    const held = await putHoldings(tx, shared);
    await putLearnt(tx, shared.learnt, 'keep');
    const added = new Set<string>();
    const left: string[] = [];
    for (const job of wholeJobs) {
      if (await putWhole(tx, job, held)) added.add(job.id);
      else left.push(job.document.name);
    }
    return {
      jobs: { added: added.size, left },
      own: told(
        shared.own.map(({ code }) => code),
        own,
      ),
      holdings: told(
        shared.holdings.map(({ code }) => code),
        held,
      ),
      offCuts: await putCuts(tx, shared),
      suppliers: await putLists(tx, shared),
    };
  });

async function putOwnParts(tx: Transaction, { own }: Shared): Promise<ReadonlySet<string>> {
  const added = new Set<string>();
  await inChunks(byCode(own), async (some) => {
    const rows = await tx
      .insert(ownParts)
      .values(some.map((part) => ({ code: part.code, part })))
      .onConflictDoNothing()
      .returning({ code: ownParts.code });
    for (const { code } of rows) added.add(code);
  });
  return added;
}

async function putHoldings(tx: Transaction, { holdings: held }: Shared): Promise<ReadonlySet<string>> {
  const added = new Set<string>();
  await inChunks(byCode(held), async (some) => {
    const rows = await tx.insert(holdings).values(some).onConflictDoNothing().returning({ code: holdings.code });
    for (const { code } of rows) added.add(code);
  });
  return added;
}

/** @returns whether it was put in: not where a job of its id is here */
async function putWhole(tx: Transaction, whole: WholeJob, held: ReadonlySet<string>): Promise<boolean> {
  const { id, document, history, shop } = whole;
  const [row] = await tx
    .insert(jobs)
    .values({
      id,
      name: document.name,
      document,
      schemaVersion: SCHEMA_VERSION,
      revision: history.history.length,
      createdAt: new Date(history.createdAt),
      updatedAt: new Date(history.updatedAt),
      archivedAt: history.archivedAt === null ? null : new Date(history.archivedAt),
    })
    .onConflictDoNothing()
    .returning({ id: jobs.id });
  if (!row) return false;
  type Row = typeof jobHistory.$inferInsert;
  await inChunks(history.history, (some) =>
    tx.insert(jobHistory).values(some.map((one) => ({ ...(one as unknown as Row), jobId: id, at: new Date(one.at) }))),
  );
  await inChunks(shop.ticks, (some) =>
    tx.insert(ticks).values(some.map(({ line, state, at }) => ({ jobId: id, line, state, at: new Date(at) }))),
  );
  // What was taken is counted down in the stock that came with it; of a stock that was here already nothing was taken.
  await inChunks(
    shop.taken.filter(({ code }) => held.has(code)),
    (some) => tx.insert(takenParts).values(some.map(({ code, count }) => ({ jobId: id, code, count }))),
  );
  return true;
}

async function putCuts(tx: Transaction, { offCuts: cut }: Shared): Promise<PutIn> {
  const named = [...new Set(cut.flatMap(({ fromJob, usedBy }) => [fromJob, usedBy]).filter((id) => id !== null))];
  const known = new Set<string>();
  await inChunks(named, async (some) => {
    for (const { id } of await tx.select({ id: jobs.id }).from(jobs).where(inArray(jobs.id, some))) known.add(id);
  });
  const here = (id: string | null): string | null => (id !== null && known.has(id) ? id : null);
  const added = new Set<string>();
  await inChunks(cut, async (some) => {
    const rows = await tx
      .insert(offCuts)
      .values(some.map((one) => ({ ...one, fromJob: here(one.fromJob), usedBy: here(one.usedBy) })))
      .onConflictDoNothing()
      .returning({ id: offCuts.id });
    for (const { id } of rows) added.add(id);
  });
  return told(
    cut.map(({ id }) => id),
    added,
  );
}

async function putLists(tx: Transaction, { suppliers: lists }: Shared): Promise<PutIn> {
  const added = new Set<string>();
  for (const { name, currency, pricedOn, ...prices } of lists) {
    const [row] = await tx
      .insert(suppliers)
      .values({ id: randomUUID(), name, currency, pricedOn })
      .onConflictDoNothing()
      .returning({ id: suppliers.id });
    if (!row) continue;
    added.add(name);
    await putPrices(tx, row.id, prices);
  }
  return told(
    lists.map(({ name }) => name),
    added,
  );
}
