import { NextResponse } from 'next/server';
import { badRequest, notFound } from '@/server/api/problem';
import { findJob, historyOf } from '@/server/db/job-repository';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** What one author did to a job, oldest first: undo and redo stand on it. */
export async function GET(request: Request, { params }: Context): Promise<NextResponse> {
  const { id } = await params;
  const author = new URL(request.url).searchParams.get('author');
  if (author === null || author === '') return badRequest([{ path: 'author', message: 'Say whose history: ?author=' }]);
  if (!(await findJob(id))) return notFound('job');
  return NextResponse.json({ history: await historyOf(id, author) }, { headers: { 'Cache-Control': 'no-store' } });
}
