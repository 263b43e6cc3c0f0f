import { nameOf } from '@herrero/core';
import { type NextResponse } from 'next/server';
import { answered } from '@/server/api/answered';
import { answer, readBody } from '@/server/api/operation';
import { listLearnt, putLearnt } from '@/server/api/operations/stock';
import { badRequest, twice } from '@/server/api/problem';
import { inTransaction } from '@/server/db/database';
import { listLearnt as readLearnt, putLearnt as keepLearnt } from '@/server/db/learnt-repository';

export const dynamic = 'force-dynamic';

/** What rows of lists from elsewhere were said to mean. */
export const GET = answered(async (): Promise<NextResponse> => answer(listLearnt, 200, { learnt: await readLearnt() }));

/** Keeps what somebody says they mean. */
export const PUT = answered(async (request: Request): Promise<NextResponse> => {
  const body = await readBody(request, putLearnt);
  if (!body.ok) return body.error;
  const learnt = body.value.learnt.map(({ theirs, code }) => ({ theirs: nameOf(theirs), code }));
  const problems = twice(
    learnt,
    ({ theirs }) => theirs,
    (index) => `learnt[${index}].theirs`,
  );
  if (problems.length > 0) return badRequest(problems);
  await inTransaction((tx) => keepLearnt(tx, learnt, 'replace'));
  return answer(putLearnt, 200, { learnt: learnt.length });
});
