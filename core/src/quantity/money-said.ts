import { CURRENCIES, CURRENCY_MARKS, type Currency } from './money';

/** What is written of money in a text: the currencies it can mean, and what it names that nobody reckons in here. */
export interface MoneySaid {
  /** One where it is said outright; the three dollars for a bare `$`; none where nothing is said. */
  readonly may: readonly Currency[];
  readonly foreign: string | undefined;
}

/** A mark as it stands by itself: the `$` of `A$` is no dollar of its own, the `eur` of `neural` no money. */
const markAlone = (mark: string): string => `(?<![a-z])${mark.replaceAll('$', '\\$')}(?![a-z])`;

/** Every mark of a currency, the longest first, with all the currencies that it can mean. */
const MARKS: readonly (readonly [RegExp, readonly Currency[]])[] = [
  ...new Set(CURRENCIES.flatMap((one) => CURRENCY_MARKS[one])),
]
  .toSorted((a, b) => b.length - a.length)
  .map((mark) => [new RegExp(markAlone(mark), 'i'), CURRENCIES.filter((one) => CURRENCY_MARKS[one].includes(mark))]);
const ANY_MARK = new RegExp(MARKS.map(([{ source }]) => source).join('|'), 'gi');
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
    .replace(ANY_MARK, '')
    .replace(/(?:\/\s*|\bper\s+)?\b(?:ea|each|stk|st|pc|pcs|piece|stück)\.?\s*$/i, '')
    .replaceAll(/(?<=\d)['’\u00A0\u202F](?=\d{3})/g, '')
    .trim();

/**
 * The one money that everything said agrees on; undefined where nothing is said, several are, or a bare `$` is left open.
 *
 * @param usual decides what a bare `$` means where it is one of the dollars
 */
export function moneyOf(said: readonly MoneySaid[], usual: Currency): Currency | undefined {
  const told = said.filter(({ may }) => may.length > 0);
  const left = CURRENCIES.filter((one) => told.every(({ may }) => may.includes(one)));
  if (left.length === 1) return left[0];
  return told.length > 0 && left.includes(usual) ? usual : undefined;
}
