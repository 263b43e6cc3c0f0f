import { answered } from '@/server/api/answered';
import { NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { removeSupplier } from '@/server/db/supplier-repository';

interface Context {
  readonly params: Promise<{ readonly supplier: string }>;
}

/** Takes a supplier and its prices out. */
export const DELETE = answered(async (_: Request, { params }: Context): Promise<NextResponse> =>
  (await removeSupplier((await params).supplier)) ? new NextResponse(null, { status: 204 }) : notFound('supplier'),
);
