import type { Region } from '../region';
import { type Result, err, ok } from '../result';
import { FIGURES, type FigureKind, type FigureUnit, figureFacts, plainUnit, toKept } from './figure';
import type { Measures } from './length';
import { CURRENCY_MARKS, type Currency } from './money';

/** What is known of whoever types a figure, and of the field it is typed in. */
export interface FigureEntry {
  readonly kind: FigureKind;
  readonly measures: Measures;
  /** Says which mark parts the decimals; not said: what is asked where it matters. */
  readonly region?: Region | null | undefined;
  /** Between these it usually lies, in the unit in which its kind is kept. */
  readonly usual?: readonly [number, number] | undefined;
  /** The unit of a bare figure, where it is not the usual one of the measures. */
  readonly plain?: string | undefined;
  /** Only of money: which. */
  readonly currency?: Currency | undefined;
}

/** One way to read what was typed: in the unit in which its kind is kept, and as it would be written without doubt. */
export interface FigureReading {
  readonly value: number;
  readonly text: string;
}

/** Why what was typed is no figure for this field. */
export type FigureProblem =
  | {
      readonly code: 'no-figure' | 'unknown-unit' | 'trailing-words' | 'zero-denominator' | 'grouping';
      readonly word: string;
    }
  | { readonly code: 'wrong-unit'; readonly word: string; readonly belongs: FigureKind }
  | {
      readonly code: 'two-readings';
      readonly word: string;
      readonly readings: readonly [FigureReading, FigureReading];
    };

/** What parts the decimals of a figure. */
export type DecimalMark = '.' | ',';

/** Which mark parts the decimals: a comma in Europe, a point elsewhere. */
export const decimalMark = (region: Region): DecimalMark => (region === 'EU' ? ',' : '.');

/** Where a gallon without a word before it may be the imperial one. */
const IMPERIAL: readonly (Region | null | undefined)[] = ['UK', 'ANZ'];

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};

/** What telephones and word processors make of quotes, dashes, fractions and spaces, as a plain keyboard has it. */
const plainText = (text: string): string =>
  text
    .replaceAll(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (fraction) => ` ${VULGAR[fraction]}`)
    .replaceAll('⁄', '/')
    .replaceAll(/[”“„″]/g, '"')
    .replaceAll(/[’‘′`´]/g, "'")
    .replaceAll("''", '"')
    .replaceAll(/[−–—‑]/g, '-')
    .replaceAll('²', '2')
    .replaceAll('³', '3')
    .replaceAll(/\s+/g, ' ')
    .trim();

interface Phrase {
  readonly word: string;
  readonly kind: FigureKind;
  readonly unit: FigureUnit;
}

/** Every word for a unit of every kind, the longest first, so that `in/h` is not read as inches. */
const PHRASES: readonly Phrase[] = (Object.keys(FIGURES) as FigureKind[])
  .flatMap((kind) =>
    figureFacts(kind).units.flatMap((unit) =>
      [unit.name, ...unit.words].map((word) => ({ word: word.toLowerCase(), kind, unit })),
    ),
  )
  .filter(({ word }) => word !== '')
  .sort((a, b) => b.word.length - a.word.length);

/** The unit that a text begins with; of two kinds that know a word the one that is asked for. */
function unitAt(text: string, kind: FigureKind): Phrase | undefined {
  const lower = text.toLowerCase();
  const fits = PHRASES.filter(({ word }) => {
    const last = word.slice(-1);
    const next = lower.slice(word.length, word.length + 1);
    const runsOn = /[a-z0-9/°%]/.test(last) && /[a-z/]/.test(next);
    return lower.startsWith(word) && !runsOn && !(/\d/.test(last) && /\d/.test(next));
  });
  const longest = fits[0]?.word.length;
  const candidates = fits.filter(({ word }) => word.length === longest);
  return candidates.find((one) => one.kind === kind) ?? candidates[0];
}

/** A number as it stands, under the two customs; undefined where it is none under one of them. */
interface TypedNumber {
  readonly strict: Readonly<Record<DecimalMark, number | undefined>>;
  /** With the marks that group thousands simply left out, wherever they stand. */
  readonly loose: Readonly<Record<DecimalMark, number | undefined>>;
}

const GROUPED: Readonly<Record<DecimalMark, RegExp>> = {
  '.': /^(?:\d*|[1-9]\d{0,2}(?:,\d{3})+)(?:\.\d*)?$/,
  ',': /^(?:\d*|[1-9]\d{0,2}(?:\.\d{3})+)(?:,\d*)?$/,
};

function numberOf(raw: string): TypedNumber {
  const marks = raw.replaceAll(' ', '');
  const value = (mark: DecimalMark): number | undefined => {
    const figure = marks.replaceAll(mark === '.' ? ',' : '.', '').replace(mark, '.');
    return /\d/.test(figure) && /^\d*\.?\d*$/.test(figure) ? Number(figure) : undefined;
  };
  const strict = (mark: DecimalMark): number | undefined => (GROUPED[mark].test(marks) ? value(mark) : undefined);
  return { strict: { '.': strict('.'), ',': strict(',') }, loose: { '.': value('.'), ',': value(',') } };
}

/** Digits with points and commas, thousands parted by spaces; then a fraction, or one alone. */
const NUMBER =
  /^(?:(\d+(?: \d{3})*(?![\d.,]))[ -]+)?(\d+)\/(\d+)(?![\d/])|^((?:\d{1,3}(?: \d{3})+(?![\d/])[.,]?\d*|[\d.,]*\d[\d.,]*)(?!\/))/;

/** One figure with its unit as it stands. */
interface Piece {
  readonly number: TypedNumber;
  readonly word: string;
  readonly unit: FigureUnit | undefined;
}

/** Takes a text apart: figures, each with its unit where it has one. */
function piecesOf(text: string, field: FigureEntry): Result<readonly Piece[], FigureProblem> {
  const pieces: Piece[] = [];
  let rest = text;
  while (rest !== '') {
    const found = NUMBER.exec(rest);
    if (!found) return err({ code: pieces.length === 0 ? 'no-figure' : 'trailing-words', word: rest });
    const [word, whole, top, bottom, figure] = found;
    if (bottom !== undefined && Number(bottom) === 0) return err({ code: 'zero-denominator', word });
    const part = Number(top) / Number(bottom);
    const mixed = Number(whole?.replaceAll(' ', '') ?? 0) + part;
    const number =
      figure === undefined
        ? { strict: { '.': mixed, ',': mixed }, loose: { '.': mixed, ',': mixed } }
        : numberOf(figure);
    rest = rest.slice(word.length).trimStart();
    const unit = rest === '' ? undefined : unitAt(rest, field.kind);
    if (unit && unit.kind !== field.kind)
      return err({ code: 'wrong-unit', word: rest.slice(0, unit.word.length), belongs: unit.kind });
    if (rest !== '' && !unit) {
      const strange = /^[^\s\d+-]\S*/.exec(rest)?.[0];
      return err(
        strange === undefined ? { code: 'trailing-words', word: rest } : { code: 'unknown-unit', word: strange },
      );
    }
    pieces.push({ number, word, unit: unit?.unit });
    rest = rest
      .slice(unit?.word.length ?? 0)
      .trimStart()
      // Between feet and inches: 5'-6", 5 ft, 6 in.
      .replace(/^[-,] ?(?=[\d.])/, '');
  }
  return pieces.length === 0 ? err({ code: 'no-figure', word: '' }) : ok(pieces);
}

const isSameFigure = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-12 * Math.max(Math.abs(a), Math.abs(b));
const inside = (value: number, [least, most]: readonly [number, number]): boolean => value >= least && value <= most;

/** A figure and its unit without anything that could be read in two ways. */
const doubtless = (figure: number, { name, imperialFactor }: FigureUnit, imperial: boolean): string =>
  `${figure} ${imperialFactor === undefined ? '' : imperial ? 'imp ' : 'US '}${name}`.trim();

/** A first sign, and of money the mark of the currency, apart from the figure. */
function signed(
  text: string,
  { kind, currency }: FigureEntry,
): Result<{ readonly sign: 1 | -1; readonly rest: string }, FigureProblem> {
  let rest = text;
  let sign: 1 | -1 = 1;
  const takeSign = (): void => {
    if (!/^[-+]/.test(rest)) return;
    if (rest.startsWith('-')) sign = -1;
    rest = rest.slice(1).trimStart();
  };
  takeSign();
  if (kind === 'money') {
    const mark = /^([$£€]|[A-Za-z]{3}\b)/.exec(rest)?.[0] ?? / ?([$£€]|\b[A-Za-z]{3})$/.exec(rest)?.[0];
    if (mark !== undefined) {
      const known = mark.trim().toUpperCase();
      if (currency !== undefined && !CURRENCY_MARKS[currency].includes(known))
        return err({ code: 'unknown-unit', word: mark.trim() });
      rest = rest.replace(mark, '').trim();
    }
    if (sign === 1) takeSign();
  }
  return ok({ sign, rest });
}

/**
 * Reads a figure as people type it: `48½`, `10-1/2 in`, `5' 6"`, `1,250 gal`, `2.500 L`, `430 sq ft`, `3/4`, `1.5 bar`.
 *
 * A comma or a point parts decimals as the region has it. Where that cannot be meant (`1,5` where a comma groups
 * thousands), or is far from what is usual while the other reading is not, both readings come back and nothing is guessed.
 *
 * @returns in the unit in which its kind is kept (SI); nothing is rounded
 * @error no-figure          nothing numeric at the start
 * @error unknown-unit       `word` is no unit of anything
 * @error wrong-unit         `word` is a unit of another kind of quantity
 * @error trailing-words     something stands behind it that belongs to nothing
 * @error zero-denominator   `1/0`
 * @error grouping           points and commas stand where no custom has them: `1,25,30`
 * @error two-readings       it can be read in two ways: whoever typed it must say
 */
export function readFigure(text: string, field: FigureEntry): Result<number, FigureProblem> {
  const start = signed(plainText(text), field);
  if (!start.ok) return start;
  const { sign, rest } = start.value;
  const pieces = piecesOf(rest, field);
  if (!pieces.ok) return pieces;
  const facts = figureFacts(field.kind);
  const plain = facts.units.find(({ name }) => name === field.plain) ?? plainUnit(field.kind, field.measures);
  let last: FigureUnit | undefined;
  const units: FigureUnit[] = [];
  for (const { unit, word } of pieces.value) {
    const follows = last?.then === undefined ? undefined : facts.units.find(({ name }) => name === last?.then);
    // Behind another figure there is only a smaller unit: feet and inches, metres and centimetres.
    const now = unit ?? (last === undefined ? plain : follows);
    if (now === undefined || (last !== undefined && !(field.kind === 'length' && now.factor < last.factor)))
      return err({ code: 'trailing-words', word });
    units.push((last = now));
  }
  const read = (mark: DecimalMark, how: keyof TypedNumber, imperial: boolean): FigureReading | undefined => {
    let value = 0;
    const said: string[] = [];
    for (const [place, { number }] of pieces.value.entries()) {
      const [figure, unit] = [number[how][mark], units[place]];
      if (figure === undefined || unit === undefined) return undefined;
      const factor = imperial ? (unit.imperialFactor ?? unit.factor) : unit.factor;
      value += toKept(sign * figure, { ...unit, factor });
      said.push(doubtless(figure, unit, imperial));
    }
    return { value, text: `${sign < 0 ? '-' : ''}${said.join(' ')}` };
  };
  const word = rest;
  const chosen = chooseMark((mark, how) => read(mark, how, false), field, word);
  if (!chosen.ok) return chosen;
  const { mark, how, reading } = chosen.value;
  if (!IMPERIAL.includes(field.region) || !units.some(({ imperialFactor }) => imperialFactor !== undefined))
    return ok(reading.value);
  // A gallon is one of two there, and nothing in the text says which.
  const other = read(mark, how, true);
  return other === undefined || isSameFigure(other.value, reading.value)
    ? ok(reading.value)
    : err({ code: 'two-readings', word, readings: [other, reading] });
}

/** Which of the two customs is meant. */
function chooseMark(
  read: (mark: DecimalMark, how: keyof TypedNumber) => FigureReading | undefined,
  { region, measures, usual }: FigureEntry,
  word: string,
): Result<
  { readonly mark: DecimalMark; readonly how: keyof TypedNumber; readonly reading: FigureReading },
  FigureProblem
> {
  // Feet and gallons are read and written with points, whatever is not said.
  const own = region ? decimalMark(region) : measures === 'in-gal' ? '.' : undefined;
  const first = own ?? '.';
  const second: DecimalMark = first === '.' ? ',' : '.';
  const [mine, theirs] = [read(first, 'strict'), read(second, 'strict')];
  const two = (a: FigureReading, b: FigureReading) => err({ code: 'two-readings', word, readings: [a, b] } as const);
  if (mine && theirs) {
    const taken = ok({ mark: first, how: 'strict', reading: mine } as const);
    if (isSameFigure(mine.value, theirs.value)) return taken;
    if (own === undefined) {
      const [isMine, isTheirs] = usual ? [inside(mine.value, usual), inside(theirs.value, usual)] : [true, true];
      if (isMine === isTheirs) return two(mine, theirs);
      return isMine ? taken : ok({ mark: second, how: 'strict', reading: theirs } as const);
    }
    return usual && !inside(mine.value, usual) && inside(theirs.value, usual) ? two(mine, theirs) : taken;
  }
  if (mine) return ok({ mark: first, how: 'strict', reading: mine } as const);
  if (!theirs) return err({ code: 'grouping', word });
  if (own === undefined) return ok({ mark: second, how: 'strict', reading: theirs } as const);
  // It breaks the custom of the region: with the marks left out, or by the other custom.
  const loose = read(first, 'loose');
  return loose === undefined || isSameFigure(loose.value, theirs.value)
    ? ok({ mark: second, how: 'strict', reading: theirs } as const)
    : two(theirs, loose);
}

/** What is said of something typed that was not taken. */
export function figureProblemWords(
  problem: FigureProblem,
  typed: string,
  { kind, measures }: Pick<FigureEntry, 'kind' | 'measures'>,
): string {
  const { name, units, example } = figureFacts(kind);
  const what = name.replace(/^an? /, '');
  const write = `Write it like ${example[measures]}.`;
  switch (problem.code) {
    case 'no-figure':
      return `${typed.trim() === '' ? 'Nothing' : typed.trim()} is no ${what}. ${write}`;
    case 'unknown-unit':
      return `${problem.word} is no unit of ${name.replace(/^an? /, '')}${
        units.length > 1
          ? ` (${units
              .map((unit) => unit.name)
              .filter(Boolean)
              .join(', ')})`
          : ''
      }. ${write}`;
    case 'wrong-unit':
      return `${problem.word} belongs to ${figureFacts(problem.belongs).name}; this is ${name}. ${write}`;
    case 'trailing-words':
      return `“${problem.word}” cannot be read behind the figure before it. ${write}`;
    case 'zero-denominator':
      return `${problem.word}: nothing can be divided by nought.`;
    case 'grouping':
      return `${problem.word}: points and commas stand where they part nothing. ${write}`;
    case 'two-readings':
      return `${problem.word} can be read in two ways: ${problem.readings.map(({ text }) => text).join(' or ')}.`;
  }
}
