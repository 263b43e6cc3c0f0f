import { formatLength, type Measures } from '../../quantity/length';
import { M3_PER_CUBIC_YARD } from '../../quantity/volume';
import type { PartsLine } from '../list/parts-list';

/** An amount of a line as it is read: a length in the measures of the job, a number with its unit, or a count. */
const amountWords = (amount: number, unit: PartsLine['unit'], measures: Measures): string =>
  unit === 'm'
    ? formatLength(amount, measures)
    : unit === 'm3'
      ? looseWords(amount, measures)
      : unit === 'ml'
        ? `${amount} ml`
        : `${amount}`;

/** More than this is tipped by the yard, less is sold by the foot [m3]. */
const BY_THE_YARD_M3 = 0.25;
const CUBIC_FEET_IN_A_YARD = 27;

/** What is filled in, as it is ordered: cubic metres, or cubic yards and feet. Rounded up: it is bought by it. */
function looseWords(m3: number, measures: Measures): string {
  if (measures === 'mm-l') return `${m3} m3`;
  const yards = m3 / M3_PER_CUBIC_YARD;
  const [figure, unit] = m3 > BY_THE_YARD_M3 ? [yards, 'cu yd'] : [yards * CUBIC_FEET_IN_A_YARD, 'cu ft'];
  return `${Math.ceil(figure * 100 - 1e-6) / 100} ${unit}`;
}

/** What a line needs, as it is read; a length that nobody has measured is not known. */
export const needWords = ({ need, unit }: PartsLine, measures: Measures): string =>
  unit === 'm' && need === 0 ? 'not known' : amountWords(need, unit, measures);

/** What is said below a line, and what is left over of its packs; empty where there is nothing to say. */
export const noteWords = ({ note, leftOver, unit }: PartsLine, measures: Measures): string =>
  [
    ...(note === undefined ? [] : [note]),
    ...(leftOver === undefined ? [] : [`${amountWords(leftOver, unit, measures)} left over`]),
  ].join('; ');

/** So many that follow one another are said as from the first to the last. */
const ROW_OF = 4;

/** Labels as they are read: 'P1, P4 to P9, T2'. They keep their order, and only numbers that follow one another are drawn together. */
export function placesWords(places: readonly string[]): string {
  const rows: string[][] = [];
  for (const label of places) {
    const row = rows.at(-1);
    if (row && isNext(row.at(-1) ?? '', label)) row.push(label);
    else rows.push([label]);
  }
  return rows.flatMap((row) => (row.length < ROW_OF ? row : [`${row[0] ?? ''} to ${row.at(-1) ?? ''}`])).join(', ');
}

/** Is it the same letters with the next number? */
function isNext(label: string, other: string): boolean {
  const [own, next] = [label, other].map((one) => /^(\D+)(\d+)$/.exec(one));
  return own?.[1] !== undefined && own[1] === next?.[1] && Number(own[2]) + 1 === Number(next[2]);
}
