import { type Currency } from '../../../quantity/money';
import { listNumber, markOfColumn } from '../../../quantity/list-figures';
import { type MoneySaid, moneyOf, moneySaid, withoutMoney } from '../../../quantity/money-said';
import type { DecimalMark } from '../../../quantity/read-figure';
import type { ShelfLine } from '../../tables/shelves';
import type { ListTable } from '../list-table';
import type { SupplierName, SupplierOffer } from '../buying';
import type { PriceColumns, PriceField } from './columns';
import { gtinOf, nameOf } from './names';

/** What is known of a list before it is read, and what somebody has said of it. */
export interface ReadingOfPrices {
  /** In which money; not said: as the list says. */
  readonly currency?: Currency | undefined;
  /** Which mark parts decimals of its prices; not said: as its prices show. */
  readonly decimals?: DecimalMark | undefined;
  /** The money of the job: what a bare `$` means where the job is in dollars. */
  readonly usualCurrency: Currency;
  /** What this supplier calls articles by, as far as it is known; numbers of the trade those of any supplier. */
  readonly names: readonly SupplierName[];
}

/** One price of a list. */
export interface PriceRow {
  /** Counted from 1, headings not counted. */
  readonly row: number;
  /** As the list calls it. */
  readonly said: string;
  readonly words: string;
  /** The price as it is written. */
  readonly written: string;
  /** By ours where it is known which it is, else by theirs. */
  readonly offer: SupplierOffer;
  /** It is known which of our articles it is. */
  readonly isOurs: boolean;
  /** What it is called there: code and number of the trade, words where it has neither. */
  readonly theirs: readonly string[];
}

export interface RowNote {
  readonly row: number;
  readonly message: string;
}

export interface ReadPrices {
  readonly rows: readonly PriceRow[];
  /** Rows that are left out, with the reason. */
  readonly problems: readonly RowNote[];
  /** What is to be known of rows that are taken. */
  readonly remarks: readonly RowNote[];
  /** The money of the list; undefined: it says none, or several. */
  readonly currency: Currency | undefined;
  /** The mark that parts decimals of its prices; undefined: it does not show. */
  readonly decimals: DecimalMark | undefined;
}

const MOST_PRICE = 1_000_000;
const MOST_CHARS = 160;
const SEMICOLON = ';';

/** A whole number: three digits behind a mark are thousands, `1.200` as much as `1,200`. */
const wholeNumber = (text: string): ReturnType<typeof listNumber> =>
  listNumber(/^\d{1,3}(?:[.,]\d{3})+$/.test(text) ? text.replaceAll(/[.,]/g, '') : text);

/** A price; a comma and a dash behind it are none of its digits: `12,-`. */
const priceOf = (text: string, decimals: DecimalMark | undefined): ReturnType<typeof listNumber> =>
  listNumber(withoutMoney(text).replace(/[.,](?:-+|–|—)$/, ''), { kind: 'money', decimals });

/**
 * Reads a price list. What an article of ours is called there is known by our own name or words, by a bare code that only one
 * article of the job has, or by what this supplier called it before; everything else is kept under its own name. Every row
 * stands alone: what is wrong with one keeps no other back.
 */
export function readPrices(
  { above, headings, rows, separator }: ListTable,
  columns: PriceColumns,
  lines: readonly ShelfLine[],
  { currency: asked, decimals: marked, usualCurrency, names }: ReadingOfPrices,
): ReadPrices {
  const text = (cells: readonly string[], field: PriceField): string => {
    const column = columns[field];
    return column === undefined ? '' : (cells[column] ?? '').trim();
  };
  const prices = rows.map((cells) => text(cells, 'price')).filter((price) => price !== '');
  const decimals = marked ?? markOfColumn(prices, separator === SEMICOLON ? ',' : undefined);
  const heading = columns.price === undefined ? '' : (headings[columns.price] ?? '');
  const ofHead = [...above.flat(), heading].map(moneySaid);
  const currency = asked ?? listMoney(ofHead, prices.map(moneySaid), usualCurrency);

  const ours = ourArticles(lines);
  const ourWords = onlyOnes(lines.map((line) => [nameOf(`${line.title} ${line.detail}`), line.article]));
  const known = new Map(names.map(({ theirs, article }) => [nameOf(theirs), article]));
  const taken = new Map<string, number>();
  const read: PriceRow[] = [];
  const problems: RowNote[] = [];
  const remarks: RowNote[] = [];
  for (const [index, cells] of rows.entries()) {
    const row = index + 1;
    const cell = (field: PriceField): string => text(cells, field);
    const code = cell('their code') === '' ? cell('gtin') : cell('their code');
    const said = [cell('article'), code, cell('words')].find((name) => name !== '') ?? '';
    if (said === '' && cell('price') === '') continue;
    const refuse = (message: string): void => void problems.push({ row, message });
    const number = gtinOf(cell('gtin'));
    if (cell('gtin') !== '' && number === undefined)
      remarks.push({
        row,
        message: `“${cell('gtin').slice(0, 20)}” is no GTIN: its check digit does not fit. Not kept.`,
      });
    // Words may be those of several things: they are a name only where there is no other.
    const called = [cell('article'), cell('their code'), number ?? ''].filter((name) => name !== '');
    if (called.length === 0) called.push(cell('words'));
    const article =
      called.map((name) => ours.get(name)).find((one) => one !== undefined) ??
      ourWords.get(nameOf(cell('words'))) ??
      called.map((name) => known.get(nameOf(name))).find((one) => one !== undefined);
    const { may, foreign } = moneySaid(cell('price'));
    const figures = [priceOf(cell('price'), decimals), wholeNumber(cell('pack')), wholeNumber(cell('stock'))];
    const unread = figures.find((figure) => !figure.ok);
    const [price, pack = 1, stock = null] = figures.map((figure) => (figure.ok ? figure.value : undefined));
    const key = article ?? (said === cell('gtin') && number !== undefined ? number : said.slice(0, MOST_CHARS));
    const before = taken.get(key);
    if (said === '') refuse('There is no article in this row.');
    else if (/^[=+@]|^-\D/.test(said)) refuse(`“${said.slice(0, 40)}” is a formula, no article.`);
    else if (cell('price') === '') refuse(`${said} has no price.`);
    else if (foreign !== undefined) refuse(`${said} is priced in ${foreign}, which nobody reckons in here.`);
    else if (currency !== undefined && may.length > 0 && !may.includes(currency))
      refuse(`${said} is priced in ${may.join(' or ')}, the list in ${currency}.`);
    else if (unread && !unread.ok) refuse(unread.error);
    else if (price === undefined || !(price >= 0 && price <= MOST_PRICE)) refuse(`“${cell('price')}” is no price.`);
    else if (!(Number.isInteger(pack) && pack >= 1)) refuse(`“${cell('pack')}” is no pack: how many are in it?`);
    else if (stock !== null && !(Number.isInteger(stock) && stock >= 0)) refuse(`“${cell('stock')}” is no count.`);
    else if (before !== undefined) refuse(`${said} is there twice; row ${before} counts.`);
    else {
      taken.set(key, row);
      read.push({
        row,
        said,
        words: cell('words'),
        written: cell('price'),
        offer: { article: key, price, pack, stock },
        isOurs: article !== undefined,
        theirs: [...new Set(called.map(nameOf))].filter((name) => name !== '' && name !== nameOf(article ?? '')),
      });
    }
  }
  return { rows: read, problems, remarks, currency, decimals };
}

/** What stands for one thing only. */
function onlyOnes(pairs: readonly (readonly [string, string])[]): ReadonlyMap<string, string> {
  const meant = new Map<string, string | undefined>();
  for (const [name, article] of pairs) meant.set(name, meant.has(name) ? undefined : article);
  return new Map([...meant].flatMap(([name, article]) => (article === undefined ? [] : [[name, article] as const])));
}

/** By their own names, and by a bare code that stands for one article only. */
const ourArticles = (lines: readonly ShelfLine[]): ReadonlyMap<string, string> =>
  new Map([
    ...onlyOnes(lines.map(({ code, article }) => [code, article])),
    ...lines.map(({ article }) => [article, article] as const),
  ]);

/** What stands over the prices says it for all of them; where nothing does, they themselves. */
const listMoney = (
  ofHead: readonly MoneySaid[],
  ofPrices: readonly MoneySaid[],
  usual: Currency,
): Currency | undefined =>
  ofHead.some(({ may }) => may.length > 0) ? moneyOf(ofHead, usual) : moneyOf(ofPrices, usual);

/** What a supplier called our articles in a list, to be known by when the next one comes. */
export const namesLearnt = (rows: readonly PriceRow[]): readonly SupplierName[] => {
  const names = new Map<string, string>();
  for (const { isOurs, theirs, offer } of rows)
    if (isOurs) for (const name of theirs) if (!names.has(name)) names.set(name, offer.article);
  return [...names].map(([theirs, article]) => ({ theirs, article }));
};
