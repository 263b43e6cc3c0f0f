import { answered } from '@/server/api/answered';
import { type NextResponse } from 'next/server';
import { answer } from '@/server/api/operation';
import { getReady } from '@/server/api/operations/server';
import { isAnswering } from '@/server/db/database';

export const dynamic = 'force-dynamic';

/** The server can do its work: its database answers. 503 while it does not. */
export const GET = answered(async (): Promise<NextResponse> => {
  await isAnswering();
  return answer(getReady, 200, { ready: true });
});
