import { readQuery } from '../../../fittings/search/read-query';
import { remember } from '../../../quantity/remember';
import type { ShelfLine } from '../../tables/shelves';
import type { PriceRow } from './read-prices';

/** A line of the job without a price, and the rows of a list that are perhaps meant by it, the likeliest first. */
export interface Likeliest {
  readonly line: ShelfLine;
  readonly rows: readonly PriceRow[];
}

const MOST_ROWS = 5;
/** Rows that share less than this of what both say are not offered. */
const LEAST_LIKE = 0.34;
/** Longer descriptions are prose: only their start is read. */
const MOST_CHARS = 120;
/** Of rows that differ in size none is what is wanted; it stays possible, since sizes are written in many ways. */
const OTHER_SIZE = 0.3;

interface Said {
  readonly sizes: ReadonlySet<string>;
  readonly words: ReadonlySet<string>;
}

/** What was read of texts: a list is read again with every word that is said of it. */
const kept = remember<Said>(60_000);

/** What a text says, each word by what it means: 'bush' and 'bushing' are one. */
const saidBy = (text: string): Said =>
  kept(text, () => {
    const { sizes, meanings, literal, counted } = readQuery(text.slice(0, MOST_CHARS));
    return { sizes: new Set(sizes), words: new Set([...meanings.map(({ name }) => name), ...literal, ...counted]) };
  });

const shared = (a: ReadonlySet<string>, b: ReadonlySet<string>): readonly string[] =>
  [...a].filter((one) => b.has(one));

/**
 * For each line of the job without a price, the rows nobody could place that are likest to it by their words: seldom words
 * count more than common ones, and of what both say is taken how much they share (Dice's coefficient, weighted).
 */
export function likeliestRows(lines: readonly ShelfLine[], rows: readonly PriceRow[]): readonly Likeliest[] {
  const said = rows.map((row) => ({ row, ...saidBy(row.words === '' ? row.said : row.words) }));
  const count = new Map<string, number>();
  const holding = new Map<string, number[]>();
  for (const [at, { words }] of said.entries())
    for (const word of words) {
      count.set(word, (count.get(word) ?? 0) + 1);
      const places = holding.get(word) ?? [];
      places.push(at);
      holding.set(word, places);
    }
  const weight = (word: string): number => Math.log(1 + rows.length / (1 + (count.get(word) ?? 0)));
  const sum = (words: Iterable<string>): number => [...words].reduce((total, word) => total + weight(word), 0);
  return lines.map((line) => {
    const wanted = saidBy(`${line.title} ${line.detail}`);
    const own = sum(wanted.words);
    const places = new Set([...wanted.words].flatMap((word) => holding.get(word) ?? []));
    const likes = [...places].flatMap((at) => {
      const one = said[at];
      if (!one) return [];
      const alike = (2 * sum(shared(wanted.words, one.words))) / (own + sum(one.words));
      const sizes = shared(wanted.sizes, one.sizes).length;
      const all = Math.max(wanted.sizes.size, one.sizes.size);
      const like = alike * (all === 0 ? 1 : OTHER_SIZE + (1 - OTHER_SIZE) * (sizes / all));
      return like < LEAST_LIKE ? [] : [{ row: one.row, like }];
    });
    return {
      line,
      rows: likes
        .toSorted((a, b) => b.like - a.like || a.row.row - b.row.row)
        .slice(0, MOST_ROWS)
        .map(({ row }) => row),
    };
  });
}
