import type { Use } from './trace';

/** A piece to cut: how long, and for whom. */
export interface Piece {
  readonly label: string;
  /** What it becomes in the job; absent where nobody follows it. */
  readonly use?: Use;
  readonly lengthM: number;
}

/** One stock length with the pieces cut from it, in cutting order. */
export interface Bar {
  readonly stockM: number;
  readonly pieces: readonly Piece[];
  readonly offCutM: number;
}

export interface CutPlan {
  readonly bars: readonly Bar[];
  /** Pieces longer than any stock length: to be joined from several. */
  readonly tooLong: readonly Piece[];
}

/** Lengths closer than this are the same length. */
const SAME_M = 1e-6;

/**
 * Lays pieces out on stock lengths, longest first, each in the first bar with room for it (first fit decreasing).
 * A new bar is the shortest stock that takes all that is left, else the longest. Quick and never wrong, not always the
 * fewest bars.
 *
 * @param pieces       lengths above zero
 * @param stockM       stock lengths, at least one
 * @param kerfM        what each cut takes; the last piece of a full bar needs no cut
 */
export function cutPlan(pieces: readonly Piece[], stockM: readonly number[], kerfM: number): CutPlan {
  const stocks = stockM.toSorted((a, b) => a - b);
  const longest = stocks.at(-1);
  if (longest === undefined) throw new RangeError('cutPlan: no stock length');
  if (pieces.some(({ lengthM }) => !(lengthM > 0))) throw new RangeError('cutPlan: a piece without length');
  const tooLong = pieces.filter(({ lengthM }) => lengthM > longest + SAME_M);
  const waiting = pieces.filter(({ lengthM }) => lengthM <= longest + SAME_M).toSorted((a, b) => b.lengthM - a.lengthM);
  const bars: { stockM: number; pieces: Piece[]; leftM: number }[] = [];
  let leftToPlaceM = waiting.reduce((sum, { lengthM }) => sum + lengthM + kerfM, 0);
  for (const piece of waiting) {
    const bar =
      bars.find(({ leftM }) => leftM >= piece.lengthM - SAME_M) ??
      openBar(stocks, longest, piece, leftToPlaceM - kerfM);
    if (!bars.includes(bar)) bars.push(bar);
    bar.pieces.push(piece);
    bar.leftM = Math.max(0, bar.leftM - piece.lengthM - kerfM);
    leftToPlaceM -= piece.lengthM + kerfM;
  }
  return {
    bars: bars.map(({ stockM: stock, pieces: cut, leftM }) => ({ stockM: stock, pieces: cut, offCutM: leftM })),
    tooLong,
  };
}

function openBar(stocks: readonly number[], longest: number, piece: Piece, neededM: number) {
  const stockM = stocks.find((stock) => stock >= neededM - SAME_M && stock >= piece.lengthM - SAME_M) ?? longest;
  return { stockM, pieces: [] as Piece[], leftM: stockM };
}

/**
 * No plan takes fewer bars than this: the better of what the metres alone ask for, and Martello and Toth's bound, by which
 * pieces longer than half a bar share none.
 *
 * @param pieces lengths of which none is longer than the longest stock
 * @source Martello and Toth (1990), Knapsack Problems, bound L2
 */
export function leastBars(pieces: readonly Piece[], stockM: readonly number[], kerfM: number): number {
  // A cut goes with each piece, and the last one of a full bar needs none: both sides are longer by it.
  const bar = Math.max(...stockM) + kerfM;
  const lengths = pieces.map(({ lengthM }) => lengthM + kerfM).filter((length) => length <= bar + SAME_M);
  const count = (total: number): number => Math.ceil(total / bar - SAME_M);
  const sum = (some: readonly number[]): number => some.reduce((total, length) => total + length, 0);
  const bounds = [0, ...lengths.filter((length) => length <= bar / 2)].map((small) => {
    // Those that leave no room for a piece as small as this, those over half a bar, and the rest down to it.
    const alone = lengths.filter((length) => length > bar - small + SAME_M);
    const over = lengths.filter((length) => length > bar / 2 + SAME_M && length <= bar - small + SAME_M);
    const rest = lengths.filter((length) => length >= small - SAME_M && length <= bar / 2 + SAME_M);
    const roomBeside = over.length * bar - sum(over);
    return alone.length + over.length + Math.max(0, count(sum(rest) - roomBeside));
  });
  return Math.max(count(sum(lengths)), ...bounds);
}
