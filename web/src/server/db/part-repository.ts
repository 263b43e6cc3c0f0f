import 'server-only';
import {
  type Catalogue,
  type Counted,
  type Entered,
  type OwnCatalogue,
  catalogueWith,
  countOf,
  offCutsByCode,
} from '@herrero/core';
import { asc, eq, sql } from 'drizzle-orm';
import { database, inTransaction } from './database';
import { byCode, inChunks } from './rows';
import { catalogueChanges, holdings, jobs, ownParts } from './schema';
import { printable } from '../printable';
import { isFor, listOffCuts, listTaken } from './stock-repository';

/** @param forJob what was left over from it is not cut for it again; what it has taken still is on hand for it */
export async function readEntered(forJob: string): Promise<Entered> {
  const [{ own, holdings: held }, left, taken] = await Promise.all([readOwn(), listOffCuts(), listTaken(forJob)]);
  return {
    own,
    holdings: held.map((one) => ({ ...one, onHand: one.onHand + countOf(taken, one.code) })),
    taken,
    offCuts: left.filter((one) => isFor(one, forJob)).map(({ id, code, lengthM }) => ({ id, code, lengthM })),
  };
}

export async function readOwn(): Promise<OwnCatalogue> {
  const [own, held] = await Promise.all([
    database().select({ part: ownParts.part }).from(ownParts).orderBy(asc(ownParts.code)),
    database()
      .select({ code: holdings.code, onHand: holdings.onHand, priceUsd: holdings.priceUsd })
      .from(holdings)
      .orderBy(asc(holdings.code)),
  ]);
  return { own: own.map(({ part }) => printable(part)), holdings: held };
}

/** The catalogue as it was last made, by what it was made of, and the same by what there is for a job. */
interface Known {
  readonly stamp: string;
  readonly catalogue: Catalogue;
  readonly byStock: Map<string, Catalogue>;
}
let known: Known | undefined;

const stockKey = ({ offCutsM }: Pick<Catalogue, 'offCutsM'>, taken: readonly Counted[] = []): string =>
  JSON.stringify([[...offCutsM].sort(), taken]);

/**
 * The catalogue with all of that laid over it; made anew only when some of it has changed.
 *
 * @param forJob for which it is asked: what was left over from it is not cut for it again, what it took is on hand
 */
export async function theCatalogue(forJob?: string): Promise<Catalogue> {
  const { catalogue, byStock } = await wholeCatalogue();
  if (forJob === undefined) return catalogue;
  const [left, taken] = await Promise.all([listOffCuts(), listTaken(forJob)]);
  const offCutsM = offCutsByCode(left.filter((one) => isFor(one, forJob)));
  // Jobs that the same is there for share one catalogue, and with it all that has been worked out of its parts.
  const key = stockKey({ offCutsM }, taken);
  const shared = byStock.get(key) ?? { ...catalogue, offCutsM, onHand: withTaken(catalogue, taken) };
  byStock.set(key, shared);
  return shared;
}

const withTaken = ({ onHand }: Catalogue, taken: readonly Counted[]): Catalogue['onHand'] =>
  taken.length === 0
    ? onHand
    : new Map([...onHand, ...taken.map(({ code, count: many }) => [code, (onHand.get(code) ?? 0) + many] as const)]);

/** What the catalogue was last made of: another word for each change of a part, a price, a stock or a left-over. */
export async function catalogueStamp(): Promise<string> {
  const [changes] = await database().select({ count: catalogueChanges.count }).from(catalogueChanges);
  return `${changes?.count ?? 0}`;
}

async function wholeCatalogue(): Promise<Known> {
  const stamp = await catalogueStamp();
  if (known?.stamp !== stamp) {
    const [all, cut] = await Promise.all([readOwn(), listOffCuts()]);
    const catalogue = catalogueWith(
      all.own,
      all.holdings,
      cut.filter(({ usedBy }) => usedBy === null),
    );
    known = { stamp, catalogue, byStock: new Map([[stockKey(catalogue), catalogue]]) };
  }
  return known;
}

/** Puts parts and holdings in, over what was there under the same codes: all of them or, when one fails, none. */
export async function putOwn({ own, holdings: held }: OwnCatalogue): Promise<void> {
  const updatedAt = new Date();
  await inTransaction(async (tx) => {
    await inChunks(byCode(own), (some) =>
      tx
        .insert(ownParts)
        .values(some.map((part) => ({ code: part.code, part, updatedAt })))
        .onConflictDoUpdate({ target: ownParts.code, set: { part: sql`excluded.part`, updatedAt } }),
    );
    await inChunks(byCode(held), (some) =>
      tx
        .insert(holdings)
        .values(some.map((one) => ({ ...one, updatedAt })))
        .onConflictDoUpdate({
          target: holdings.code,
          set: { onHand: sql`excluded.on_hand`, priceUsd: sql`excluded.price_usd`, updatedAt },
        }),
    );
  });
}

export type Removal =
  | { readonly kind: 'removed' | 'no-such-part' }
  | { readonly kind: 'in-use'; readonly jobs: readonly string[] };

/** Takes an own part out; one that a job is built with stays, and the jobs are named. */
export const removeOwn = (code: string): Promise<Removal> =>
  inTransaction(async (tx): Promise<Removal> => {
    const using = await tx
      .select({ name: jobs.name })
      .from(jobs)
      .where(sql`${jobs.document}->'parts' @> ${JSON.stringify([{ code }])}::jsonb`)
      .orderBy(asc(jobs.name));
    if (using.length > 0) return { kind: 'in-use', jobs: using.map(({ name }) => name) };
    const removed = await tx.delete(ownParts).where(eq(ownParts.code, code)).returning({ code: ownParts.code });
    await tx.delete(holdings).where(eq(holdings.code, code));
    return { kind: removed.length > 0 ? 'removed' : 'no-such-part' };
  });
