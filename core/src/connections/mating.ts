import type { Source } from '../provenance';
import type { NominalSize } from '../quantity/size';

/** How a joint is judged; the words an installer reads are in `VERDICT_WORDS`. */
export type Verdict = 'holds' | 'holds-with' | 'fits-unrated' | 'starts-then-leaks' | 'will-not-go' | 'unknown';

/** What a joint needs so that it holds. */
export type Need =
  | { readonly kind: 'tape'; readonly size: NominalSize; readonly turns: number; readonly lengthM: number }
  | { readonly kind: 'cement'; readonly size: NominalSize }
  | { readonly kind: 'washer'; readonly name: string; readonly suppliedWithPart: boolean }
  | { readonly kind: 'clamp'; readonly name: string; readonly count: number }
  | { readonly kind: 'lubricant' };

/** One figure the verdict stands on. */
export interface Figure {
  readonly name: string;
  readonly value: number;
  readonly unit: 'mm' | 'turns' | 'per inch' | 'degrees';
}

/** The judgement of two ends. Pure data: the same two ends in either order give the same mating. */
export interface Mating {
  readonly verdict: Verdict;
  readonly needs: readonly Need[];
  /** One or two sentences for an installer. */
  readonly why: string;
  readonly basis: readonly Figure[];
  /** What to use instead, in words, where the joint does not hold. */
  readonly instead?: string;
  readonly sources: readonly Source[];
  /** How far the inner end goes into the outer one when made up [mm]; 0 where it does not go. */
  readonly engagementMm: number;
  /** Turns past hand tight, where threads are tightened. */
  readonly tighten?: string;
}

export const holdsAtAll = (verdict: Verdict): boolean => verdict === 'holds' || verdict === 'holds-with';

const NEED_WORDS: Readonly<Record<Need['kind'], string>> = {
  tape: 'tape',
  cement: 'cement',
  washer: 'washer',
  clamp: 'clamp',
  lubricant: 'lubricant',
};

const PLAIN_WORDS: Readonly<Record<Exclude<Verdict, 'holds-with'>, string>> = {
  holds: 'Holds',
  'fits-unrated': 'Fits, not rated',
  'starts-then-leaks': 'Starts, then leaks',
  'will-not-go': 'Will not go',
  unknown: 'Not known yet',
};

/** The one wording of a verdict: 'Holds with tape', 'Starts, then leaks'. Never varied. */
export const verdictWords = ({ verdict, needs }: Pick<Mating, 'verdict' | 'needs'>): string =>
  verdict === 'holds-with'
    ? `Holds with ${needs.map((need) => NEED_WORDS[need.kind]).join(' and ')}`
    : PLAIN_WORDS[verdict];
