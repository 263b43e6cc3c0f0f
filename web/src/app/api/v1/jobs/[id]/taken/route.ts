import { answered } from '@/server/api/answered';
import { answer, readBody } from '@/server/api/operation';
import { getTaken, putTaken } from '@/server/api/operations/jobs';
import { type NextResponse } from 'next/server';
import { badRequest, notFound } from '@/server/api/problem';
import { findJob } from '@/server/db/job-repository';
import { listTaken, takeFromHand } from '@/server/db/stock-repository';

export const dynamic = 'force-dynamic';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** What the job has taken of what was on hand. */
export const GET = answered(async (_: Request, { params }: Context): Promise<NextResponse> => {
  const { id } = await params;
  return (await findJob(id)) ? answer(getTaken, 200, { taken: await listTaken(id) }) : notFound('job');
});

/** Takes just this of what is on hand, and puts back what it had taken besides: all of it, or none and what is short. */
export const PUT = answered(async (request: Request, { params }: Context): Promise<NextResponse> => {
  const { id } = await params;
  if (!(await findJob(id))) return notFound('job');
  const body = await readBody(request, putTaken);
  if (!body.ok) return body.error;
  const { taken } = body.value;
  const short = await takeFromHand(id, taken);
  return short.length === 0
    ? answer(putTaken, 200, { taken: await listTaken(id) })
    : badRequest(
        short.map(({ code, wanted, onHand }) => ({
          path: `taken[${taken.findIndex((one) => one.code === code)}].count`,
          message: `${wanted} of ${code} are asked for, ${onHand === 0 ? 'none is' : `${onHand} ${onHand === 1 ? 'is' : 'are'}`} on hand.`,
        })),
      );
});
