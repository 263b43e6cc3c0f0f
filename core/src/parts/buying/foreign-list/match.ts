import { type Catalogue, partTitle } from '../../../fittings/catalogue';
import type { Part } from '../../../fittings/part';
import { likeliestParts } from '../../../fittings/search/likeliest-parts';
import { readQuery } from '../../../fittings/search/read-query';
import type { Region } from '../../../region';
import { nameOf } from '../price-list/names';
import type { ForeignRow } from './read-rows';

/** What somebody said before that a description means. */
export interface LearntWords {
  readonly theirs: string;
  /** Code of the catalogue. */
  readonly code: string;
}

/** A row held against the catalogue: sure, one of several, or nothing like it. */
export type Match =
  | { readonly kind: 'sure'; readonly part: Part }
  | { readonly kind: 'doubtful'; readonly candidates: readonly Part[] }
  | { readonly kind: 'unknown' };

const MOST_CANDIDATES = 6;
/** Longer descriptions are prose: only their start is searched for. */
const MOST_CHARS = 120;
/** Parts that have less than this of what was said are not offered. */
const LEAST_SHARE = 0.45;
const EPSILON = 1e-9;
/** So many of the likeliest are looked at. */
const AMONG = 60;

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replaceAll(/[^a-z0-9/]+/g, ' ')
    .trim();

/** What a description is remembered by. */
export const wordsToLearn = ({ code, description }: Pick<ForeignRow, 'code' | 'description'>): string =>
  nameOf(`${code} ${description}`);

/** A length that is said with what it is no size of a fitting: `x 20 ft`, `10'`, `2 m`. */
const WITHOUT_LENGTH =
  /(?:\bx\s*)?\b\d+(?:[.,]\d+)?\s*(?:ft|feet|foot|mtrs?|metres?|m|lm|lfm)\b|(?:\bx\s*)?\b\d+'(?!')/gi;

/** To be sure a part must have this much less beyond what was said than the next. */
const CLEARLY = 1;

/** What is known when rows are matched. */
export interface MatchedBy {
  /** What the job is built with comes first among several. */
  readonly inJob: ReadonlySet<string>;
  /** Where the list is from: only what is sold there is sure. */
  readonly region: Region | undefined;
  readonly learnt: ReadonlyMap<string, string>;
}

/**
 * Which part of the catalogue a row means: by its code, by what somebody said of the same words before, by the very words of a
 * name; else the likeliest by its words, of which not all are required. Sure is only a part that has all of what was said and
 * is plainer than any other that has it.
 */
export function matchForeign(
  row: Pick<ForeignRow, 'code' | 'description'>,
  catalogue: Catalogue,
  { inJob, region, learnt }: MatchedBy,
): Match {
  const { code, description } = row;
  const said = catalogue.byCode.get(learnt.get(wordsToLearn(row)) ?? '');
  const byCode = said ?? catalogue.byCode.get(code.split('@')[0] ?? '');
  if (byCode) return { kind: 'sure', part: byCode };
  const words = plain(description);
  if (words === '') return { kind: 'unknown' };
  const spoken = description.slice(0, MOST_CHARS).replaceAll(WITHOUT_LENGTH, ' ');
  // Pipe of AS/NZS 1477 goes by its DN; everywhere else a DN of a thread is its inches.
  const query = readQuery(region === 'ANZ' ? spoken.replaceAll(/\bdn\s*(?=\d)/gi, '') : spoken);
  const found = likeliestParts(catalogue, query, region, LEAST_SHARE);
  const [first] = found;
  if (!first || (query.meanings.length === 0 && query.sizes.length === 0)) return { kind: 'unknown' };
  const named = found.filter(({ part }) => plain(partTitle(part)) === words);
  if (named.length === 1 && named[0]) return { kind: 'sure', part: named[0].part };
  const whole = found.filter(({ share }) => share > 1 - EPSILON);
  const next = whole[1];
  if (
    whole[0] &&
    query.corrected.length === 0 &&
    query.meanings.length + query.literal.length > 0 &&
    (query.sizes.length > 0 || whole.length === 1) &&
    (next === undefined || next.beyond - whole[0].beyond >= CLEARLY)
  )
    return { kind: 'sure', part: whole[0].part };
  const best = found
    .slice(0, AMONG)
    .toSorted(
      (a, b) =>
        b.share - a.share || Number(inJob.has(b.part.code)) - Number(inJob.has(a.part.code)) || a.beyond - b.beyond,
    )
    .slice(0, MOST_CANDIDATES)
    .map(({ part }) => part);
  return { kind: 'doubtful', candidates: best };
}
