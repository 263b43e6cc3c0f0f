import { answered } from '@/server/api/answered';
import { answer, readQuery } from '@/server/api/operation';
import { listJobs as listJobsOperation } from '@/server/api/operations/jobs';
import { type NextResponse } from 'next/server';
import { listJobs } from '@/server/db/job-repository';
import { pooled } from '@/server/pool/pool';

export const dynamic = 'force-dynamic';

/** The jobs, the one worked on last first; `?archived=true` gives the archived ones. */
export const GET = answered(async (request: Request): Promise<NextResponse> => {
  const asked = readQuery(request, listJobsOperation);
  if (!asked.ok) return asked.error;
  const stored = await listJobs(asked.value.archived);
  return answer(listJobsOperation, 200, {
    jobs: stored.map((job) => ({ ...job, updatedAt: job.updatedAt.toISOString() })),
  });
});

/** Opens a job file: a job of its own from a document of any version that Herrero has written, or every reason why not. */
export const POST = pooled('open-job');
