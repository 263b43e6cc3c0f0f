import 'server-only';
import { type Counted, type OffCut, countOf, inCodeOrder } from '@herrero/core';
import { asc, eq, inArray } from 'drizzle-orm';
import { database, inTransaction, writing } from './database';
import { holdings, jobs, offCuts, takenParts } from './schema';

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

/** A piece that a job cannot be cut from, and why. */
export interface NotToCut {
  readonly id: string;
  readonly why: 'not-there' | 'used' | 'of-this-job';
  /** The job that was cut from it. */
  readonly by?: string;
}

class CannotCut extends Error {
  constructor(readonly pieces: readonly NotToCut[]) {
    super('pieces that cannot be cut');
  }
}

/**
 * Puts left-overs in stock, and says which pieces a job was cut from: pieces that are there, that it has not left over
 * itself, and that no other job was cut from. One that is there already under the same id is not put in twice. All of it,
 * or none and the pieces that are in the way.
 */
export async function putOffCuts(
  some: readonly Omit<StoredOffCut, 'usedBy'>[],
  used: { readonly ids: readonly string[]; readonly by: string } | undefined,
): Promise<readonly NotToCut[]> {
  try {
    await inTransaction(async (tx) => {
      if (some.length > 0)
        await tx
          .insert(offCuts)
          .values(some.toSorted((a, b) => (a.id < b.id ? -1 : 1)))
          .onConflictDoNothing();
      if (!used || used.ids.length === 0) return;
      // Whoever else cuts from them waits.
      const there = await tx
        .select({ id: offCuts.id, fromJob: offCuts.fromJob, usedBy: offCuts.usedBy, name: jobs.name })
        .from(offCuts)
        .leftJoin(jobs, eq(jobs.id, offCuts.usedBy))
        .where(inArray(offCuts.id, [...used.ids]))
        .orderBy(asc(offCuts.id))
        .for('update', { of: offCuts });
      const wrong = used.ids.flatMap((id): NotToCut[] => {
        const piece = there.find((one) => one.id === id);
        if (!piece) return [{ id, why: 'not-there' }];
        if (piece.fromJob === used.by) return [{ id, why: 'of-this-job' }];
        return piece.usedBy === null || piece.usedBy === used.by
          ? []
          : [{ id, why: 'used', by: piece.name ?? piece.usedBy }];
      });
      if (wrong.length > 0) throw new CannotCut(wrong);
      await tx
        .update(offCuts)
        .set({ usedBy: used.by })
        .where(inArray(offCuts.id, [...used.ids]));
    });
    return [];
  } catch (error) {
    if (error instanceof CannotCut) return error.pieces;
    throw error;
  }
}

/** Takes one out: it was used, or is no longer there. Answers whether it was. */
export const removeOffCut = async (id: string): Promise<boolean> =>
  (await writing().delete(offCuts).where(eq(offCuts.id, id)).returning({ id: offCuts.id })).length > 0;

/** What a job has taken of what was on hand, by code. */
export const listTaken = async (jobId: string): Promise<readonly Counted[]> =>
  inCodeOrder(
    await database()
      .select({ code: takenParts.code, count: takenParts.count })
      .from(takenParts)
      .where(eq(takenParts.jobId, jobId)),
  );

/** A code of which fewer are on hand than are to be taken. */
export interface Short {
  readonly code: string;
  readonly wanted: number;
  readonly onHand: number;
}

class TooFew extends Error {
  constructor(readonly short: readonly Short[]) {
    super('fewer on hand than are to be taken');
  }
}

/**
 * A job takes just this of what is on hand: it is counted down, and what the job had taken before and no longer takes is
 * counted up again. All of it, or none and what there are too few of.
 */
export async function takeFromHand(jobId: string, wanted: readonly Counted[]): Promise<readonly Short[]> {
  try {
    await inTransaction(async (tx) => {
      const had = await tx.delete(takenParts).where(eq(takenParts.jobId, jobId)).returning();
      const codes = [...new Set([...had, ...wanted].map(({ code }) => code))].toSorted();
      if (codes.length === 0) return;
      // Whoever else takes of them waits.
      const held = await tx
        .select({ code: holdings.code, onHand: holdings.onHand })
        .from(holdings)
        .where(inArray(holdings.code, codes))
        .orderBy(asc(holdings.code))
        .for('update');
      const now = codes.map((code) => {
        const there = held.find((one) => one.code === code)?.onHand ?? 0;
        return { code, wanted: countOf(wanted, code), onHand: there + countOf(had, code) };
      });
      const short = now.filter((one) => one.wanted > one.onHand);
      if (short.length > 0) throw new TooFew(short);
      const updatedAt = new Date();
      for (const one of now)
        await tx
          .update(holdings)
          .set({ onHand: one.onHand - one.wanted, updatedAt })
          .where(eq(holdings.code, one.code));
      const taken = now.filter((one) => one.wanted > 0);
      if (taken.length > 0)
        await tx.insert(takenParts).values(taken.map((one) => ({ jobId, code: one.code, count: one.wanted })));
    });
    return [];
  } catch (error) {
    if (error instanceof TooFew) return error.short;
    throw error;
  }
}
