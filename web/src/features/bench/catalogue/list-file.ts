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

/** A file of text as it stands, line by line. */
interface FileLines extends Pick<ListFile, 'encoding' | 'broken'> {
  readonly lines: readonly (readonly string[])[];
  readonly separator: string;
}

/** Spreadsheets say in a first line what parts their columns: `sep=;`. */
const SEPARATOR_LINE = /^\uFEFF?sep=(.)\r?\n/i;

/**
 * Reads a CSV file line by line; comma, semicolon or tab is found out, or said in its first line. An escaped formula (a
 * leading apostrophe) is text again.
 */
export function readLines(bytes: ArrayBuffer): FileLines {
  const { text, encoding } = textOf(bytes);
  const said = SEPARATOR_LINE.exec(text);
  const { data, errors, meta } = Papa.parse<string[]>(said ? text.slice(said[0].length) : text, {
    skipEmptyLines: 'greedy',
    ...(said ? { delimiter: said[1] } : {}),
  });
  return {
    encoding,
    separator: meta.delimiter,
    lines: data.map((cells) => cells.map((cell) => cell.replace(/^'(?=[=+@\-\t\r])/, ''))),
    broken: errors.filter(({ type }) => type === 'Quotes').map(({ row, message }) => ({ row: row ?? 0, message })),
  };
}

/** Reads a CSV file whose first line has the headings. */
export function readFile(bytes: ArrayBuffer): ListFile {
  const { encoding, broken, lines } = readLines(bytes);
  const [headings = [], ...rows] = lines;
  return { encoding, headings, rows, broken };
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
