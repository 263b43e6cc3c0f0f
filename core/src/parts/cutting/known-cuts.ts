import type { Bar, CutOrder, Piece } from './cut-plan';

/** A plan that a longer search has found, the fewest bars that any plan buys, and the longest off-cut its own can leave. */
export interface FoundCut {
  readonly plan: readonly Bar[];
  readonly leastBars: number;
  readonly mostLeftM: number;
}

const MOST_KNOWN = 200;
const known = new Map<string, { readonly order: CutOrder; readonly found: FoundCut }>();

const keyOf = ({ pieces, stockM, offCutsM, kerfM }: CutOrder): string =>
  [stockM.join(), offCutsM.join(), kerfM, pieces.map(({ lengthM }) => lengthM).join()].join('|');

/** Keeps what a longer search has found, so that every later plan of the same order is cut by it. */
export function takeCut(order: CutOrder, found: FoundCut): void {
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(keyOf(order), { order, found });
}

/** The plan that a longer search has found for an order; undefined where none was made. Pieces are those of this order. */
export function knownCut(order: CutOrder): FoundCut | undefined {
  const kept = known.size === 0 ? undefined : known.get(keyOf(order));
  if (!kept) return undefined;
  const now = new Map<Piece, Piece>(kept.order.pieces.map((piece, place) => [piece, order.pieces[place] ?? piece]));
  return {
    ...kept.found,
    plan: kept.found.plan.map((bar) => ({ ...bar, pieces: bar.pieces.map((piece) => now.get(piece) ?? piece) })),
  };
}
