import { type NextResponse } from 'next/server';
import { answered } from '@/server/api/answered';
import { answer, readBody } from '@/server/api/operation';
import { rememberedPrices as operation } from '@/server/api/operations/stock';
import { rememberedPrices } from '@/server/db/supplier-repository';

/** What the next price list of a supplier is read by. */
export const POST = answered(async (request: Request): Promise<NextResponse> => {
  const body = await readBody(request, operation);
  if (!body.ok) return body.error;
  return answer(operation, 200, await rememberedPrices(body.value.supplier, body.value.page));
});
