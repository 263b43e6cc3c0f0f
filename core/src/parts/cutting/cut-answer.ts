import type { CutAnswer, Solutions } from '../../derived/solutions';
import type { Bar, CutOrder, Piece } from './cut-plan';

/** A plan that a longer search has found, the fewest bars that any plan buys, and the longest off-cut its own can leave. */
export interface FoundCut {
  readonly plan: readonly Bar[];
  readonly leastBars: number;
  readonly mostLeftM: number;
}

/** The question that an order is: orders of one question are cut alike. */
export const cutQuestion = ({ pieces, stockM, offCutsM, kerfM }: CutOrder): string =>
  [stockM.join(), offCutsM.join(), kerfM, pieces.map(({ lengthM }) => lengthM).join()].join('|');

/** What was found for an order as plain data. */
export function cutAnswer({ pieces }: CutOrder, { plan, leastBars, mostLeftM }: FoundCut): CutAnswer {
  const places = new Map<Piece, number>(pieces.map((piece, place) => [piece, place]));
  return {
    bars: plan.map((bar) => ({ ...bar, pieces: bar.pieces.map((piece) => places.get(piece) ?? 0) })),
    leastBars,
    mostLeftM,
  };
}

/** What was found for an order, with its own pieces; undefined where nothing was. */
export function foundCut(order: CutOrder, { cuts }: Solutions): FoundCut | undefined {
  const answer = cuts.get(cutQuestion(order));
  return (
    answer && {
      ...answer,
      plan: answer.bars.map((bar) => ({
        ...bar,
        pieces: bar.pieces.flatMap((place): Piece[] => {
          const piece = order.pieces[place];
          return piece ? [piece] : [];
        }),
      })),
    }
  );
}
