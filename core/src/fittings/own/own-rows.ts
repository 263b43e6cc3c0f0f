import { listNumber } from '../../quantity/list-figures';
import type { DecimalMark } from '../../quantity/read-figure';
import { type HeadingWords, columnsByHeading } from '../../quantity/list-headings';
import type { Catalogue } from '../catalogue';
import { type Holding, OWN_LIMITS, type OwnPart, isFormula, makeOwnPart } from './own-part';

/** What a column of a list can hold. Only the code must be there; the rest makes a part, a price or a stock of it. */
export const ROW_FIELDS = [
  'code',
  'name',
  'detail',
  'size',
  'material',
  'end 1',
  'end 2',
  'end 3',
  'end 4',
  'length mm',
  'bore mm',
  'price',
  'stock length m',
  'does',
  'on hand',
] as const;
export type RowField = (typeof ROW_FIELDS)[number];

/** For each field the column it is read from; absent: it is not in the list. */
export type ColumnMapping = Readonly<Partial<Record<RowField, number>>>;

/** One row that cannot be taken: which (counted from 1, headings not counted), which column, and why. */
export interface RowProblem {
  readonly row: number;
  readonly field: RowField;
  readonly message: string;
}

export interface ReadRows {
  readonly own: readonly OwnPart[];
  readonly holdings: readonly Holding[];
  readonly problems: readonly RowProblem[];
  /** Rows with nothing in them. */
  readonly empty: number;
}

/** Headings as people write them, for a first guess at the columns. */
const HEADINGS: HeadingWords<RowField> = {
  code: ['code', 'part code', 'part no', 'part number', 'item', 'sku', 'article'],
  name: ['name', 'description', 'part', 'title'],
  detail: ['detail', 'details'],
  size: ['size', 'nominal', 'nominal size'],
  material: ['material', 'made of'],
  'end 1': ['end 1', 'end1', 'inlet', 'e1'],
  'end 2': ['end 2', 'end2', 'outlet', 'e2'],
  'end 3': ['end 3', 'end3', 'branch', 'e3'],
  'end 4': ['end 4', 'end4', 'e4'],
  'length mm': ['length mm', 'length', 'overall', 'overall mm'],
  'bore mm': ['bore mm', 'bore', 'least bore'],
  price: ['price', 'price usd', 'cost', 'usd'],
  'stock length m': ['stock length m', 'stock length', 'coil m'],
  does: ['does', 'function'],
  'on hand': ['on hand', 'stock', 'qty', 'quantity', 'in stock'],
};

/** Guesses which column holds what from the headings; what is not recognised stays unmapped. */
export const guessMapping = (headings: readonly string[]): ColumnMapping => columnsByHeading(headings, HEADINGS);

/**
 * Reads the rows of a list: parts of one's own, and prices and stock of parts that are known. Every row stands alone:
 * what is wrong with one is said with its row and column and keeps no other back.
 *
 * @param rows     cells as text, headings left out
 * @param mapping  where each field is read from
 * @param decimals which mark parts decimals in it
 */
export function readOwnRows(
  rows: readonly (readonly string[])[],
  mapping: ColumnMapping,
  catalogue: Catalogue,
  decimals?: DecimalMark,
): ReadRows {
  const own: OwnPart[] = [];
  const holdings: Holding[] = [];
  const problems: RowProblem[] = [];
  const seen = new Map<string, number>();
  let empty = 0;
  for (const [index, cells] of rows.entries()) {
    const row = index + 1;
    if (cells.every((cell) => cell.trim() === '')) {
      empty++;
      continue;
    }
    const wrong: RowProblem[] = [];
    const refuse = (field: RowField, message: string): void => void wrong.push({ row, field, message });
    const text = (field: RowField): string => {
      const column = mapping[field];
      const cell = column === undefined ? '' : (cells[column] ?? '').trim();
      if (isFormula(cell)) {
        refuse(field, `“${cell.slice(0, 40)}” is a formula: only its value could be taken.`);
        return '';
      }
      return cell;
    };
    const figure = (field: RowField, most: number): number | null => {
      const read = listNumber(text(field), { kind: field === 'price' ? 'money' : 'number', decimals });
      if (!read.ok) {
        refuse(field, read.error);
        return null;
      }
      const value = read.value;
      if (value === undefined) return null;
      if (!(value >= 0 && value <= most)) refuse(field, `“${text(field)}” is no number from 0 to ${most}.`);
      return value;
    };
    const code = text('code');
    const before = seen.get(code);
    if (code === '') refuse('code', 'There is no code in this row.');
    else if (before !== undefined) refuse('code', `${code} stands in row ${before} already.`);
    else seen.set(code, row);
    const price = figure('price', OWN_LIMITS.priceUsd);
    const onHand = figure('on hand', OWN_LIMITS.onHand);
    if (onHand !== null && !Number.isInteger(onHand)) refuse('on hand', 'Whole pieces only.');
    const isShipped = catalogue.byCode.get(code)?.family !== undefined && catalogue.byCode.get(code)?.family !== 'own';
    const part: OwnPart = {
      code,
      name: text('name'),
      detail: text('detail'),
      size: text('size'),
      material: text('material').toLowerCase(),
      ends: (['end 1', 'end 2', 'end 3', 'end 4'] as const).map(text).filter((end) => end !== ''),
      lengthMm: figure('length mm', OWN_LIMITS.lengthMm),
      boreMm: figure('bore mm', OWN_LIMITS.boreMm),
      priceUsd: price ?? 0,
      stockLengthM: figure('stock length m', OWN_LIMITS.stockLengthM),
      does: text('does')
        .split(/[\s,;]+/)
        .filter((one) => one !== ''),
    };
    if (!isShipped && wrong.length === 0) {
      const made = makeOwnPart(part);
      if (!made.ok) for (const { path, message } of made.error) refuse(FIELD_OF[path] ?? endField(path), message);
    }
    if (isShipped && price === null && onHand === null && wrong.length === 0)
      refuse('price', `${code} is in the catalogue: give its price or how many are on hand.`);
    if (wrong.length > 0) {
      problems.push(...wrong);
      continue;
    }
    if (!isShipped) own.push(part);
    if (onHand !== null || isShipped) holdings.push({ code, onHand: onHand ?? 0, priceUsd: isShipped ? price : null });
  }
  return { own, holdings, problems, empty };
}

const FIELD_OF: Readonly<Record<string, RowField>> = {
  code: 'code',
  name: 'name',
  detail: 'detail',
  size: 'size',
  material: 'material',
  lengthMm: 'length mm',
  boreMm: 'bore mm',
  priceUsd: 'price',
  stockLengthM: 'stock length m',
  does: 'does',
  ends: 'end 1',
};

const endField = (path: string): RowField =>
  ROW_FIELDS.find((field) => field === `end ${Number(/\d+/.exec(path)?.[0] ?? 0) + 1}`) ?? 'end 1';

/** Own parts and holdings as rows under ROW_FIELDS: what `readOwnRows` reads back. */
export function ownRows(own: readonly OwnPart[], holdings: readonly Holding[]): readonly (readonly string[])[] {
  const held = new Map(holdings.map((holding) => [holding.code, holding]));
  const figure = (value: number | null | undefined): string =>
    value === null || value === undefined ? '' : `${value}`;
  const mine = own.map(
    ({
      code,
      name,
      detail,
      size,
      material,
      ends,
      lengthMm,
      boreMm,
      priceUsd,
      stockLengthM,
      does,
    }): readonly string[] => [
      code,
      name,
      detail,
      size,
      material,
      ...[0, 1, 2, 3].map((index) => ends[index] ?? ''),
      figure(lengthMm),
      figure(boreMm),
      figure(priceUsd),
      figure(stockLengthM),
      does.join(' '),
      figure(held.get(code)?.onHand),
    ],
  );
  const codes = new Set(own.map(({ code }) => code));
  const others = holdings
    .filter(({ code }) => !codes.has(code))
    .map(({ code, onHand, priceUsd }) => [
      code,
      ...Array.from({ length: ROW_FIELDS.indexOf('price') - 1 }, () => ''),
      figure(priceUsd),
      '',
      '',
      figure(onHand),
    ]);
  return [...mine, ...others];
}
