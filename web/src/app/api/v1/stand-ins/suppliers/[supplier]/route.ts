import { answered } from '@/server/api/answered';
import { answer, readBody } from '@/server/api/operation';
import { askStandInSupplier } from '@/server/api/operations/stock';
import { setTimeout as wait } from 'node:timers/promises';
import { type NextResponse } from 'next/server';
import { notAnswering, notFound } from '@/server/api/problem';
import { STAND_INS, failsNow, standInSupplier } from '@/server/stand-in-suppliers';

export const dynamic = 'force-dynamic';

interface Context {
  readonly params: Promise<{ readonly supplier: string }>;
}

/** A stand-in for the service of a supplier: made-up prices and stock of all articles at once, as slowly and as unsurely as such services are. */
export const POST = answered(async (request: Request, { params }: Context): Promise<NextResponse> => {
  const { supplier } = await params;
  const standIn = STAND_INS.find(({ id }) => id === supplier);
  if (!standIn) return notFound('stand-in');
  const body = await readBody(request, askStandInSupplier);
  if (!body.ok) return body.error;
  await wait(standIn.latencyMs);
  if (failsNow(standIn)) return notAnswering(standIn.name);
  return answer(
    askStandInSupplier,
    200,
    standInSupplier(standIn, body.value.articles, body.value.currency, new Date().toISOString().slice(0, 10)),
  );
});
