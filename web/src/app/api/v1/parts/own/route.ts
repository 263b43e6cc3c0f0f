import { answered } from '@/server/api/answered';
import { answer } from '@/server/api/operation';
import { getOwn, putOwn } from '@/server/api/operations/stock';
import { type NextResponse } from 'next/server';
import { readOwn } from '@/server/db/part-repository';
import { pooled } from '@/server/pool/pool';

export const dynamic = 'force-dynamic';

/** Somebody's own parts, stock and prices. */
export const GET = answered(async (): Promise<NextResponse> => answer(getOwn, 200, await readOwn()));

/** Puts parts, stock and prices in: all of them, or none and what is wrong with each. */
export const POST = pooled('put-own', putOwn.limitBytes);
