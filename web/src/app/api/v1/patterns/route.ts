import { type NextResponse } from 'next/server';
import { answered } from '@/server/api/answered';
import { answer } from '@/server/api/operation';
import { listPatterns } from '@/server/api/operations/patterns';
import { patternList } from '@/server/patterns';
import { pooled } from '@/server/pool/pool';

/** The kinds of system that a job can be begun with. */
export const GET = answered((): Promise<NextResponse> =>
  Promise.resolve(answer(listPatterns, 200, { patterns: patternList() })),
);

/** Begins a job with one of them. */
export const POST = pooled('begin');
