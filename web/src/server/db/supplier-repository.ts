import 'server-only';
import { randomUUID } from 'node:crypto';
import { type Supplier } from '@herrero/core';
import { asc, eq } from 'drizzle-orm';
import { database, inTransaction, writing } from './database';
import { inChunks } from './rows';
import { offers, suppliers } from './schema';

/** Every supplier whose price list was brought in, with all that it asks. */
export async function listSuppliers(): Promise<Supplier[]> {
  const [all, asked] = await Promise.all([
    database().select().from(suppliers).orderBy(asc(suppliers.name)),
    database().select().from(offers),
  ]);
  return all.map((supplier) => ({
    ...supplier,
    standIn: false,
    offers: asked
      .filter(({ supplierId }) => supplierId === supplier.id)
      .map(({ article, price, pack, stock }) => ({ article, price, pack, stock })),
  }));
}

/** Puts a price list in: a list of the same name is replaced whole. All of it, or none. */
export const putSupplier = (list: Omit<Supplier, 'id' | 'standIn'>): Promise<string> =>
  inTransaction(async (tx) => {
    const { name, currency, pricedOn } = list;
    const [stored] = await tx
      .insert(suppliers)
      .values({ id: randomUUID(), name, currency, pricedOn })
      .onConflictDoUpdate({ target: suppliers.name, set: { currency, pricedOn } })
      .returning({ id: suppliers.id });
    const id = stored?.id ?? '';
    await tx.delete(offers).where(eq(offers.supplierId, id));
    await inChunks(list.offers, (some) =>
      tx.insert(offers).values(some.map((offer) => ({ ...offer, supplierId: id }))),
    );
    return id;
  });

/** Takes a supplier and its prices out. Answers whether it was there. */
export const removeSupplier = async (id: string): Promise<boolean> =>
  (await writing().delete(suppliers).where(eq(suppliers.id, id)).returning({ id: suppliers.id })).length > 0;
