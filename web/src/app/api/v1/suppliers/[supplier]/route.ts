import { answered } from '@/server/api/answered';
import { NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { answer, readBody } from '@/server/api/operation';
import { askSupplier } from '@/server/api/operations/stock';
import { askSupplier as prices, removeSupplier } from '@/server/db/supplier-repository';

interface Context {
  readonly params: Promise<{ readonly supplier: string }>;
}

/** What a supplier asks for some articles. */
export const POST = answered(async (request: Request, { params }: Context): Promise<NextResponse> => {
  const body = await readBody(request, askSupplier);
  if (!body.ok) return body.error;
  const found = await prices((await params).supplier, body.value.articles);
  return found ? answer(askSupplier, 200, found) : notFound('supplier');
});

/** Takes a supplier and its prices out. */
export const DELETE = answered(async (_: Request, { params }: Context): Promise<NextResponse> =>
  (await removeSupplier((await params).supplier)) ? new NextResponse(null, { status: 204 }) : notFound('supplier'),
);
