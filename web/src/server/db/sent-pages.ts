import 'server-only';
import { type SupplierName, type SupplierOffer } from '@herrero/core';
import { and, asc, eq, lt, sql } from 'drizzle-orm';
import { database, inTransaction, writing } from './database';
import { sentPages } from './schema';

/** A page of a price list that is sent in several. */
export interface SentPage {
  readonly offers: readonly SupplierOffer[];
  readonly names: readonly SupplierName[];
}

/** Keeps a page until the last one comes; one that is sent twice is kept once. What nobody ended goes after a day. */
export const keepPage = (upload: string, page: number, { offers, names }: SentPage): Promise<void> =>
  inTransaction(async (tx) => {
    await tx.delete(sentPages).where(lt(sentPages.at, sql`now() - interval '1 day'`));
    await tx
      .insert(sentPages)
      .values({ upload, page, offers, names })
      .onConflictDoUpdate({ target: [sentPages.upload, sentPages.page], set: { offers, names } });
  });

/** The pages of an upload before a page, in their order. */
export const pagesOf = (upload: string, before: number): Promise<SentPage[]> =>
  database()
    .select({ offers: sentPages.offers, names: sentPages.names })
    .from(sentPages)
    .where(and(eq(sentPages.upload, upload), lt(sentPages.page, before)))
    .orderBy(asc(sentPages.page));

export const forgetPages = async (upload: string): Promise<void> => {
  await writing().delete(sentPages).where(eq(sentPages.upload, upload));
};
