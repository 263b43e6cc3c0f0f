import { type Currency } from '@herrero/core';
import { NextResponse } from 'next/server';
import { SupplierDto } from '@/server/api/buying-dto';
import { badRequest } from '@/server/api/problem';
import { readBody } from '@/server/api/read-body';
import { listSuppliers, putSupplier } from '@/server/db/supplier-repository';

export const dynamic = 'force-dynamic';

const LIST_LIMIT_BYTES = 10_000_000;

/** Suppliers whose price lists were brought in, with what they ask. */
export const GET = async (): Promise<NextResponse> => NextResponse.json({ suppliers: await listSuppliers() });

/** Puts a price list in; one of the same name is replaced whole. */
export async function POST(request: Request): Promise<NextResponse> {
  const body = await readBody(request, SupplierDto, LIST_LIMIT_BYTES);
  if (!body.ok) return body.error;
  const { name, currency, pricedOn, offers } = body.value;
  const seen = new Set<string>();
  const twice = offers.flatMap(({ article }, index) => {
    const known = seen.has(article);
    seen.add(article);
    return known ? [{ path: `offers[${index}].article`, message: `${article} is there twice.` }] : [];
  });
  if (twice.length > 0) return badRequest(twice);
  const id = await putSupplier({
    name,
    currency: currency as Currency,
    pricedOn,
    offers: offers.map((offer) => ({ ...offer, stock: offer.stock ?? null })),
  });
  return NextResponse.json({ id, offers: offers.length }, { status: 201 });
}
