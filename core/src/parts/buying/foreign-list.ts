import { listNumber } from '../../fittings/own/own-rows';
import { type Catalogue, partTitle } from '../../fittings/catalogue';
import type { Part } from '../../fittings/part';
import { readQuery } from '../../fittings/search/read-query';
import { searchParts } from '../../fittings/search/search-parts';
import type { PartsLine } from '../list/parts-list';

/** What is read from a parts list of another program; the columns that hold it. */
export interface ForeignColumns {
  /** One or more columns that together say what it is. */
  readonly description: readonly number[];
  readonly code: number | undefined;
  readonly count: number | undefined;
}

export interface ForeignRow {
  /** Counted from 1, headings not counted. */
  readonly row: number;
  readonly description: string;
  readonly code: string;
  readonly count: number;
}

export interface ReadForeign {
  readonly rows: readonly ForeignRow[];
  readonly problems: readonly { readonly row: number; readonly message: string }[];
}

/** A row held against the catalogue: sure, one of several, or nothing like it. */
export type Match =
  | { readonly kind: 'sure'; readonly part: Part }
  | { readonly kind: 'doubtful'; readonly candidates: readonly Part[] }
  | { readonly kind: 'unknown' };

const MOST_CANDIDATES = 6;
const MOST_COUNT = 100_000;
/** Longer descriptions are prose: only their start is searched for. */
const MOST_CHARS = 120;

const HEADINGS: Readonly<Record<'description' | 'code' | 'count', readonly string[]>> = {
  description: ['description', 'part', 'name', 'item', 'title', 'detail', 'details', 'size', 'product'],
  code: ['code', 'article', 'part code', 'part no', 'part number', 'sku', 'no'],
  count: ['buy', 'qty', 'quantity', 'count', 'number', 'pcs', 'pieces', 'need', 'amount'],
};

/** Guesses which columns say what, which code, and how many. */
export function guessForeignColumns(headings: readonly string[]): ForeignColumns {
  const plain = headings.map((heading) => heading.trim().toLowerCase().replaceAll(/[_.]/g, ' '));
  const first = (names: readonly string[]): number | undefined => {
    const at = names.map((name) => plain.indexOf(name)).find((place) => place >= 0);
    return at === undefined || at < 0 ? undefined : at;
  };
  return {
    description: plain.flatMap((heading, place) => (HEADINGS.description.includes(heading) ? [place] : [])),
    code: first(HEADINGS.code),
    count: first(HEADINGS.count),
  };
}

/** Reads the rows of a foreign list; a row without a word or a count is named and left out, all others are kept. */
export function readForeignRows(rows: readonly (readonly string[])[], columns: ForeignColumns): ReadForeign {
  const read: ForeignRow[] = [];
  const problems: { row: number; message: string }[] = [];
  for (const [index, cells] of rows.entries()) {
    const row = index + 1;
    const cell = (column: number | undefined): string => (column === undefined ? '' : (cells[column] ?? '').trim());
    const description = columns.description
      .map(cell)
      .filter((text) => text !== '')
      .join(' ');
    const code = cell(columns.code);
    if (description === '' && code === '') {
      if (cells.some((text) => text.trim() !== '')) problems.push({ row, message: 'It does not say what it is.' });
      continue;
    }
    const said = cell(columns.count);
    const figure = listNumber(said.replace(/\s*(x|pcs?|pieces?)$/i, ''));
    if (!figure.ok) {
      problems.push({ row, message: figure.error });
      continue;
    }
    const count = figure.value ?? 1;
    if (!(count >= 0 && count <= MOST_COUNT)) {
      problems.push({ row, message: `“${said.slice(0, 40)}” is no count.` });
      continue;
    }
    if (count > 0) read.push({ row, description, code, count: Math.ceil(count) });
  }
  return { rows: read, problems };
}

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replaceAll(/[^a-z0-9/]+/g, ' ')
    .trim();

/**
 * Which part of the catalogue a row means: by its code, by the very words of a name, else by what the words ask for. Only
 * a single hit of which every word was understood is sure; what the job is built with comes first among several.
 */
export function matchForeign(
  { code, description }: ForeignRow,
  catalogue: Catalogue,
  inJob: ReadonlySet<string>,
): Match {
  const byCode = catalogue.byCode.get(code.split('@')[0] ?? '');
  if (byCode) return { kind: 'sure', part: byCode };
  const words = plain(description);
  if (words === '') return { kind: 'unknown' };
  const query = readQuery(description.slice(0, MOST_CHARS));
  const { parts, near } = searchParts(catalogue, query);
  const named = parts.filter((part) => plain(partTitle(part)) === words);
  const ranked = (some: readonly Part[]): readonly Part[] =>
    some.toSorted((a, b) => Number(inJob.has(b.code)) - Number(inJob.has(a.code))).slice(0, MOST_CANDIDATES);
  const only =
    named.length === 1 ? named[0] : parts.length === 1 && query.corrected.length === 0 ? parts[0] : undefined;
  if (only) return { kind: 'sure', part: only };
  const candidates = ranked(named.length > 0 ? named : parts.length > 0 ? parts : near);
  return candidates.length === 0 ? { kind: 'unknown' } : { kind: 'doubtful', candidates };
}

/** One part on both lists: how many of it there, and how many here. */
export interface Compared {
  readonly part: Part;
  readonly theirs: number;
  readonly ours: number;
}

/** A foreign list held against what a job needs, piece by piece: what differs in number first, then what agrees. */
export function compareWithList(
  theirs: readonly { readonly part: Part; readonly count: number }[],
  lines: readonly PartsLine[],
  catalogue: Catalogue,
): readonly Compared[] {
  const counts = new Map<string, { theirs: number; ours: number }>();
  const add = (code: string, side: 'theirs' | 'ours', count: number): void => {
    const before = counts.get(code) ?? { theirs: 0, ours: 0 };
    counts.set(code, { ...before, [side]: before[side] + count });
  };
  for (const { part, count } of theirs) add(part.code, 'theirs', count);
  for (const { code, unit, need } of lines)
    if ((unit === 'piece' || unit === 'length') && catalogue.byCode.has(code)) add(code, 'ours', need);
  return [...counts]
    .flatMap(([code, both]): readonly Compared[] => {
      const part = catalogue.byCode.get(code);
      return part ? [{ part, ...both }] : [];
    })
    .toSorted((a, b) => Math.abs(b.theirs - b.ours) - Math.abs(a.theirs - a.ours));
}
