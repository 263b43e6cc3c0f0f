import { type Catalogue, partTitle } from '../../fittings/catalogue';
import { type Part, isByLength } from '../../fittings/part';
import { likeliestParts } from '../../fittings/search/likeliest-parts';
import { readQuery } from '../../fittings/search/read-query';
import { METRES_PER_FOOT } from '../../quantity/length';
import { listNumber } from '../../quantity/list-figures';
import type { Region } from '../../region';
import type { PartsLine } from '../list/parts-list';
import { nameOf } from './price-list/names';

/** What is read from a parts list of another program; the columns that hold it. */
export interface ForeignColumns {
  /** One or more columns that together say what it is. */
  readonly description: readonly number[];
  readonly code: number | undefined;
  readonly count: number | undefined;
  /** In what it is counted: pieces, feet, metres. */
  readonly unit: number | undefined;
}

export interface ForeignRow {
  /** Counted from 1, headings not counted. */
  readonly row: number;
  readonly description: string;
  readonly code: string;
  readonly count: number;
  /** Of what is given by its length [m]: all of the row together; undefined: pieces. */
  readonly lengthM: number | undefined;
}

export interface ReadForeign {
  readonly rows: readonly ForeignRow[];
  readonly problems: readonly { readonly row: number; readonly message: string }[];
  /** Rows that only head others: 'Tank 1', 'Fittings'. */
  readonly headings: readonly { readonly row: number; readonly words: string }[];
}

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
const MOST_COUNT = 100_000;
/** Longer descriptions are prose: only their start is searched for. */
const MOST_CHARS = 120;
/** Parts that have less than this of what was said are not offered. */
const LEAST_SHARE = 0.45;
const EPSILON = 1e-9;
/** So many of the likeliest are looked at. */
const AMONG = 60;

/** Headings of lists, English and German. */
const HEADINGS: Readonly<Record<'description' | 'code' | 'count' | 'unit', readonly string[]>> = {
  description: [
    'description',
    'part',
    'name',
    'item',
    'title',
    'detail',
    'details',
    'size',
    'product',
    'material',
    'bezeichnung',
    'artikelbezeichnung',
    'beschreibung',
    'artikel',
    'grösse',
    'größe',
    'what',
  ],
  code: [
    'code',
    'article',
    'part code',
    'part no',
    'part number',
    'sku',
    'item no',
    'item code',
    'art nr',
    'artikelnummer',
  ],
  count: [
    'buy',
    'qty',
    'quantity',
    'count',
    'number',
    'pcs',
    'pieces',
    'need',
    'amount',
    'menge',
    'anzahl',
    'how many',
  ],
  unit: ['unit', 'uom', 'u/m', 'einheit', 'me'],
};

const plainHeading = (heading: string): string =>
  heading.trim().toLowerCase().replaceAll(/[_.:]/g, ' ').replaceAll(/\s+/g, ' ').trim();
const KNOWN: ReadonlySet<string> = new Set(Object.values(HEADINGS).flat());

/** Is it a heading of a parts list? */
export const isForeignHeading = (cell: string): boolean => KNOWN.has(plainHeading(cell));

/** Guesses which columns say what, which code, and how many; a column that only numbers the rows is none of them. */
export function guessForeignColumns(
  headings: readonly string[],
  rows: readonly (readonly string[])[] = [],
): ForeignColumns {
  const plain = headings.map((heading, column) => (isNumbering(rows, column) ? '' : plainHeading(heading)));
  const first = (names: readonly string[]): number | undefined => {
    const at = names.map((name) => plain.indexOf(name)).find((place) => place >= 0);
    return at === undefined || at < 0 ? undefined : at;
  };
  const count = first(HEADINGS.count);
  const [code, unit] = [first(HEADINGS.code), first(HEADINGS.unit)];
  const taken = new Set([count, code, unit]);
  return {
    description: plain.flatMap((heading, place) =>
      HEADINGS.description.includes(heading) && !taken.has(place) ? [place] : [],
    ),
    code,
    count,
    unit,
  };
}

/** So many rows that are numbered one after the other are no chance. */
const LEAST_NUMBERED = 3;

function isNumbering(rows: readonly (readonly string[])[], column: number): boolean {
  // A row of one cell heads others: it has no number.
  const numbers = rows
    .filter((cells) => cells.filter((cell) => cell.trim() !== '').length > 1)
    .map((cells) => (cells[column] ?? '').trim());
  return (
    numbers.length >= LEAST_NUMBERED &&
    numbers.every((cell, at) => cell.replace(/[.)]$/, '') === `${at + Number(numbers[0])}`)
  );
}

/** In what things are counted: pieces as they are; metres by their factor. */
const COUNTED_IN: readonly (readonly [RegExp, number | undefined])[] = [
  [/^(?:x|pcs?|pieces?|ea|each|nr|no|off|units?|stk|st|stück|stueck)\.?$/i, undefined],
  [/^(?:lengths?|lths?|lgths?|len|bars?|sticks?|joints?|jts?|stangen?|stg|coils?|rolls?|rollen?)\.?$/i, undefined],
  [/^(?:pks?|packs?|pkts?|boxes|box|bags?|tins?|tubes?|cans?|pak|pack(?:ung)?)\.?$/i, undefined],
  [/^(?:ft|feet|foot|lf|')\.?$/i, METRES_PER_FOOT],
  [/^(?:m|mtrs?|metres?|meters?|lm|lfm)\.?$/i, 1],
];

/** Reads the rows of a foreign list; a row without a word or a count is named and left out, all others are kept. */
export function readForeignRows(rows: readonly (readonly string[])[], columns: ForeignColumns): ReadForeign {
  const read: ForeignRow[] = [];
  const problems: { row: number; message: string }[] = [];
  const heads: { row: number; words: string }[] = [];
  for (const [index, cells] of rows.entries()) {
    const row = index + 1;
    const cell = (column: number | undefined): string => (column === undefined ? '' : (cells[column] ?? '').trim());
    const description = columns.description
      .map(cell)
      .filter((text) => text !== '')
      .join(' ');
    const code = cell(columns.code);
    const refuse = (message: string): void => void problems.push({ row, message });
    const filled = cells.map((text) => text.trim()).filter((text) => text !== '');
    if (filled.length === 0) continue;
    const said = cell(columns.count);
    // A row of one cell where others are counted heads what follows; a sum belongs to nothing.
    if (
      (columns.count !== undefined && said === '' && filled.length === 1) ||
      /^(?:sub)?(?:total|summe)\b/i.test(description)
    ) {
      heads.push({ row, words: filled[0] ?? '' });
      continue;
    }
    if (description === '' && code === '') {
      refuse('It does not say what it is.');
      continue;
    }
    const [, number = '', behind = ''] = /^(.*?\d)\s*([a-zäöü']+\.?)?$/i.exec(said) ?? ['', said, ''];
    const unit = behind === '' ? cell(columns.unit) : behind;
    const known = unit === '' ? undefined : COUNTED_IN.find(([words]) => words.test(unit));
    const figure = listNumber(number.replace(/^x\s*/i, ''));
    if (unit !== '' && !known) {
      refuse(`“${unit.slice(0, 20)}” is no unit that is known here: write pieces, feet or metres.`);
      continue;
    }
    if (!figure.ok) {
      refuse(figure.error);
      continue;
    }
    const count = figure.value ?? 1;
    if (!(count >= 0 && count <= MOST_COUNT)) {
      refuse(`“${said.slice(0, 40)}” is no count.`);
      continue;
    }
    const factor = known?.[1];
    if (count > 0)
      read.push({
        row,
        description,
        code,
        count: factor === undefined ? Math.ceil(count) : 1,
        lengthM: factor === undefined ? undefined : count * factor,
      });
  }
  return { rows: read, problems, headings: heads };
}

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

/** So much of a part on a list: pieces or whole lengths, or metres. */
export interface Taken extends Pick<ForeignRow, 'count' | 'lengthM'> {
  readonly part: Part;
}

/** One part on both lists: how many of it there, and how many here; metres where the other list says it so. */
export interface Compared {
  readonly part: Part;
  readonly theirs: number;
  readonly ours: number;
  readonly unit: 'piece' | 'm';
}

/** A foreign list held against what a job needs, piece by piece: what differs in number first, then what agrees. */
export function compareWithList(
  theirs: readonly Taken[],
  lines: readonly PartsLine[],
  catalogue: Catalogue,
): readonly Compared[] {
  const codes = new Set([
    ...theirs.map(({ part }) => part.code),
    ...lines.filter((line) => isCounted(line) && catalogue.byCode.has(line.code)).map(({ code }) => code),
  ]);
  return [...codes]
    .flatMap((code): readonly Compared[] => {
      const part = catalogue.byCode.get(code);
      if (!part) return [];
      const there = theirs.filter((one) => one.part === part);
      const here = lines.filter((line) => line.code === code && isCounted(line));
      const inMetres = isByLength(part) && there.some(({ lengthM }) => lengthM !== undefined);
      const unit = inMetres ? 'm' : 'piece';
      return [
        {
          part,
          theirs: sum(there.map(({ count, lengthM }) => (inMetres ? (lengthM ?? 0) : count))),
          ours: sum(here.map(({ need, stockM }) => (inMetres ? need * (stockM ?? 0) : need))),
          unit,
        },
      ];
    })
    .toSorted((a, b) => Math.abs(b.theirs - b.ours) - Math.abs(a.theirs - a.ours));
}

const isCounted = ({ unit }: PartsLine): boolean => unit === 'piece' || unit === 'length';
const sum = (amounts: readonly number[]): number => amounts.reduce((total, amount) => total + amount, 0);
