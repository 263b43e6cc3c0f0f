import { answered } from '@/server/api/answered';
import { type NextResponse } from 'next/server';
import { answer } from '@/server/api/operation';
import { getHealth } from '@/server/api/operations/server';
import { PROGRAM } from '@/server/program';

export const dynamic = 'force-dynamic';

/** The server runs; nothing else is asked for it. */
export const GET = answered((): NextResponse => answer(getHealth, 200, { up: true, program: PROGRAM }));
