import { answer, readQuery } from '@/server/api/operation';
import { listJobs as listJobsOperation, openJob } from '@/server/api/operations/jobs';
import { randomUUID } from 'node:crypto';
import { type NextResponse } from 'next/server';
import { badRequest } from '@/server/api/problem';
import { readJson } from '@/server/api/read-body';
import { createJob, listJobs } from '@/server/db/job-repository';
import { theCatalogue } from '@/server/db/part-repository';
import { readJobFile } from '@/server/job-file';

export const dynamic = 'force-dynamic';

/** The jobs, the one worked on last first; `?archived=true` gives the archived ones. */
export async function GET(request: Request): Promise<NextResponse> {
  const asked = readQuery(request, listJobsOperation);
  if (!asked.ok) return asked.error;
  const stored = await listJobs(asked.value.archived);
  return answer(listJobsOperation, 200, {
    jobs: stored.map(({ id, revision, document, updatedAt }) => ({
      id,
      name: document.name,
      revision,
      updatedAt: updatedAt.toISOString(),
    })),
  });
}

/** Opens a job file: a job of its own from a document of any version that Herrero has written, or every reason why not. */
export async function POST(request: Request): Promise<NextResponse> {
  const json = await readJson(request);
  if (!json.ok) return json.error;
  const job = readJobFile(json.value, await theCatalogue());
  if (!job.ok) return badRequest(job.error);
  const id = randomUUID();
  await createJob(id, job.value, 'file');
  return answer(openJob, 201, { id, name: job.value.name, revision: 1 });
}
