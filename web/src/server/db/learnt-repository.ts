import 'server-only';
import { type LearntWords } from '@herrero/core';
import { asc, sql } from 'drizzle-orm';
import { type Transaction, database } from './database';
import { inChunks } from './rows';
import { learntWords } from './schema';

/** What rows of lists from elsewhere were said to mean. */
export const listLearnt = (): Promise<LearntWords[]> =>
  database().select().from(learntWords).orderBy(asc(learntWords.theirs));

/** Keeps what rows mean; of what was said before the newer counts, unless it is to be kept. */
export const putLearnt = (tx: Transaction, learnt: readonly LearntWords[], before: 'replace' | 'keep'): Promise<void> =>
  inChunks(learnt, async (some) => {
    const put = tx.insert(learntWords).values(some);
    await (before === 'keep'
      ? put.onConflictDoNothing()
      : put.onConflictDoUpdate({ target: learntWords.theirs, set: { code: sql`excluded.code` } }));
  });
