import type { Bar, CutOrder, Piece } from './cut-plan';

/** A plan that a longer search has found for an order, the fewest bars that any plan buys, and the most that its own leave. */
export interface KnownCut {
  readonly order: CutOrder;
  readonly bars: readonly Bar[];
  readonly leastBars: number;
  readonly mostLeftM: number;
}

const MOST_KNOWN = 200;
const known = new Map<string, KnownCut>();

const keyOf = ({ pieces, stockM, offCutsM, kerfM }: CutOrder): string =>
  [stockM.join(), offCutsM.join(), kerfM, pieces.map(({ lengthM }) => lengthM).join()].join('|');

/** Keeps what a longer search has found, so that every later plan of the same order is cut by it. */
export function takeCut(cut: KnownCut): void {
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(keyOf(cut.order), cut);
}

/** The plan that a longer search has found for an order; undefined where none was made. Pieces are those of this order. */
export function knownCut(order: CutOrder): Omit<KnownCut, 'order'> | undefined {
  const found = known.size === 0 ? undefined : known.get(keyOf(order));
  if (!found) return undefined;
  const now = new Map<Piece, Piece>(found.order.pieces.map((piece, place) => [piece, order.pieces[place] ?? piece]));
  return {
    leastBars: found.leastBars,
    mostLeftM: found.mostLeftM,
    bars: found.bars.map((bar) => ({ ...bar, pieces: bar.pieces.map((piece) => now.get(piece) ?? piece) })),
  };
}
