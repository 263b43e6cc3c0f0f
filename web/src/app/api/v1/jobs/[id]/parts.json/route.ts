import { NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { fileNameOf } from '@/server/parts-csv';
import { findPlannedJob } from '@/server/planned-job';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** The parts list with every use of every line, for another program. */
export async function GET(_: Request, { params }: Context): Promise<NextResponse> {
  const found = await findPlannedJob((await params).id);
  if (!found) return notFound('job');
  const { name, currency, taxPercent } = found.stored.document;
  return NextResponse.json(
    { job: name, revision: found.stored.revision, currency, taxPercent, ...found.plan.parts },
    {
      headers: {
        'Content-Disposition': `attachment; filename="${fileNameOf(name)}-parts.json"`,
        'Cache-Control': 'no-store',
      },
    },
  );
}
