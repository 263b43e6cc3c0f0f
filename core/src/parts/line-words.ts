import { formatLength, type Measures } from '../quantity/length';
import type { PartsLine } from './parts-list';

/** An amount of a line as it is read: a length in the measures of the job, a number with its unit, or a count. */
const amountWords = (amount: number, unit: PartsLine['unit'], measures: Measures): string =>
  unit === 'm' ? formatLength(amount, measures) : unit === 'ml' || unit === 'm3' ? `${amount} ${unit}` : `${amount}`;

/** What a line needs, as it is read; a length that nobody has measured is not known. */
export const needWords = ({ need, unit }: PartsLine, measures: Measures): string =>
  unit === 'm' && need === 0 ? 'not known' : amountWords(need, unit, measures);

/** What is said below a line, and what is left over of its packs; empty where there is nothing to say. */
export const noteWords = ({ note, leftOver, unit }: PartsLine, measures: Measures): string =>
  [
    ...(note === undefined ? [] : [note]),
    ...(leftOver === undefined ? [] : [`${amountWords(leftOver, unit, measures)} left over`]),
  ].join('; ');
