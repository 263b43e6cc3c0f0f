import type { Job, Settlement } from '../job/job';
import type { JudgedJoint } from './context';
import { memoize } from '../quantity/memoize';
import type { Values } from '../quantity/values';

/** What a note is about: its check, its message and its place. */
export interface Noted {
  readonly check: string;
  readonly messageId: string;
  readonly at: { readonly kind: string; readonly id: string };
  readonly data: Values;
}

export const aboutOf = ({ check, messageId, at }: Omit<Noted, 'data'>): string =>
  `${check} ${messageId} ${at.kind} ${at.id}`;

const DIGITS = 6;
const MOST_FIGURES = 2000;
/** A figure that has not moved reads the same, whatever arithmetic it came from. */
const steady = (_: string, value: unknown): unknown =>
  typeof value === 'number' ? Number(value.toPrecision(DIGITS)) : value;

/** The figures and words that a note rests on, as one text that changes when one of them does. */
export const figuresOf = (data: Values): string =>
  JSON.stringify(
    Object.entries(data).toSorted(([a], [b]) => (a < b ? -1 : 1)),
    steady,
  ).slice(0, MOST_FIGURES);

const byAbout = memoize((settlements: readonly Settlement[]) => {
  const found = new Map<string, Settlement[]>();
  for (const one of settlements) {
    const before = found.get(one.about);
    if (before) before.push(one);
    else found.set(one.about, [one]);
  }
  return found;
});

/**
 * Who has settled a note, on the figures that it rests on now; undefined where nobody has, or where they have changed. Two notes
 * of one message may lie at one place: each is settled on its own figures.
 */
export function settledBy(noted: Noted, settlements: readonly Settlement[]): Settlement | undefined {
  if (settlements.length === 0) return undefined;
  return byAbout(settlements)
    .get(aboutOf(noted))
    ?.find(({ figures }) => figures === null || figures === figuresOf(noted.data));
}

/** What the note on a joint that fits and is not rated says. */
export const unratedWords = ({
  mating,
}: Pick<JudgedJoint, 'mating'>): { readonly why: string; readonly instead: string } => ({
  why: mating.why,
  instead: mating.instead ?? '',
});

/** Has somebody taken this joint by name, as it is judged now? */
export const isAccepted = (
  judged: Pick<JudgedJoint, 'mating' | 'joint'>,
  { settlements }: Pick<Job, 'settlements'>,
): boolean =>
  judged.mating.verdict === 'fits-unrated' &&
  settledBy(
    {
      check: 'joint/not-rated',
      messageId: 'fits',
      at: { kind: 'joint', id: judged.joint.id },
      data: unratedWords(judged),
    },
    settlements,
  ) !== undefined;
