import { type Result, err, ok } from '../result';
import { NOMINAL_SIZES, isNominalSize, type NominalSize } from '../quantity/size';
import type { End } from './end';
import { HOSE_SIZES } from './standards/hose';
import { PIPE_SERIES } from './standards/pipes';
import { THREAD_STANDARDS } from './standards/threads';
import { WALL_SEALS } from './standards/wall-seals';

/** Why a text is no end: which word was not understood, and the nearest that would be. */
export interface EndProblem {
  readonly code: 'empty' | 'unknown-word' | 'unknown-size' | 'size-not-made' | 'missing-word' | 'extra-word';
  readonly word: string;
  readonly nearest: readonly string[];
}

const HOLE = /^(\d+(?:\.\d+)?) hole (\d+(?:\.\d+)?) wall(?: (\d+(?:\.\d+)?) radius)?$/;
const SEX: Readonly<Record<string, 'male' | 'female'>> = { M: 'male', MALE: 'male', F: 'female', FEMALE: 'female' };

/**
 * Reads an end as `formatEnd` writes it; letter case and spaces are forgiven (`3/4npt m`, `1 1/2 IPS spigot`).
 *
 * @error unknown-word   a word that is no part of any end, with the nearest ones
 * @error unknown-size   the size is not one of the trade's
 * @error size-not-made  the standard has no such size; `nearest` lists those it has
 * @error missing-word   the text stops too soon; `nearest` says what may follow
 */
export function parseEnd(text: string): Result<End, EndProblem> {
  const tidy = text
    .trim()
    .replaceAll(/\s+/g, ' ')
    .replace(/^(\d) (\d\/\d)/, '$1-$2')
    .replace(/^([\d/-]+)\s*in\b/i, '$1');
  if (tidy === '') return err({ code: 'empty', word: '', nearest: ['3/4 NPT M'] });
  const hole = HOLE.exec(tidy.toLowerCase());
  if (hole) {
    const [, diameter, wall, radius] = hole;
    const radiusMm = radius === undefined ? {} : { wallRadiusMm: Number(radius) };
    return ok({ kind: 'hole', diameterMm: Number(diameter), wallMm: Number(wall), ...radiusMm });
  }
  const words = tidy.replace(/^([\d/-]+)(?=[a-z])/i, '$1 ').split(' ');
  const [size = '', ...rest] = words;
  if (!isNominalSize(size)) return err({ code: 'unknown-size', word: size, nearest: nearest(size, NOMINAL_SIZES) });
  return parseKind(size, rest);
}

function parseKind(size: NominalSize, words: readonly string[]): Result<End, EndProblem> {
  const upper = words.map((word) => word.toUpperCase());
  const [first, second, third, fourth] = upper;
  if (first === undefined) return err({ code: 'missing-word', word: size, nearest: firstWords() });
  const thread = THREAD_STANDARDS.find((standard) => standard.token.toUpperCase() === first);
  const series = PIPE_SERIES.find((candidate) => candidate.token.toUpperCase() === first);
  const done = (end: End, used: number): Result<End, EndProblem> =>
    words.length > used ? err({ code: 'extra-word', word: words[used] ?? '', nearest: [] }) : ok(end);

  if (thread) {
    if (!thread.sizes.includes(size)) return notMade(size, thread.sizes);
    const sex = second === undefined ? undefined : SEX[second];
    if (sex === undefined) return wrong(words[1], ['M', 'F']);
    if (third !== undefined && third !== 'SWIVEL') return wrong(words[2], ['swivel']);
    const swivel = third === 'SWIVEL' ? ({ swivel: true } as const) : {};
    if (fourth !== undefined) return err({ code: 'extra-word', word: words[3] ?? '', nearest: [] });
    return ok({ kind: 'thread', standard: thread.id, size, sex, ...swivel });
  }
  if (series) {
    const sizes = series.sizes.map((row) => row.size);
    if (!sizes.includes(size)) return notMade(size, sizes);
    if (second === 'SPIGOT' || second === 'SOCKET')
      return done({ kind: 'pipe', series: series.id, size, part: second === 'SPIGOT' ? 'spigot' : 'socket' }, 2);
    if (second === 'GASKET') return done({ kind: 'gasket', series: series.id, size }, 2);
    return wrong(words[1], ['spigot', 'socket', 'gasket']);
  }
  const hoseSizes = HOSE_SIZES.map((row) => row.size);
  if (first === 'BARB' || first === 'HOSE') {
    if (!hoseSizes.includes(size)) return notMade(size, hoseSizes);
    if (first === 'BARB') return done({ kind: 'hose', size, part: 'barb' }, 1);
    return second === 'BORE' ? done({ kind: 'hose', size, part: 'bore' }, 2) : wrong(words[1], ['bore']);
  }
  if (first === 'BULKHEAD' || first === 'GASKET') {
    const style = first === 'BULKHEAD' ? 'bulkhead' : 'gasket';
    const sizes = WALL_SEALS[style].map((row) => row.size);
    if (!sizes.includes(size)) return notMade(size, sizes);
    const last = style === 'bulkhead' ? 'shank' : 'rim';
    return second === last.toUpperCase() ? done({ kind: 'wall-seal', style, size }, 2) : wrong(words[1], [last]);
  }
  return wrong(words[0], firstWords());
}

const firstWords = (): string[] => [
  ...THREAD_STANDARDS.map((standard) => standard.token),
  ...PIPE_SERIES.map((series) => series.token),
  'barb',
  'hose',
  'bulkhead',
  'gasket',
];

const notMade = (size: string, sizes: readonly string[]): Result<End, EndProblem> =>
  err({ code: 'size-not-made', word: size, nearest: sizes });

const wrong = (word: string | undefined, allowed: readonly string[]): Result<End, EndProblem> =>
  word === undefined
    ? err({ code: 'missing-word', word: '', nearest: allowed })
    : err({ code: 'unknown-word', word, nearest: nearest(word, allowed) });

/** The allowed words, nearest first by edit distance, at most three. */
function nearest(word: string, allowed: readonly string[]): string[] {
  const near = (candidate: string): number => editDistance(word.toLowerCase(), candidate.toLowerCase());
  return [...allowed].sort((a, b) => near(a) - near(b)).slice(0, 3);
}

/** Levenshtein distance by the usual two rows. */
function editDistance(a: string, b: string): number {
  let before = Array.from({ length: b.length + 1 }, (_, index) => index);
  for (let i = 1; i <= a.length; i++) {
    const now = [i];
    for (let j = 1; j <= b.length; j++) {
      const swap = (before[j - 1] ?? 0) + (a[i - 1] === b[j - 1] ? 0 : 1);
      now.push(Math.min(swap, (before[j] ?? 0) + 1, (now[j - 1] ?? 0) + 1));
    }
    before = now;
  }
  return before[b.length] ?? 0;
}

/** A parse problem in words: what was not understood and the nearest that would be. */
export function endProblemWords({ code, word, nearest: near }: EndProblem): string {
  const list = near.join(', ');
  switch (code) {
    case 'empty':
      return `Nothing written. An end reads like ${list}.`;
    case 'unknown-size':
      return `${word} is no size Herrero knows. Nearest: ${list}.`;
    case 'size-not-made':
      return `It is not made in ${word}. Sizes: ${list}.`;
    case 'missing-word':
      return `The end stops too soon. Next: ${list}.`;
    case 'extra-word':
      return `${word} is one word too many.`;
    case 'unknown-word':
      return `${word} is no word for an end. Nearest: ${list}.`;
  }
}
