import {
  type Catalogue,
  type ColumnMapping,
  type ReadRows,
  guessMapping,
  readOwnRows,
  type DecimalMark,
} from '@herrero/core';
import Papa from 'papaparse';

/** What the bytes of a file were taken for. */
export type Encoding = 'UTF-8' | 'UTF-16' | 'Windows-1252';

/** A list as it stands in its file, before its columns are understood. */
export interface ListFile {
  readonly encoding: Encoding;
  readonly headings: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** What the reading itself stumbled over: a quote that is never closed. */
  readonly broken: readonly { readonly row: number; readonly message: string }[];
}

/** A list with its columns understood, read row by row. */
export interface OpenedList {
  readonly file: ListFile;
  readonly mapping: ColumnMapping;
  readonly decimals: DecimalMark | undefined;
  readonly read: ReadRows;
}

/** Bytes as text: by their mark, as UTF-8 where that is possible, else as what old spreadsheets of the West write. */
function textOf(bytes: ArrayBuffer): { readonly text: string; readonly encoding: Encoding } {
  const [first, second] = new Uint8Array(bytes.slice(0, 2));
  if (first === 0xff && second === 0xfe) return { text: new TextDecoder('utf-16le').decode(bytes), encoding: 'UTF-16' };
  if (first === 0xfe && second === 0xff) return { text: new TextDecoder('utf-16be').decode(bytes), encoding: 'UTF-16' };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'Windows-1252' };
  }
}

/** Reads a CSV file; comma, semicolon or tab is found out. An escaped formula (a leading apostrophe) is text again. */
export function readFile(bytes: ArrayBuffer): ListFile {
  const { text, encoding } = textOf(bytes);
  const { data, errors } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  const [headings = [], ...rows] = data.map((cells) => cells.map((cell) => cell.replace(/^'(?=[=+@\-\t\r])/, '')));
  return {
    encoding,
    headings,
    rows,
    broken: errors.filter(({ type }) => type === 'Quotes').map(({ row, message }) => ({ row: row ?? 0, message })),
  };
}

export const openList = (
  file: ListFile,
  catalogue: Catalogue,
  mapping = guessMapping(file.headings),
  decimals?: DecimalMark,
): OpenedList => ({
  file,
  mapping,
  decimals,
  read: readOwnRows(file.rows, mapping, catalogue, decimals),
});
