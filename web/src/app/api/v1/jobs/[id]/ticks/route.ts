import { answered } from '@/server/api/answered';
import { answer, readBody } from '@/server/api/operation';
import { getTicks, putTicks as putTicksOperation } from '@/server/api/operations/jobs';
import { type NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { findJob } from '@/server/db/job-repository';
import { putTicks, ticksOf } from '@/server/db/tick-repository';

export const dynamic = 'force-dynamic';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** What has been put in the basket, by any phone. */
export const GET = answered(async (_: Request, { params }: Context): Promise<NextResponse> => {
  const { id } = await params;
  return (await findJob(id)) ? answer(getTicks, 200, { ticks: await ticksOf(id) }) : notFound('job');
});

/** Takes what a phone has pressed, and answers with what stands now: on each line the newest press of all phones. */
export const POST = answered(async (request: Request, { params }: Context): Promise<NextResponse> => {
  const { id } = await params;
  if (!(await findJob(id))) return notFound('job');
  const body = await readBody(request, putTicksOperation);
  if (!body.ok) return body.error;
  const ahead = await putTicks(id, body.value.ticks, new Date());
  return answer(putTicksOperation, 200, {
    ticks: await ticksOf(id),
    ...(ahead.length > 0
      ? { said: `The clock of this phone is ahead: ${ahead.length} of its presses count as of now.` }
      : {}),
  });
});
