import { answered } from '@/server/api/answered';
import { NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';
import { removeOffCut } from '@/server/db/stock-repository';

interface Context {
  readonly params: Promise<{ readonly offCut: string }>;
}

/** Takes a left-over out of stock. */
export const DELETE = answered(async (_: Request, { params }: Context): Promise<NextResponse> =>
  (await removeOffCut((await params).offCut)) ? new NextResponse(null, { status: 204 }) : notFound('left-over'),
);
