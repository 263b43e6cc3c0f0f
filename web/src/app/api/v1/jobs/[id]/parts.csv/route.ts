import { plan } from '@herrero/core';
import { NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { csvHeaders } from '@/server/csv';
import { findJob } from '@/server/db/job-repository';
import { theCatalogue } from '@/server/db/part-repository';
import { fileNameOf, partsCsv } from '@/server/parts-csv';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** The parts list as CSV, for a spreadsheet or the counter. */
export async function GET(_: Request, { params }: Context): Promise<NextResponse> {
  const stored = await findJob((await params).id);
  if (!stored) return notFound('job');
  return new NextResponse(partsCsv(plan(stored.document, await theCatalogue()).parts), {
    headers: csvHeaders(`${fileNameOf(stored.document.name)}-parts.csv`),
  });
}
