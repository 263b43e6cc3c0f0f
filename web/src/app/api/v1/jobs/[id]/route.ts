import { type Job } from '@herrero/core';
import { NextResponse } from 'next/server';
import { etagOf, revisionOf } from '@/server/api/etag';
import { JobDto, documentProblems } from '@/server/api/job-dto';
import { badRequest, needsIfMatch, notFound, stale } from '@/server/api/problem';
import { readBody } from '@/server/api/read-body';
import { findJob, putDocument } from '@/server/db/job-repository';
import { theCatalogue } from '@/server/db/part-repository';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** The job document, its revision as ETag. With If-None-Match of the newest revision: 304 and no body. */
export async function GET(request: Request, { params }: Context): Promise<NextResponse> {
  const stored = await findJob((await params).id);
  if (!stored) return notFound('job');
  const headers = { ETag: etagOf(stored.revision), 'Cache-Control': 'no-cache' };
  if (revisionOf(request.headers.get('if-none-match')) === stored.revision)
    return new NextResponse(null, { status: 304, headers });
  return NextResponse.json(stored.document, { headers });
}

/** Puts a whole document, if the sender saw the newest revision. */
export async function PUT(request: Request, { params }: Context): Promise<NextResponse> {
  const { id } = await params;
  if (!(await findJob(id))) return notFound('job');
  const seen = revisionOf(request.headers.get('if-match'));
  if (seen === undefined) return needsIfMatch();
  const body = await readBody(request, JobDto);
  if (!body.ok) return body.error;
  const document = JSON.parse(JSON.stringify(body.value)) as Job;
  const problems = documentProblems(document, await theCatalogue());
  if (problems.length > 0) return badRequest(problems);
  const outcome = await putDocument(id, seen, document, 'api');
  if (outcome.kind === 'no-such-job') return notFound('job');
  if (outcome.kind === 'stale') return stale(outcome.revision);
  return NextResponse.json({ revision: outcome.revision }, { headers: { ETag: etagOf(outcome.revision) } });
}
