import { ROW_FIELDS, ownRows } from '@herrero/core';
import Papa from 'papaparse';
import { readOwn } from '@/server/db/part-repository';

export const dynamic = 'force-dynamic';

/** A byte order mark, without which spreadsheets take UTF-8 for something else. */
const BOM = '\uFEFF';

/** Somebody's own parts, stock and prices as CSV, in the columns that are read back. */
export async function GET(): Promise<Response> {
  const { own, holdings } = await readOwn();
  const rows = ownRows(own, holdings).map((row) => [...row]);
  const csv = Papa.unparse({ fields: [...ROW_FIELDS], data: rows }, { escapeFormulae: true, newline: '\r\n' });
  return new Response(`${BOM}${csv}\r\n`, {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': 'attachment; filename="own-parts.csv"',
      'Cache-Control': 'no-store',
    },
  });
}
