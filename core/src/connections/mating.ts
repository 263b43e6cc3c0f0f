import type { Source } from '../provenance';
import type { NominalSize } from '../quantity/size';
import type { Cement } from './material';

/** How a joint is judged; the words an installer reads are in `verdictWords`. */
export type Verdict = 'holds' | 'holds-with' | 'fits-unrated' | 'starts-then-leaks' | 'will-not-go' | 'unknown';

/** What can close a joint that does not close by itself. */
export const MEDIA = ['tape', 'cement', 'washer', 'clamp', 'lubricant', 'insert', 'solder', 'bolts'] as const;
export type Medium = (typeof MEDIA)[number];

/** What a joint needs so that it holds, with the amount. */
export type Need =
  | { readonly kind: 'tape'; readonly size: NominalSize; readonly turns: number; readonly lengthM: number }
  | {
      readonly kind: 'cement';
      readonly size: NominalSize;
      readonly cement: Cement;
      readonly ml: number;
      readonly primerMl: number;
    }
  | {
      readonly kind: 'washer';
      readonly name: string;
      /** The end that has it in its bag, as an end is written; null: it is bought. */
      readonly comesWith: string | null;
    }
  | {
      readonly kind: 'clamp';
      readonly name: string;
      readonly count: number;
      /** What a worm drive closes on [mm]; absent of a ring, which is known by its name. */
      readonly aroundMm?: number;
    }
  | { readonly kind: 'insert'; readonly name: string }
  | { readonly kind: 'bolts'; readonly name: string; readonly count: number }
  | { readonly kind: 'solder'; readonly size: NominalSize; readonly wireMm: number; readonly fluxMl: number }
  | { readonly kind: 'lubricant' };

/**
 * What the water does at a joint: only falls through it, stands on it as high as the tank is full, or is pressed by a pump or
 * the mains.
 */
export const SERVICES = ['drain', 'head', 'pressure'] as const;
export type Service = (typeof SERVICES)[number];

export const SERVICE_WORDS: Readonly<Record<Service, string>> = {
  drain: 'only falls',
  head: 'tank head',
  pressure: 'pump, mains',
};

/** One figure the verdict stands on. */
export interface Figure {
  readonly name: string;
  readonly value: number;
  readonly unit: 'mm' | 'turns' | 'per inch' | 'degrees' | '%';
}

/** What two materials do to one another in a joint that goes together. */
export interface Caution {
  readonly kind: 'wedge' | 'corrodes' | 'galls';
  readonly text: string;
}

/** The bare judgement: cheap enough to try a whole catalogue. `mate` puts it into words. */
export interface Judgement {
  readonly verdict: Verdict;
  /** Why, as a code; the sentence is made from it and the figures. */
  readonly reason: string;
  /** What it holds with. */
  readonly media: readonly Medium[];
}

/** The judgement of two ends. Pure data: the same two ends in either order give the same mating. */
export interface Mating {
  readonly verdict: Verdict;
  readonly reason: string;
  /** What it is made with: also where it only fits, since somebody may take it so. */
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
  /** Where it is done every day and no standard stands behind it: which do not, and what it may be trusted with. */
  readonly practice?: string;
  /** What the two materials do to one another. */
  readonly cautions: readonly Caution[];
}

export const holdsAtAll = (verdict: Verdict): boolean => verdict === 'holds' || verdict === 'holds-with';

const PLAIN_WORDS: Readonly<Record<Exclude<Verdict, 'holds-with'>, string>> = {
  holds: 'Holds',
  'fits-unrated': 'Fits, not rated',
  'starts-then-leaks': 'Starts, then leaks',
  'will-not-go': 'Will not go',
  unknown: 'Not known yet',
};

/** The one wording of a verdict: 'Holds with tape', 'Starts, then leaks'. Never varied. */
export const verdictWords = ({ verdict, needs }: Pick<Mating, 'verdict' | 'needs'>): string =>
  verdict === 'holds-with' ? `Holds with ${needs.map(({ kind }) => kind).join(' and ')}` : PLAIN_WORDS[verdict];
