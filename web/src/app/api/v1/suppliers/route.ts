import { answered } from '@/server/api/answered';
import { answer } from '@/server/api/operation';
import { listSuppliers as operation, putSupplier } from '@/server/api/operations/stock';
import { type NextResponse } from 'next/server';
import { listSuppliers } from '@/server/db/supplier-repository';
import { pooled } from '@/server/pool/pool';

export const dynamic = 'force-dynamic';

/** Suppliers whose price lists were brought in, with what they ask. */
export const GET = answered(async (): Promise<NextResponse> =>
  answer(operation, 200, { suppliers: await listSuppliers() }),
);

/** Puts a price list in; one of the same name is replaced whole. */
export const POST = pooled('put-supplier', putSupplier.limitBytes);
