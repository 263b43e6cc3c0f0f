import { answered } from '@/server/api/answered';
import { ROW_FIELDS, ownRows } from '@herrero/core';
import { csvHeaders, csvText } from '@/server/csv';
import { readOwn } from '@/server/db/part-repository';

export const dynamic = 'force-dynamic';

/** Somebody's own parts, stock and prices as CSV, in the columns that are read back. */
export const GET = answered(async (): Promise<Response> => {
  const { own, holdings } = await readOwn();
  return new Response(csvText(ROW_FIELDS, ownRows(own, holdings)), { headers: csvHeaders('own-parts.csv') });
});
