import 'server-only';
import { type OffCut } from '@herrero/core';
import { asc, eq } from 'drizzle-orm';
import { database } from './database';
import { offCuts } from './schema';

/** A left-over with the job that it is from; null: it was entered by hand. */
export interface StoredOffCut extends OffCut {
  readonly fromJob: string | null;
}

/** Everything left over, longest first last. */
export const listOffCuts = (): Promise<StoredOffCut[]> =>
  database()
    .select({ id: offCuts.id, code: offCuts.code, lengthM: offCuts.lengthM, fromJob: offCuts.fromJob })
    .from(offCuts)
    .orderBy(asc(offCuts.code), asc(offCuts.lengthM));

/** Puts left-overs in stock; one that is there already under the same id is not put in twice. */
export async function addOffCuts(some: readonly StoredOffCut[]): Promise<void> {
  if (some.length > 0)
    await database()
      .insert(offCuts)
      .values([...some])
      .onConflictDoNothing();
}

/** Takes one out: it was used, or is no longer there. Answers whether it was. */
export const removeOffCut = async (id: string): Promise<boolean> =>
  (await database().delete(offCuts).where(eq(offCuts.id, id)).returning({ id: offCuts.id })).length > 0;
