import { NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { fileNameOf } from '@/server/parts-csv';
import { partsXlsx } from '@/server/parts-xlsx';
import { findPlannedJob } from '@/server/planned-job';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** The parts list and the cut list as a workbook. */
export async function GET(_: Request, { params }: Context): Promise<NextResponse> {
  const found = await findPlannedJob((await params).id);
  if (!found) return notFound('job');
  const job = found.stored.document;
  return new NextResponse(new Uint8Array(await partsXlsx(found.plan.parts, job)), {
    headers: {
      'Content-Type': 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
      'Content-Disposition': `attachment; filename="${fileNameOf(job.name)}-parts.xlsx"`,
      'Cache-Control': 'no-store',
    },
  });
}
