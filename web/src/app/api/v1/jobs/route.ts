import { randomUUID } from 'node:crypto';
import { NextResponse } from 'next/server';
import { badRequest } from '@/server/api/problem';
import { readJson } from '@/server/api/read-body';
import { createJob, listJobs } from '@/server/db/job-repository';
import { theCatalogue } from '@/server/db/part-repository';
import { readJobFile } from '@/server/job-file';

export const dynamic = 'force-dynamic';

/** The jobs, the one worked on last first; `?archived=true` gives the archived ones. */
export async function GET(request: Request): Promise<NextResponse> {
  const archived = new URL(request.url).searchParams.get('archived') === 'true';
  const stored = await listJobs(archived);
  return NextResponse.json({
    jobs: stored.map(({ id, revision, document, updatedAt }) => ({ id, name: document.name, revision, updatedAt })),
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
  return NextResponse.json({ id, name: job.value.name, revision: 1 }, { status: 201 });
}
