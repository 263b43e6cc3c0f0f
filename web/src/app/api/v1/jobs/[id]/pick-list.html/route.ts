import { shelves } from '@herrero/core';
import { NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { fileNameOf } from '@/server/parts-csv';
import { pickListHtml } from '@/server/pick-list-html';
import { findPlannedJob } from '@/server/planned-job';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** The list to pick from as one file for a phone that cannot reach the server. */
export async function GET(_: Request, { params }: Context): Promise<NextResponse> {
  const { id } = await params;
  const found = await findPlannedJob(id);
  if (!found) return notFound('job');
  const { name } = found.stored.document;
  const day = new Date().toISOString().slice(0, 10);
  return new NextResponse(pickListHtml(name, id, shelves(found.plan.parts, found.catalogue), day), {
    headers: {
      'Content-Type': 'text/html; charset=utf-8',
      'Content-Disposition': `attachment; filename="${fileNameOf(name)}-pick-list.html"`,
      'Cache-Control': 'no-store',
    },
  });
}
