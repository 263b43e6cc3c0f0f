import { CURRENCIES, type Currency } from './money';
import { figureProblemWords, readFigure } from './read-figure';
import { type Result, err, ok } from '../result';

/** Which mark parts decimals in a list; not said: only what can be read in one way is taken. */
export const DECIMAL_MARKS = ['.', ','] as const;
export type DecimalMark = (typeof DECIMAL_MARKS)[number];

/**
 * A number as it stands in a list: `12.50`, `$12.50`, `12,5`; undefined: none at all.
 * @error why it is none, or that it can be read in two ways
 */
export function listNumber(
  text: string,
  {
    kind = 'number',
    decimals,
    currency,
  }: {
    readonly kind?: 'number' | 'money';
    readonly decimals?: DecimalMark | undefined;
    readonly currency?: Currency | undefined;
  } = {},
): Result<number | undefined, string> {
  if (text.trim() === '') return ok(undefined);
  const region = decimals === undefined ? undefined : decimals === ',' ? 'EU' : 'US';
  const read = readFigure(text, { kind, measures: 'mm-l', region, currency });
  return read.ok ? read : err(figureProblemWords(read.error, text, { kind, measures: 'mm-l' }));
}

/** What is written of money in a text: the currencies it can mean, and what it names that nobody reckons in here. */
export interface MoneySaid {
  /** One where it is said outright; the three dollars for a bare `$`; none where nothing is said. */
  readonly may: readonly Currency[];
  readonly foreign: string | undefined;
}

/** Outright words first: the `$` of `A$` is no dollar of its own. */
const MARKS: readonly (readonly [RegExp, readonly Currency[]])[] = [
  [/\bUSD\b|US\$|\bUS dollars?\b/i, ['USD']],
  [/\bAUD\b|AU?\$|\bAustralian dollars?\b/i, ['AUD']],
  [/\bNZD\b|NZ\$|\bNew Zealand dollars?\b/i, ['NZD']],
  [/\bEUR\b|€|\beuros?\b/i, ['EUR']],
  [/\bGBP\b|£|\bpounds? sterling\b/i, ['GBP']],
  [/\$|\bdollars?\b/i, ['USD', 'AUD', 'NZD']],
];
const FOREIGN = /\b(CHF|SEK|NOK|DKK|PLN|CZK|CAD|JPY|CNY|INR|ZAR)\b|(¥|₹|\bkr\b|\bzł)/;

/** Which money a cell, a heading or a line names. */
export function moneySaid(text: string): MoneySaid {
  const may = MARKS.find(([mark]) => mark.test(text))?.[1] ?? [];
  const [, code, sign] = FOREIGN.exec(text) ?? [];
  return { may, foreign: may.length > 0 ? undefined : (code ?? sign) };
}

/** A figure without the money that stands round it, nor what parts its thousands beside point and comma: `EUR 12,50`, `1'234.50`, `7.20 ea`. */
export const withoutMoney = (text: string): string =>
  text
    .replace(/\b(?:USD|AUD|NZD|EUR|GBP|euros?|dollars?)\b|(?:US|AU?|NZ)?\$|€|£/gi, '')
    .replace(/(?:\/\s*|\bper\s+)?\b(?:ea|each|stk|st|pc|pcs|piece|stück)\.?\s*$/i, '')
    .replaceAll(/(?<=\d)['’\u00A0\u202F](?=\d{3})/g, '')
    .trim();

const ALL_CURRENCIES: ReadonlySet<Currency> = new Set(CURRENCIES);

/**
 * The one money that everything said agrees on; undefined where nothing is said, several are, or a bare `$` is left open.
 *
 * @param usual decides what a bare `$` means where it is one of the dollars
 */
export function moneyOf(said: readonly MoneySaid[], usual: Currency): Currency | undefined {
  const left = said
    .filter(({ may }) => may.length > 0)
    .reduce((open, { may }) => open.filter((one) => may.includes(one)), [...ALL_CURRENCIES]);
  if (left.length === 1) return left[0];
  return left.length < ALL_CURRENCIES.size && left.includes(usual) ? usual : undefined;
}

/** What a figure shows of the mark that parts its decimals; `open`: it can be read in two ways. */
export function markShown(text: string): DecimalMark | 'open' | undefined {
  const figure = withoutMoney(text).replaceAll(/\s/g, '');
  const marks = figure.match(/[.,]/g) ?? [];
  const last = marks.at(-1);
  if (last === undefined || !/^[-+]?[\d.,]+-?$/.test(figure)) return undefined;
  const mark: DecimalMark = last === ',' ? ',' : '.';
  const other: DecimalMark = mark === ',' ? '.' : ',';
  if (marks.some((one) => one !== last)) return mark;
  if (marks.length > 1) return other;
  const at = figure.indexOf(last);
  const before = figure.slice(0, at).replace(/^[-+]/, '');
  const behind = figure.slice(at + 1).replace(/-$/, '');
  if (behind.length !== 3 || before.length > 3 || before === '' || before.startsWith('0')) return mark;
  return 'open';
}

/**
 * The mark that parts decimals in a column, by all its figures together: what one of them leaves open another shows. Where
 * none shows it, what is usual where such a file comes from; undefined: nobody knows, or they disagree.
 */
export function markOfColumn(cells: readonly string[], usual: DecimalMark | undefined): DecimalMark | undefined {
  const shown = cells.map(markShown);
  const [points, commas] = (['.', ','] as const).map((mark) => shown.filter((one) => one === mark).length);
  if (points !== undefined && commas !== undefined && points > 0 !== commas > 0) return points > 0 ? '.' : ',';
  return points === 0 && commas === 0 ? usual : undefined;
}
