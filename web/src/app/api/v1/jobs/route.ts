import { NextResponse } from 'next/server';
import { listJobs } from '@/server/db/job-repository';

export const dynamic = 'force-dynamic';

/** The jobs, the one worked on last first; `?archived=true` gives the archived ones. */
export async function GET(request: Request): Promise<NextResponse> {
  const archived = new URL(request.url).searchParams.get('archived') === 'true';
  const stored = await listJobs(archived);
  return NextResponse.json({
    jobs: stored.map(({ id, revision, document, updatedAt }) => ({ id, name: document.name, revision, updatedAt })),
  });
}
