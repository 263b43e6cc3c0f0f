import { type HeadingWords, columnsByHeading, headingsOf, plainHeading } from '../../../quantity/list-headings';

/** What is read from a parts list of another program; the columns that hold it. */
export interface ForeignColumns {
  /** One or more columns that together say what it is. */
  readonly description: readonly number[];
  readonly code: number | undefined;
  readonly count: number | undefined;
  /** In what it is counted: pieces, feet, metres. */
  readonly unit: number | undefined;
}

/** Headings of lists, English and German. */
const HEADINGS: HeadingWords<'description' | 'code' | 'count' | 'unit'> = {
  description: [
    'description',
    'part',
    'name',
    'item',
    'title',
    'detail',
    'details',
    'size',
    'product',
    'material',
    'bezeichnung',
    'artikelbezeichnung',
    'beschreibung',
    'artikel',
    'grösse',
    'größe',
    'what',
  ],
  code: [
    'code',
    'article',
    'part code',
    'part no',
    'part number',
    'sku',
    'item no',
    'item code',
    'art nr',
    'artikelnummer',
    'no',
  ],
  count: [
    'buy',
    'qty',
    'quantity',
    'count',
    'number',
    'pcs',
    'pieces',
    'need',
    'amount',
    'menge',
    'anzahl',
    'how many',
  ],
  unit: ['unit', 'uom', 'u/m', 'einheit', 'me'],
};

/** Is it a heading of a parts list? */
export const isForeignHeading = headingsOf(HEADINGS);

/** Guesses which columns say what, which code, and how many; a column that only numbers the rows is none of them. */
export function guessForeignColumns(
  headings: readonly string[],
  rows: readonly (readonly string[])[] = [],
): ForeignColumns {
  const named = headings.map((heading, column) => (isNumbering(rows, column) ? '' : heading));
  const { code, count, unit } = columnsByHeading(named, HEADINGS);
  return {
    description: named.flatMap((heading, column) =>
      HEADINGS.description.includes(plainHeading(heading)) && ![code, count, unit].includes(column) ? [column] : [],
    ),
    code,
    count,
    unit,
  };
}

/** So many rows that are numbered one after the other are no chance. */
const LEAST_NUMBERED = 3;

function isNumbering(rows: readonly (readonly string[])[], column: number): boolean {
  // A row of one cell heads others: it has no number.
  const numbers = rows
    .filter((cells) => cells.filter((cell) => cell.trim() !== '').length > 1)
    .map((cells) => (cells[column] ?? '').trim());
  return (
    numbers.length >= LEAST_NUMBERED &&
    numbers.every((cell, at) => cell.replace(/[.)]$/, '') === `${at + Number(numbers[0])}`)
  );
}
