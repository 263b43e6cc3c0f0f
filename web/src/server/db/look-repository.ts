import 'server-only';
import { and, asc, count, desc, eq, isNotNull, isNull, lt, lte, ne, or } from 'drizzle-orm';
import { SEVERITIES, migrateJob } from '@herrero/core';
import { type Look } from '../job-looks/look';
import { database, writing } from './database';
import { type StoredJob, columns } from './job-repository';
import { jobLooks, jobs } from './schema';

/** What was seen of a job, and of which job, parts and program it was seen. */
export interface KeptLook {
  readonly revision: number;
  readonly catalogue: string;
  readonly program: string;
  readonly look: Look;
}

/** How bad the worst finding is: the worst first, nothing last. */
const rankOf = ({ findings: [worst] }: Look): number =>
  worst ? SEVERITIES.indexOf(worst.severity) : SEVERITIES.length;

/** Keeps a look, unless a newer one is there. */
export async function keepLook(jobId: string, kept: KeptLook): Promise<void> {
  const row = { jobId, ...kept, rank: rankOf(kept.look) };
  await writing()
    .insert(jobLooks)
    .values(row)
    .onConflictDoUpdate({ target: jobLooks.jobId, set: row, setWhere: lte(jobLooks.revision, kept.revision) });
}

/** A job of the list with what was last seen of it; undefined where nobody has looked yet. */
export interface ListedJob {
  readonly stored: StoredJob;
  readonly kept: KeptLook | undefined;
}

const kept = {
  revision: jobLooks.revision,
  catalogue: jobLooks.catalogue,
  program: jobLooks.program,
  look: jobLooks.look,
};

const whether = (archived: boolean) => (archived ? isNotNull(jobs.archivedAt) : isNull(jobs.archivedAt));

/** A page of the jobs, the one worked on last first, and how many there are in all. */
export async function listPage(
  archived: boolean,
  { from, most }: { readonly from: number; readonly most: number },
): Promise<{ readonly listed: readonly ListedJob[]; readonly total: number }> {
  const [rows, [all]] = await Promise.all([
    database()
      .select({ stored: columns, kept })
      .from(jobs)
      .leftJoin(jobLooks, eq(jobLooks.jobId, jobs.id))
      .where(whether(archived))
      .orderBy(desc(jobs.updatedAt), asc(jobs.id))
      .limit(most)
      .offset(from),
    database().select({ total: count() }).from(jobs).where(whether(archived)),
  ]);
  return {
    listed: rows.map((row) => ({
      stored: { ...row.stored, document: migrateJob(row.stored.document) },
      kept: row.kept?.look ? (row.kept as KeptLook) : undefined,
    })),
    total: all?.total ?? 0,
  };
}

/** The jobs whose worst finding is the worst of all, by name. */
export const worstLooks = (archived: boolean, most: number) =>
  database()
    .select({ id: jobs.id, name: jobs.name, look: jobLooks.look })
    .from(jobLooks)
    .innerJoin(jobs, eq(jobLooks.jobId, jobs.id))
    .where(and(whether(archived), lt(jobLooks.rank, SEVERITIES.length)))
    .orderBy(asc(jobLooks.rank), desc(jobs.updatedAt), asc(jobs.id))
    .limit(most);

/** Jobs of which nothing is kept that is of this revision, these parts and this program. */
export const staleLooks = (now: Pick<KeptLook, 'catalogue' | 'program'>, most: number) =>
  database()
    .select({ id: jobs.id })
    .from(jobs)
    .leftJoin(jobLooks, eq(jobLooks.jobId, jobs.id))
    .where(
      or(
        isNull(jobLooks.revision),
        ne(jobLooks.revision, jobs.revision),
        ne(jobLooks.catalogue, now.catalogue),
        ne(jobLooks.program, now.program),
      ),
    )
    // What is put away comes last.
    .orderBy(desc(isNull(jobs.archivedAt)), desc(jobs.updatedAt))
    .limit(most);
