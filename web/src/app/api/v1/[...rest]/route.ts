import { type NextResponse } from 'next/server';
import { notFound } from '@/server/api/problem';

/** An address under the API that is none of its own, by any method. */
const nothingHere = (): NextResponse => notFound('address in this API');
export { nothingHere as DELETE, nothingHere as GET, nothingHere as PATCH, nothingHere as POST, nothingHere as PUT };
