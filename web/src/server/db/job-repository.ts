import 'server-only';
import {
  type BatchRefusal,
  type Edit,
  type HistoryEntry,
  type Job,
  SCHEMA_VERSION,
  applyEdits,
  migrateJob,
} from '@herrero/core';
import { dequal } from 'dequal';
import { and, asc, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import { database, inTransaction, writing } from './database';
import { codeOf } from './failure';
import { theCatalogue } from './part-repository';
import { catalogueChanges, jobHistory, jobs } from './schema';

/** A job as it is stored. */
export interface StoredJob {
  readonly id: string;
  readonly revision: number;
  readonly document: Job;
  readonly updatedAt: Date;
  readonly archivedAt: Date | null;
}

/** A batch of edits as it is sent: one thing a person did, made whole or not at all. */
export interface Batch {
  readonly batchId: string;
  readonly author: string;
  readonly edits: readonly Edit[];
  readonly undoes: string | null;
}

export type BatchOutcome =
  | { readonly kind: 'accepted'; readonly stored: StoredJob; readonly label: string; readonly inverse: Edit }
  | { readonly kind: 'refused'; readonly stored: StoredJob; readonly refusal: BatchRefusal }
  /** Something else was sent under this name before. */
  | { readonly kind: 'name-taken'; readonly stored: StoredJob }
  | { readonly kind: 'no-such-job' };

/** What is read of a job. */
export const columns = {
  id: jobs.id,
  revision: jobs.revision,
  document: jobs.document,
  updatedAt: jobs.updatedAt,
  archivedAt: jobs.archivedAt,
};

/** A stored row with its document as one of today's version: a job that an older Herrero wrote is still that job. */
const today = <Row extends { readonly document: Job }>(row: Row): Row => ({
  ...row,
  document: migrateJob(row.document),
});

/** A job as a list of them names it. */
export interface NamedJob {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly updatedAt: Date;
}

/** Jobs by name, the one worked on last first. */
export const listJobs = (archived: boolean): Promise<readonly NamedJob[]> =>
  database()
    .select({ id: jobs.id, name: jobs.name, revision: jobs.revision, updatedAt: jobs.updatedAt })
    .from(jobs)
    .where(archived ? isNotNull(jobs.archivedAt) : isNull(jobs.archivedAt))
    .orderBy(desc(jobs.updatedAt), asc(jobs.id));

export async function findJob(id: string): Promise<StoredJob | undefined> {
  const [found] = await database().select(columns).from(jobs).where(eq(jobs.id, id));
  return found && today(found);
}

/** All that a plan of a job follows from, told from every other state of it: its revision, and the changes of parts and stock. */
export async function stateOfJob(id: string): Promise<string | undefined> {
  const changes = sql<number>`(select ${catalogueChanges.count} from ${catalogueChanges})`;
  const [found] = await database().select({ revision: jobs.revision, changes }).from(jobs).where(eq(jobs.id, id));
  return found && `${found.revision}-${found.changes}`;
}

/** Names of batches that the server makes itself begin so; nobody else may send such a name. */
export const OWN_NAMES = 'herrero:';
/** SQLSTATE of a key that is there already. */
const UNIQUE_VIOLATION = '23505';

/** A value as it comes back from the database: what is undefined is not there. */
const asStored = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

/** Stores a new job at revision 1, with the document itself as the first entry of its history. */
export async function createJob(id: string, document: Job, author: string, demo: string | null = null): Promise<void> {
  await inTransaction(async (tx) => {
    await tx
      .insert(jobs)
      .values({ id, name: document.name, demo, document, schemaVersion: SCHEMA_VERSION, revision: 1 });
    await tx
      .insert(jobHistory)
      .values({ jobId: id, revision: 1, batchId: `${OWN_NAMES}create`, author, label: 'Begin', document });
  });
}

/**
 * Stores a new job under an id that its sender chose, so that one sent twice is one job.
 *
 * @returns false where another document was stored under that id before
 */
export async function createJobOnce(id: string, document: Job, author: string): Promise<boolean> {
  try {
    await createJob(id, document, author);
    return true;
  } catch (error) {
    if (codeOf(error) !== UNIQUE_VIOLATION) throw error;
    const [begun] = await database()
      .select({ document: jobHistory.document })
      .from(jobHistory)
      .where(and(eq(jobHistory.jobId, id), eq(jobHistory.revision, 1)));
    return dequal(begun?.document, asStored(document));
  }
}

export async function archiveJob(id: string, archived: boolean): Promise<void> {
  await writing()
    .update(jobs)
    .set({ archivedAt: archived ? new Date() : null })
    .where(eq(jobs.id, id));
}

/**
 * Makes a batch on the newest revision, whatever revision its sender saw: the edits say what they expect, and what no
 * longer fits is refused by name. Document, revision and history change in one transaction; the row is locked, so two
 * senders take turns. A batch that has been accepted before is answered as before and not made twice.
 */
export async function applyBatch(id: string, batch: Batch): Promise<BatchOutcome> {
  const catalogue = await theCatalogue();
  return inTransaction(async (tx): Promise<BatchOutcome> => {
    const [row] = await tx.select(columns).from(jobs).where(eq(jobs.id, id)).for('update');
    if (!row) return { kind: 'no-such-job' };
    const stored = today(row);
    const [before] = await tx
      .select({ label: jobHistory.label, inverse: jobHistory.inverse, edits: jobHistory.edits })
      .from(jobHistory)
      .where(and(eq(jobHistory.jobId, id), eq(jobHistory.batchId, batch.batchId)));
    if (before)
      return before.inverse && dequal(before.edits, asStored(batch.edits))
        ? { kind: 'accepted', stored, label: before.label, inverse: before.inverse }
        : { kind: 'name-taken', stored };
    const edited = applyEdits(stored.document, batch.edits, catalogue);
    if (!edited.ok) return { kind: 'refused', stored, refusal: edited.error };
    const { job: document, label, inverse } = edited.value;
    const revision = stored.revision + 1;
    const updatedAt = new Date();
    const schemaVersion = SCHEMA_VERSION;
    await tx
      .update(jobs)
      .set({ document, name: document.name, schemaVersion, revision, updatedAt })
      .where(eq(jobs.id, id));
    await tx.insert(jobHistory).values({ jobId: id, revision, label, inverse, ...batch });
    return { kind: 'accepted', stored: { ...stored, document, revision, updatedAt }, label, inverse };
  });
}

export type PutOutcome =
  | { readonly kind: 'stored'; readonly revision: number }
  | { readonly kind: 'stale'; readonly revision: number }
  | { readonly kind: 'no-such-job' };

/** Puts a whole document in the place of the newest one; refused unless the sender saw that newest one. */
export const putDocument = async (
  id: string,
  seenRevision: number,
  document: Job,
  author: string,
  label = 'Put the whole job',
): Promise<PutOutcome> =>
  inTransaction(async (tx): Promise<PutOutcome> => {
    const [stored] = await tx.select(columns).from(jobs).where(eq(jobs.id, id)).for('update');
    if (!stored) return { kind: 'no-such-job' };
    if (stored.revision !== seenRevision) return { kind: 'stale', revision: stored.revision };
    const revision = stored.revision + 1;
    await tx
      .update(jobs)
      .set({ document, name: document.name, schemaVersion: SCHEMA_VERSION, revision, updatedAt: new Date() })
      .where(eq(jobs.id, id));
    await tx
      .insert(jobHistory)
      .values({ jobId: id, revision, batchId: `${OWN_NAMES}put-${revision}`, author, label, document });
    return { kind: 'stored', revision };
  });

/** What one person did to a job, oldest first, each with the edit that takes it back. */
export async function historyOf(
  id: string,
  author: string,
): Promise<readonly (HistoryEntry & { readonly inverse: Edit })[]> {
  const rows = await database()
    .select({
      batchId: jobHistory.batchId,
      label: jobHistory.label,
      undoes: jobHistory.undoes,
      inverse: jobHistory.inverse,
    })
    .from(jobHistory)
    .where(and(eq(jobHistory.jobId, id), eq(jobHistory.author, author), isNotNull(jobHistory.inverse)))
    .orderBy(asc(jobHistory.revision));
  return rows.flatMap(({ inverse, ...entry }) => (inverse ? [{ ...entry, inverse }] : []));
}

/** The job that a demo scenario was loaded as. */
export async function findDemo(demo: string): Promise<StoredJob | undefined> {
  const [found] = await database().select(columns).from(jobs).where(eq(jobs.demo, demo));
  return found && today(found);
}
