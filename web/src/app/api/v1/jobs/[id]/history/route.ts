import { answered } from '@/server/api/answered';
import { answer, readQuery } from '@/server/api/operation';
import { jobHistory } from '@/server/api/operations/jobs';
import { type NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { findJob, historyOf } from '@/server/db/job-repository';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** What one author did to a job, oldest first: undo and redo stand on it. */
export const GET = answered(async (request: Request, { params }: Context): Promise<NextResponse> => {
  const { id } = await params;
  const asked = readQuery(request, jobHistory);
  if (!asked.ok) return asked.error;
  if (!(await findJob(id))) return notFound('job');
  return answer(jobHistory, 200, { history: await historyOf(id, asked.value.author) }, { 'Cache-Control': 'no-store' });
});
