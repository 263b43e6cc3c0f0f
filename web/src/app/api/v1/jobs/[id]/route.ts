import { answered } from '@/server/api/answered';
import { validateJob } from '@herrero/core';
import { NextResponse } from 'next/server';
import { etagOf, revisionOf } from '@/server/api/etag';
import { answer, readBody } from '@/server/api/operation';
import { getJob, putJob } from '@/server/api/operations/jobs';
import { badRequest, needsIfMatch, notFound, stale } from '@/server/api/problem';
import { findJob, putDocument } from '@/server/db/job-repository';
import { theCatalogue } from '@/server/db/part-repository';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** The job document, its revision as ETag. With If-None-Match of the newest revision: 304 and no body. */
export const GET = answered(async (request: Request, { params }: Context): Promise<NextResponse> => {
  const stored = await findJob((await params).id);
  if (!stored) return notFound('job');
  const headers = { ETag: etagOf(stored.revision), 'Cache-Control': 'no-cache' };
  if (revisionOf(request.headers.get('if-none-match')) === stored.revision)
    return new NextResponse(null, { status: 304, headers });
  return answer(getJob, 200, stored.document, headers);
});

/** Puts a whole document, if the sender saw the newest revision. */
export const PUT = answered(async (request: Request, { params }: Context): Promise<NextResponse> => {
  const { id } = await params;
  if (!(await findJob(id))) return notFound('job');
  const seen = revisionOf(request.headers.get('if-match'));
  if (seen === undefined) return needsIfMatch();
  const body = await readBody(request, putJob);
  if (!body.ok) return body.error;
  const problems = validateJob(body.value, await theCatalogue());
  if (problems.length > 0) return badRequest(problems);
  const outcome = await putDocument(id, seen, body.value, 'api');
  if (outcome.kind === 'no-such-job') return notFound('job');
  if (outcome.kind === 'stale') return stale(outcome.revision);
  return answer(putJob, 200, { revision: outcome.revision }, { ETag: etagOf(outcome.revision) });
});
