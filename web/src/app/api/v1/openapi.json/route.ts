import { answered } from '@/server/api/answered';
import { NextResponse } from 'next/server';
import { openApi } from '@/server/api/openapi';

/** What this API offers, for programs. */
export const GET = answered((): NextResponse => NextResponse.json(openApi));
