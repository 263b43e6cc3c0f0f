import { type Currency } from './money';
import { withoutMoney } from './money-said';
import { type DecimalMark, figureProblemWords, readFigure } from './read-figure';
import { type Result, err, ok } from '../result';

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
