import { MM_PER_INCH } from '../../quantity/length';
import type { ThreadEnd } from '../end';
import { formatEnd } from '../format';
import { type Range, middle } from '../standards/thread-standard';
import { threadForm } from '../standards/threads';
import { type ThreadReading, isFewCrests } from './reading';

/** What each of two threads would read at one further measurement. */
export interface TellApart {
  readonly measure: 'pitch' | 'runs' | 'tip' | 'flanks' | 'seat' | 'diameter';
  /** What to do, for the hand. */
  readonly words: string;
  /** What each would read, in mm where it is a length; the two overlap where a reading would not decide. */
  readonly readings: readonly { readonly end: ThreadEnd; readonly says: string; readonly mm?: Range }[];
  /** Where a reading would not decide [mm], and what to do then. */
  readonly undecidedMm?: Range;
  readonly otherwise?: string;
}

const CARD = 'Hold the thread card to it: one angle leaves no light.';

const widened = ([least, most]: Range, by: number): Range => [least - by, most + by];
const overlap = (a: Range, b: Range): Range | undefined => {
  const [least, most] = [Math.max(a[0], b[0]), Math.min(a[1], b[1])];
  return least < most ? [least, most] : undefined;
};

/**
 * The one further measurement that best parts two threads, out of those not taken yet: the count where their pitch differs,
 * the first crest, whether it tapers, the flanks on a card, the seat.
 *
 * @returns undefined where every reading has been taken
 */
export function tellApart(
  reading: ThreadReading,
  [first, second]: readonly [ThreadEnd, ThreadEnd],
  scatterMm: number,
): TellApart | undefined {
  const [a, b] = [threadForm(first), threadForm(second)];
  const both = (says: (end: ThreadEnd) => string, mm?: (end: ThreadEnd) => Range): TellApart['readings'] =>
    [first, second].map((end) => ({ end, says: says(end), ...(mm ? { mm: mm(end) } : {}) }));
  if ((reading.pitchMm === undefined || isFewCrests(reading)) && Math.abs(a.pitchMm - b.pitchMm) > 0.02 * a.pitchMm)
    return {
      measure: 'pitch',
      words: 'Count the crests over an inch.',
      readings: both((end) => `${Math.round((MM_PER_INCH / threadForm(end).pitchMm) * 10) / 10} to the inch`),
    };
  const tip = (end: ThreadEnd): Range => threadForm(end).firstCrestMm;
  const apartMm = Math.abs(middle(tip(first)) - middle(tip(second)));
  const place = first.sex === 'male' ? 'tip' : 'mouth';
  const differentTaper = a.taper !== b.taper;
  if (reading.tipMm === undefined && apartMm > scatterMm) {
    const undecidedMm = overlap(widened(tip(first), scatterMm), widened(tip(second), scatterMm));
    return {
      measure: 'tip',
      words: `Close the jaws on the first full crest, at the ${place}.`,
      readings: both(
        (end) =>
          tip(end)
            .map((mm) => mm.toFixed(2))
            .join(' to '),
        tip,
      ),
      ...(undecidedMm ? { undecidedMm, otherwise: CARD } : {}),
    };
  }
  if (differentTaper && reading.runs === undefined)
    return {
      measure: 'runs',
      words: 'Lay a straightedge on the crests, or measure at both ends: does it taper?',
      readings: both((end) => (threadForm(end).taper > 0 ? 'tapers 1 in 16' : 'runs straight')),
    };
  if (a.flankDeg !== b.flankDeg && reading.flankDeg === undefined)
    return {
      measure: 'flanks',
      words: CARD,
      readings: both((end) => `${threadForm(end).flankDeg} degrees`),
    };
  if (reading.seat === undefined && (a.seal === 'taper') !== (b.seal === 'taper'))
    return {
      measure: 'seat',
      words: 'Look at the end face: is there a flat seat or a washer?',
      readings: both((end) => (threadForm(end).seal === 'taper' ? 'no seat' : 'flat seat')),
    };
  return reading.tipMm === undefined && apartMm > 0
    ? {
        measure: 'tip',
        words: `Close the jaws on the first full crest, at the ${place}, five times, and take the middle.`,
        readings: both(
          (end) =>
            tip(end)
              .map((mm) => mm.toFixed(2))
              .join(' to '),
          tip,
        ),
        otherwise: `${formatEnd(first)} and ${formatEnd(second)} overlap: try the part on a known one.`,
      }
    : undefined;
}
