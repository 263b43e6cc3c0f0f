import { plan, shelves } from '@herrero/core';
import { NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { findJob } from '@/server/db/job-repository';
import { theCatalogue } from '@/server/db/part-repository';
import { fileNameOf } from '@/server/parts-csv';
import { pickListHtml } from '@/server/pick-list-html';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** The list to pick from as one file for a phone that cannot reach the server. */
export async function GET(_: Request, { params }: Context): Promise<NextResponse> {
  const { id } = await params;
  const stored = await findJob(id);
  if (!stored) return notFound('job');
  const catalogue = await theCatalogue();
  const { name } = stored.document;
  const day = new Date().toISOString().slice(0, 10);
  return new NextResponse(pickListHtml(name, id, shelves(plan(stored.document, catalogue).parts, catalogue), day), {
    headers: {
      'Content-Type': 'text/html; charset=utf-8',
      'Content-Disposition': `attachment; filename="${fileNameOf(name)}-pick-list.html"`,
      'Cache-Control': 'no-store',
    },
  });
}
