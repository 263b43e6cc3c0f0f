import type { LengthKind, TrimStep } from '../../job/job';
import type { Use } from '../list/trace';

/** A piece to cut: how long, and for whom. */
export interface Piece {
  readonly label: string;
  /** What it becomes in the job; absent where nobody follows it. */
  readonly use?: Use;
  /** As it is cut [m]. */
  readonly lengthM: number;
  /** Absent: it is cut as it is computed. */
  readonly kind?: LengthKind;
  /** When one that is left long is trimmed; null: not said. */
  readonly trimAt?: TrimStep | null;
  /** What is trimmed off one that is left long [m]. */
  readonly spareM?: number;
}

/** One stock length or off-cut with the pieces cut from it, in cutting order. */
export interface Bar {
  readonly stockM: number;
  /** It is on hand already, and not bought. */
  readonly onHand: boolean;
  readonly pieces: readonly Piece[];
  readonly offCutM: number;
  /** The counter cuts it off its coil as it is needed; absent: it is a stock length. */
  readonly atCounter?: true;
}

export interface CutPlan {
  readonly bars: readonly Bar[];
  /** Pieces longer than any stock length: to be joined from several. */
  readonly tooLong: readonly Piece[];
}

/** Lengths closer than this are the same length [m]. */
export const SAME_M = 1e-6;

/** What is to be cut, from what, and how. */
export interface CutOrder {
  /** Lengths above zero. */
  readonly pieces: readonly Piece[];
  /** Stock lengths that can be bought, at least one. */
  readonly stockM: readonly number[];
  /** Lengths on hand, each once. */
  readonly offCutsM: readonly number[];
  /** What each cut takes; the last piece of a full bar needs no cut. */
  readonly kerfM: number;
}

/** What each bar has room for: a cut goes with each piece, and the last one of a full bar needs none. */
const roomM = (barM: number, kerfM: number): number => barM + kerfM;
const takenM = (pieces: readonly Piece[], kerfM: number): number =>
  pieces.reduce((sum, { lengthM }) => sum + lengthM + kerfM, 0);

/** What is left of a bar once its pieces are cut [m]. */
export const offCutM = (barM: number, pieces: readonly Piece[], kerfM: number): number =>
  Math.max(0, barM - takenM(pieces, kerfM));

/**
 * Lays pieces out on what is on hand and on stock lengths, longest first, each in the first bar with room for it (first
 * fit decreasing). What is on hand is opened first, the shortest that takes the piece; a new bar is the shortest stock
 * that takes all that is left, else the longest. Quick and never wrong, not always the fewest bars.
 *
 * @throws RangeError no stock length, or a piece without length
 */
export function cutPlan({ pieces, stockM, offCutsM, kerfM }: CutOrder): CutPlan {
  const stocks = stockM.toSorted((a, b) => a - b);
  const longest = stocks.at(-1);
  if (longest === undefined) throw new RangeError('cutPlan: no stock length');
  if (pieces.some(({ lengthM }) => !(lengthM > 0))) throw new RangeError('cutPlan: a piece without length');
  const most = Math.max(longest, ...offCutsM);
  const tooLong = pieces.filter(({ lengthM }) => lengthM > most + SAME_M);
  const waiting = pieces.filter(({ lengthM }) => lengthM <= most + SAME_M).toSorted((a, b) => b.lengthM - a.lengthM);
  const unopened = offCutsM.toSorted((a, b) => a - b);
  const bars: { stockM: number; onHand: boolean; pieces: Piece[]; leftM: number }[] = [];
  let leftToPlaceM = takenM(waiting, kerfM);
  const open = (stock: number, onHand: boolean) => {
    const bar = { stockM: stock, onHand, pieces: [] as Piece[], leftM: stock };
    bars.push(bar);
    return bar;
  };
  for (const piece of waiting) {
    const onHand = unopened.findIndex((lengthM) => lengthM >= piece.lengthM - SAME_M);
    const bar =
      bars.find(({ leftM }) => leftM >= piece.lengthM - SAME_M) ??
      (onHand >= 0
        ? open(unopened.splice(onHand, 1)[0] ?? 0, true)
        : open(shortestFor(stocks, longest, piece, leftToPlaceM - kerfM), false));
    bar.pieces.push(piece);
    bar.leftM = Math.max(0, bar.leftM - piece.lengthM - kerfM);
    leftToPlaceM -= piece.lengthM + kerfM;
  }
  return {
    bars: bars.map(({ leftM, ...bar }) => ({ ...bar, offCutM: leftM })),
    tooLong,
  };
}

const shortestFor = (stocks: readonly number[], longest: number, piece: Piece, neededM: number): number =>
  stocks.find((stock) => stock >= neededM - SAME_M && stock >= piece.lengthM - SAME_M) ?? longest;

/** Pieces of one length. */
export interface Kind {
  readonly lengthM: number;
  readonly pieces: readonly Piece[];
}

/** The pieces of all bars by their lengths, longest first. */
export function kindsOf(bars: readonly Bar[]): readonly Kind[] {
  const kinds: { lengthM: number; pieces: Piece[] }[] = [];
  for (const piece of bars.flatMap(({ pieces }) => pieces).sort((a, b) => b.lengthM - a.lengthM)) {
    const last = kinds.at(-1);
    if (last && last.lengthM - piece.lengthM < SAME_M) last.pieces.push(piece);
    else kinds.push({ lengthM: piece.lengthM, pieces: [piece] });
  }
  return kinds;
}

/** How many bars of a plan are bought. */
export const bought = (bars: readonly Bar[]): number => bars.filter(({ onHand }) => !onHand).length;

/**
 * No plan buys fewer bars than this: the better of what the metres alone ask for, and Martello and Toth's bound, by which
 * pieces longer than half a bar share none. What is on hand takes its metres off the first; each of it can spare at most
 * one bar of the second.
 *
 * @param order pieces of which none is longer than the longest stock
 * @source Martello and Toth (1990), Knapsack Problems, bound L2
 */
export function leastBars({ pieces, stockM, offCutsM, kerfM }: CutOrder): number {
  const bar = roomM(Math.max(...stockM), kerfM);
  const lengths = pieces
    .map(({ lengthM }) => lengthM + kerfM)
    .filter((length) => length <= bar + SAME_M)
    .sort((a, b) => b - a);
  // So much are the longest together: of none, of one, of two ...
  const together = [0];
  for (const length of lengths) together.push((together.at(-1) ?? 0) + length);
  const total = together.at(-1) ?? 0;
  const count = (metres: number): number => Math.max(0, Math.ceil(metres / bar - SAME_M));
  const between = (from: number, to: number): number => (together[to] ?? 0) - (together[from] ?? 0);
  const overHalf = firstNot(lengths, (length) => length > bar / 2 + SAME_M);
  const bounds = [0, ...new Set(lengths.slice(firstNot(lengths, (length) => length > bar / 2)))].map((small) => {
    // Those that leave no room for a piece as small as this, those over half a bar, and the rest down to it.
    const alone = Math.min(
      overHalf,
      firstNot(lengths, (length) => length > bar - small + SAME_M),
    );
    const rest = firstNot(lengths, (length) => length >= small - SAME_M);
    const roomBeside = (overHalf - alone) * bar - between(alone, overHalf);
    return overHalf + Math.max(0, count(between(overHalf, rest) - roomBeside));
  });
  const onHand = offCutsM.map((lengthM) => roomM(lengthM, kerfM));
  const spared = onHand.reduce((bars, length) => bars + Math.ceil(length / bar - SAME_M), 0);
  const onHandM = onHand.reduce((sum, length) => sum + length, 0);
  return Math.max(count(total - onHandM), Math.max(...bounds) - spared, 0);
}

/** The place of the first of a row that is not so, where all that are so come before all that are not. */
function firstNot(row: readonly number[], isSo: (value: number) => boolean): number {
  let [low, high] = [0, row.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (isSo(row[middle] ?? 0)) low = middle + 1;
    else high = middle;
  }
  return low;
}

/**
 * Where the saw goes, by a tape hooked on one end of the bar and left there: the near side of each cut [m]. A piece that
 * ends with the bar needs no mark.
 */
export function tapeMarks({ pieces, stockM }: Pick<Bar, 'pieces' | 'stockM'>, kerfM: number): readonly number[] {
  let at = 0;
  return pieces.flatMap(({ lengthM }) => {
    const mark = at + lengthM;
    at = mark + kerfM;
    return mark < stockM - SAME_M ? [mark] : [];
  });
}
