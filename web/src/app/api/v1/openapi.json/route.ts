import { NextResponse } from 'next/server';
import { openApi } from '@/server/api/openapi';

/** What this API offers, for programs. */
export const GET = (): NextResponse => NextResponse.json(openApi);
