import { plan } from '@herrero/core';
import { NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { findJob } from '@/server/db/job-repository';
import { theCatalogue } from '@/server/db/part-repository';
import { fileNameOf } from '@/server/parts-csv';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** The parts list with every use of every line, for another program. */
export async function GET(_: Request, { params }: Context): Promise<NextResponse> {
  const stored = await findJob((await params).id);
  if (!stored) return notFound('job');
  const { name } = stored.document;
  return NextResponse.json(
    { job: name, revision: stored.revision, ...plan(stored.document, await theCatalogue()).parts },
    {
      headers: {
        'Content-Disposition': `attachment; filename="${fileNameOf(name)}-parts.json"`,
        'Cache-Control': 'no-store',
      },
    },
  );
}
