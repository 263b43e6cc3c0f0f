import { answered } from '@/server/api/answered';
import { answer, readBody } from '@/server/api/operation';
import {
  listSuppliers as listSuppliersOperation,
  putSupplier as putSupplierOperation,
} from '@/server/api/operations/stock';
import { type NextResponse } from 'next/server';
import { badRequest } from '@/server/api/problem';
import { listSuppliers, putSupplier } from '@/server/db/supplier-repository';

export const dynamic = 'force-dynamic';

/** Suppliers whose price lists were brought in, with what they ask. */
export const GET = answered(async (): Promise<NextResponse> =>
  answer(listSuppliersOperation, 200, { suppliers: await listSuppliers() }),
);

/** Puts a price list in; one of the same name is replaced whole. */
export const POST = answered(async (request: Request): Promise<NextResponse> => {
  const body = await readBody(request, putSupplierOperation);
  if (!body.ok) return body.error;
  const { name, currency, pricedOn, offers } = body.value;
  const seen = new Set<string>();
  const twice = offers.flatMap(({ article }, index) => {
    const known = seen.has(article);
    seen.add(article);
    return known ? [{ path: `offers[${index}].article`, message: `${article} is there twice.` }] : [];
  });
  if (twice.length > 0) return badRequest(twice);
  const id = await putSupplier({ name, currency, pricedOn, offers });
  return answer(putSupplierOperation, 201, { id, offers: offers.length });
});
