import 'server-only';
import { randomUUID } from 'node:crypto';
import {
  type Currency,
  type PriceList,
  type Supplier,
  type SupplierName,
  type SupplierOffer,
  gtinOf,
  nameOf,
  underOurNames,
} from '@herrero/core';
import { and, asc, count, eq, inArray, ne, or, sql } from 'drizzle-orm';
import { type Transaction, database, inTransaction, writing } from './database';
import { inChunks } from './rows';
import { offers, supplierNames, suppliers } from './schema';

/** A supplier whose price list was brought in, without its prices. */
export interface SupplierHead extends Pick<Supplier, 'id' | 'name' | 'currency' | 'pricedOn'> {
  /** How many prices it has. */
  readonly offers: number;
}

/** Every supplier whose price list was brought in. */
export const listSuppliers = (): Promise<SupplierHead[]> =>
  database()
    .select({
      id: suppliers.id,
      name: suppliers.name,
      currency: suppliers.currency,
      pricedOn: suppliers.pricedOn,
      offers: count(offers.article),
    })
    .from(suppliers)
    .leftJoin(offers, eq(offers.supplierId, suppliers.id))
    .groupBy(suppliers.id)
    .orderBy(asc(suppliers.name));

const OFFER = { article: offers.article, price: offers.price, pack: offers.pack, stock: offers.stock };
const NAME = { theirs: supplierNames.theirs, article: supplierNames.article };

/** What a supplier asks for some articles, each under our own name; undefined: there is no such supplier. */
export async function askSupplier(id: string, articles: readonly string[]): Promise<Supplier | undefined> {
  const [supplier] = await database().select().from(suppliers).where(eq(suppliers.id, id));
  if (!supplier) return undefined;
  const names = await database()
    .select(NAME)
    .from(supplierNames)
    .where(and(eq(supplierNames.supplierId, id), inArray(supplierNames.article, [...articles])));
  const known = new Set(articles);
  const wanted = [...articles, ...names.map(({ theirs }) => theirs)];
  const asked = await database()
    .select(OFFER)
    .from(offers)
    .where(
      and(
        eq(offers.supplierId, id),
        or(inArray(offers.article, wanted), inArray(sql`lower(${offers.article})`, wanted)),
      ),
    );
  return {
    ...supplier,
    standIn: false,
    offers: underOurNames(asked, names).filter(({ article }) => known.has(article)),
  };
}

/** So many prices, and so many names, of one page. */
const A_PAGE = 5000;

/** What the next list of a supplier is read by: a page of its last prices, and of what articles are called. */
export interface PriceMemory {
  /** Of its last prices; null: it is new. */
  readonly currency: Currency | null;
  readonly offers: readonly SupplierOffer[];
  readonly names: readonly SupplierName[];
  readonly more: boolean;
}

/** What it calls articles itself comes last, and so counts before what others do: of these only numbers of the trade, which are the same everywhere. */
export async function rememberedPrices(name: string, page: number): Promise<PriceMemory> {
  const [supplier] = await database().select().from(suppliers).where(eq(suppliers.name, name));
  const id = supplier?.id ?? '';
  const last = await database()
    .select(OFFER)
    .from(offers)
    .where(eq(offers.supplierId, id))
    .orderBy(asc(offers.article))
    .limit(A_PAGE)
    .offset(page * A_PAGE);
  const names = await database()
    .select({ ...NAME, supplierId: supplierNames.supplierId })
    .from(supplierNames)
    .where(
      or(
        eq(supplierNames.supplierId, id),
        and(ne(supplierNames.supplierId, id), sql`${supplierNames.theirs} ~ '^[0-9]{14}$'`),
      ),
    )
    .orderBy(sql`${supplierNames.supplierId} = ${id}`, asc(supplierNames.theirs), asc(supplierNames.article))
    .limit(A_PAGE)
    .offset(page * A_PAGE);
  return {
    currency: supplier?.currency ?? null,
    offers: last,
    // Fourteen figures may be a code of somebody, too.
    names: names.flatMap(({ supplierId, theirs, article }) =>
      supplierId === id || gtinOf(theirs) !== undefined ? [{ theirs, article }] : [],
    ),
    more: last.length === A_PAGE || names.length === A_PAGE,
  };
}

/** Puts what a supplier asks and what it calls articles to it; what it was known to call them by stays. */
export async function putPrices(
  tx: Transaction,
  supplierId: string,
  { offers: asked, names }: Pick<PriceList, 'offers' | 'names'>,
): Promise<void> {
  await inChunks(asked, (some) => tx.insert(offers).values(some.map((offer) => ({ ...offer, supplierId }))));
  await inChunks(names, (some) =>
    tx
      .insert(supplierNames)
      .values(some.map(({ theirs, article }) => ({ supplierId, theirs: nameOf(theirs), article })))
      .onConflictDoUpdate({
        target: [supplierNames.supplierId, supplierNames.theirs],
        set: { article: sql`excluded.article` },
      }),
  );
}

/** Puts a price list in: the prices of a list of the same name are replaced. All of it, or none. */
export const putSupplier = (list: PriceList): Promise<string> =>
  inTransaction(async (tx) => {
    const { name, currency, pricedOn } = list;
    const [stored] = await tx
      .insert(suppliers)
      .values({ id: randomUUID(), name, currency, pricedOn })
      .onConflictDoUpdate({ target: suppliers.name, set: { currency, pricedOn } })
      .returning({ id: suppliers.id });
    const id = stored?.id ?? '';
    await tx.delete(offers).where(eq(offers.supplierId, id));
    await putPrices(tx, id, list);
    return id;
  });

/** Takes a supplier and its prices out. Answers whether it was there. */
export const removeSupplier = async (id: string): Promise<boolean> =>
  (await writing().delete(suppliers).where(eq(suppliers.id, id)).returning({ id: suppliers.id })).length > 0;
