import 'server-only';
import { type OffCut } from '@herrero/core';
import { asc, eq, inArray } from 'drizzle-orm';
import { database } from './database';
import { offCuts } from './schema';

/** A left-over with the job that it is from (null: it was entered by hand), and the job that was cut from it. */
export interface StoredOffCut extends OffCut {
  readonly fromJob: string | null;
  readonly usedBy: string | null;
}

/** Can a job be cut from it? Not from what it left over itself, nor from what another job has used. */
export const isFor = ({ fromJob, usedBy }: StoredOffCut, jobId: string): boolean =>
  fromJob !== jobId && (usedBy === null || usedBy === jobId);

/** Everything left over, longest first last. */
export const listOffCuts = (): Promise<StoredOffCut[]> =>
  database()
    .select({
      id: offCuts.id,
      code: offCuts.code,
      lengthM: offCuts.lengthM,
      fromJob: offCuts.fromJob,
      usedBy: offCuts.usedBy,
    })
    .from(offCuts)
    .orderBy(asc(offCuts.code), asc(offCuts.lengthM));

/**
 * Puts left-overs in stock, and says which pieces a job was cut from. One that is there already under the same id is not
 * put in twice. All of it, or none.
 */
export const putOffCuts = (
  some: readonly Omit<StoredOffCut, 'usedBy'>[],
  used: { readonly ids: readonly string[]; readonly by: string } | undefined,
): Promise<void> =>
  database().transaction(async (tx) => {
    if (some.length > 0)
      await tx
        .insert(offCuts)
        .values([...some])
        .onConflictDoNothing();
    if (used && used.ids.length > 0)
      await tx
        .update(offCuts)
        .set({ usedBy: used.by })
        .where(inArray(offCuts.id, [...used.ids]));
  });

/** Takes one out: it was used, or is no longer there. Answers whether it was. */
export const removeOffCut = async (id: string): Promise<boolean> =>
  (await database().delete(offCuts).where(eq(offCuts.id, id)).returning({ id: offCuts.id })).length > 0;
