import { type Currency, type DecimalMark, type ShelfLine, type SupplierOffer, listNumber } from '@herrero/core';
import { type FileTable } from '../read-table';

/** What a column of a price list can hold. */
export const PRICE_FIELDS = ['article', 'price', 'pack', 'stock'] as const;
export type PriceField = (typeof PRICE_FIELDS)[number];
export type PriceColumns = Readonly<Partial<Record<PriceField, number>>>;

const HEADINGS: Readonly<Record<PriceField, readonly string[]>> = {
  article: ['article', 'code', 'part code', 'part no', 'part number', 'sku', 'item'],
  price: ['price', 'unit price', 'net', 'cost', 'each'],
  pack: ['pack', 'pack size', 'per pack', 'pack of', 'box'],
  stock: ['stock', 'in stock', 'available', 'on shelf', 'qty'],
};

/** Guesses which column holds what; a heading may name the currency behind it. */
export function guessPriceColumns(headings: readonly string[]): PriceColumns {
  const plain = headings.map((heading) =>
    heading
      .trim()
      .toLowerCase()
      .replace(/\s+(usd|gbp|eur|aud|nzd)$/, ''),
  );
  return Object.fromEntries(
    PRICE_FIELDS.flatMap((field) => {
      const column = plain.findIndex((heading) => HEADINGS[field].includes(heading));
      return column < 0 ? [] : [[field, column]];
    }),
  );
}

export interface ReadPrices {
  readonly offers: readonly SupplierOffer[];
  /** How many lines of the job have a price among them. */
  readonly matched: number;
  readonly problems: readonly { readonly row: number; readonly message: string }[];
}

/** In which money a list is, and which mark parts its decimals. */
export interface ListMoney {
  readonly currency?: Currency | undefined;
  readonly decimals?: DecimalMark | undefined;
}

const MOST_PRICE = 1_000_000;

/**
 * Reads a price list. Articles are those of our own list; a bare code stands for the one article of the job that has it.
 * Every row stands alone: what is wrong with one keeps no other back.
 */
export function readPrices(
  { rows }: FileTable,
  columns: PriceColumns,
  lines: readonly ShelfLine[],
  reading: ListMoney = {},
): ReadPrices {
  const byCode = new Map<string, string | undefined>();
  for (const { code, article } of lines) byCode.set(code, byCode.has(code) ? undefined : article);
  const articles = new Set(lines.map(({ article }) => article));
  const offers = new Map<string, SupplierOffer>();
  const problems: { row: number; message: string }[] = [];
  for (const [index, cells] of rows.entries()) {
    const row = index + 1;
    const cell = (field: PriceField): string => {
      const column = columns[field];
      return column === undefined ? '' : (cells[column] ?? '').trim();
    };
    const said = cell('article');
    if (said === '' && cell('price') === '') continue;
    const refuse = (message: string): void => void problems.push({ row, message });
    const article = articles.has(said) ? said : (byCode.get(said) ?? said);
    const figures = (['price', 'pack', 'stock'] as const).map((field) =>
      listNumber(cell(field), { ...reading, kind: field === 'price' ? 'money' : 'number' }),
    );
    const unread = figures.find((figure) => !figure.ok);
    const [price, pack = 1, stock = null] = figures.map((figure) => (figure.ok ? figure.value : undefined));
    if (said === '') refuse('There is no article in this row.');
    else if (/^[=+@]|^-\D/.test(said)) refuse(`“${said.slice(0, 40)}” is a formula, no article.`);
    else if (cell('price') === '') refuse(`${said} has no price.`);
    else if (unread && !unread.ok) refuse(unread.error);
    else if (price === undefined || !(price >= 0 && price <= MOST_PRICE)) refuse(`“${cell('price')}” is no price.`);
    else if (!(Number.isInteger(pack) && pack >= 1)) refuse(`“${cell('pack')}” is no pack: how many are in it?`);
    else if (stock !== null && !(Number.isInteger(stock) && stock >= 0)) refuse(`“${cell('stock')}” is no count.`);
    else if (offers.has(article)) refuse(`${said} is there twice; the first row counts.`);
    else offers.set(article, { article, price, pack, stock });
  }
  return {
    offers: [...offers.values()],
    matched: lines.filter(({ article }) => offers.has(article)).length,
    problems,
  };
}
