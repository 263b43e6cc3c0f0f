import { NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { csvHeaders } from '@/server/csv';
import { fileNameOf, partsCsv } from '@/server/parts-csv';
import { findPlannedJob } from '@/server/planned-job';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** The parts list as CSV, for a spreadsheet or the counter. */
export async function GET(_: Request, { params }: Context): Promise<NextResponse> {
  const found = await findPlannedJob((await params).id);
  if (!found) return notFound('job');
  const job = found.stored.document;
  return new NextResponse(partsCsv(found.plan.parts, job), {
    headers: csvHeaders(`${fileNameOf(job.name)}-parts.csv`),
  });
}
