import { answered } from '@/server/api/answered';
import { NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { findJob } from '@/server/db/job-repository';
import { fileNameOf } from '@/server/parts-csv';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** The job as a file: the whole document, to be kept, sent on, and opened again without loss. */
export const GET = answered(async (_: Request, { params }: Context): Promise<NextResponse> => {
  const stored = await findJob((await params).id);
  if (!stored) return notFound('job');
  return new NextResponse(`${JSON.stringify(stored.document, null, 2)}\n`, {
    headers: {
      'Content-Type': 'application/json; charset=utf-8',
      'Content-Disposition': `attachment; filename="${fileNameOf(stored.document.name)}.herrero.json"`,
      'Cache-Control': 'no-store',
    },
  });
});
