import { type ListTable, type Result, err, ok, tableFrom } from '@herrero/core';
import { Unzip, UnzipInflate } from 'fflate';
import { readLines } from '../bench/catalogue/list-file';

/** How large a file may be, packed and unpacked, and how many files a workbook may have in it. */
export interface TableLimits {
  readonly fileBytes: number;
  readonly unpackedBytes: number;
  readonly entries: number;
  readonly rows: number;
}
export const TABLE_LIMITS: TableLimits = {
  fileBytes: 10_000_000,
  unpackedBytes: 80_000_000,
  entries: 500,
  rows: 60_000,
};

const MEGA = 1_000_000;
/** A workbook is a zip file, and begins like one. */
const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;
/** What old spreadsheets wrote before workbooks were zip files. */
const isOldWorkbook = (bytes: Uint8Array): boolean => bytes[0] === 0xd0 && bytes[1] === 0xcf;

/**
 * Unpacks a zip file and counts what comes out, without keeping it: what a file says of its own size is not believed.
 *
 * @returns the reason why it is refused; undefined where it is sound
 */
export function zipProblem(bytes: Uint8Array, { unpackedBytes, entries }: TableLimits): string | undefined {
  let [size, count] = [0, 0];
  let problem: string | undefined;
  const unzip = new Unzip((file) => {
    if (++count > entries) problem ??= `There are more than ${entries} files in it: it is no workbook.`;
    if (problem !== undefined) return;
    file.ondata = (error, data) => {
      if (error) problem ??= 'It is damaged: it cannot be unpacked.';
      else size += data.length;
      if (size > unpackedBytes) {
        problem ??= `Unpacked it is larger than ${unpackedBytes / MEGA} MB: it was made to fill a memory.`;
        file.terminate();
      }
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  try {
    const STEP = 65_536;
    for (let from = 0; from < bytes.length && problem === undefined; from += STEP)
      unzip.push(bytes.subarray(from, from + STEP), from + STEP >= bytes.length);
  } catch {
    problem ??= 'It is damaged: it cannot be unpacked.';
  }
  return problem ?? (count === 0 ? 'It is damaged: there is nothing in it.' : undefined);
}

/** A figure of a workbook has a point for its decimals; with three of them it could be read as thousands, with four not. */
const figureText = (figure: number): string => `${figure}`.replace(/^(-?\d+\.\d{3})$/, '$10');

const textOf = (cell: unknown): string =>
  cell === null || cell === undefined
    ? ''
    : typeof cell === 'number'
      ? figureText(cell)
      : cell instanceof Date
        ? cell.toISOString().slice(0, 10)
        : typeof cell === 'object'
          ? ''
          : `${cell as string | boolean}`;

/**
 * Reads a table from CSV (comma, semicolon, tab; any usual encoding) or from the first sheet of a workbook (XLSX). An
 * escaped formula is text again; no formula is ever worked out, of a workbook its kept values are taken.
 *
 * @param isHeading knows the headings of such lists: a title may stand over them
 * @error why the file is refused; nothing of it is used then
 */
export async function readTable(
  bytes: ArrayBuffer,
  isHeading: (cell: string) => boolean,
  limits = TABLE_LIMITS,
): Promise<Result<ListTable, string>> {
  if (bytes.byteLength === 0) return err('The file is empty.');
  if (bytes.byteLength > limits.fileBytes)
    return err(`The file is larger than ${limits.fileBytes / MEGA} MB: split it.`);
  const start = new Uint8Array(bytes);
  if (isOldWorkbook(start)) return err('This is a workbook of the old kind (XLS): save it as XLSX or CSV.');
  const read = isZip(start) ? await readWorkbook(start, limits) : ok(readLines(bytes));
  if (!read.ok) return read;
  const { lines, separator } = read.value;
  if (lines.length > limits.rows)
    return err(`There are more than ${limits.rows.toLocaleString('en')} rows: split the list.`);
  return ok(tableFrom(lines, isHeading, separator));
}

interface Lines {
  readonly lines: readonly (readonly string[])[];
  readonly separator?: string | undefined;
}

async function readWorkbook(bytes: Uint8Array, limits: TableLimits): Promise<Result<Lines, string>> {
  const problem = zipProblem(bytes, limits);
  if (problem !== undefined) return err(problem);
  try {
    const { readSheet } = await import('read-excel-file/universal');
    const sheet = await readSheet(new Blob([new Uint8Array(bytes)]));
    return ok({ lines: sheet.map((row) => row.map(textOf)) });
  } catch {
    return err('It is no workbook that can be read: save it as XLSX or CSV again.');
  }
}
