import Papa from 'papaparse';

/** A byte order mark, without which spreadsheets take UTF-8 for something else. */
const BOM = '\uFEFF';

/** A table as CSV (RFC 4180, UTF-8). Cells that a spreadsheet would run as a formula are escaped. */
export const csvText = (headings: readonly string[], rows: readonly (readonly string[])[]): string =>
  `${BOM}${Papa.unparse(
    { fields: [...headings], data: rows.map((row) => [...row]) },
    { escapeFormulae: true, newline: '\r\n' },
  )}\r\n`;

export const CSV_TYPE = 'text/csv; charset=utf-8';

/** What a download of CSV says of itself. */
export const csvHeaders = (fileName: string): Readonly<Record<string, string>> => ({
  'Content-Type': CSV_TYPE,
  'Content-Disposition': `attachment; filename="${fileName}"`,
  'Cache-Control': 'no-store',
});
