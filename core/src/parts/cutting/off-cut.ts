import { bestWay } from './best-way';
import { type Bar, type CutOrder, type Piece, SAME_M, kindsOf, offCutM } from './cut-plan';

/** The longest piece that is left when all bars are cut [m]. */
export const longestLeftM = (bars: readonly Bar[]): number => Math.max(0, ...bars.map((bar) => bar.offCutM));

/**
 * No way to cut these bars leaves a longer piece than this [m]: the others full to the last, and at least one piece cut
 * from the one that is kept.
 */
export function mostLeftM(bars: readonly Bar[], { kerfM }: Pick<CutOrder, 'kerfM'>): number {
  const lengths = bars.flatMap(({ pieces }) => pieces.map(({ lengthM }) => lengthM + kerfM));
  if (lengths.length === 0) return 0;
  const room = bars.reduce((sum, { stockM }) => sum + stockM + kerfM, -kerfM);
  const taken = lengths.reduce((sum, length) => sum + length, 0);
  const alone = Math.max(...bars.map(({ stockM }) => stockM)) - Math.min(...lengths);
  return Math.max(longestLeftM(bars), Math.min(room - taken, alone));
}

/** Off-cuts that differ by less are alike [m]. */
const ALIKE_M = 0.001;

/**
 * Whether these bars leave as long a piece as the bound allows: no other cut of them then leaves a longer one.
 *
 * @param mostM what no cut of them leaves a longer piece than [m]
 */
export const leavesLongest = (bars: readonly Bar[], mostM: number): boolean => mostM - longestLeftM(bars) < ALIKE_M;

/** A bar is as good as full when no more than this is left of it [m]. */
const FULL_M = 0.0005;

/**
 * Plans of these bars in which one is kept and each other is as full as what is left to cut can fill it, its longest piece
 * among them; of bars of several lengths each is kept in turn, where the others take enough.
 *
 * @source Gupta and Ho (1999), A new heuristic algorithm for the one-dimensional bin-packing problem
 */
export function filledFirst(bars: readonly Bar[], { kerfM }: Pick<CutOrder, 'kerfM'>): readonly (readonly Bar[])[] {
  const lasts = bars.filter(({ stockM }, place) => bars.findIndex((bar) => bar.stockM === stockM) === place);
  return lasts.flatMap((last) => {
    const waiting = kindsOf(bars).map(({ pieces }) => [...pieces]);
    const filled = bars
      .filter((bar) => bar !== last)
      .toSorted((a, b) => b.stockM - a.stockM)
      .map((bar) => filledWith(bar, waiting, kerfM));
    const pieces = waiting.flat();
    if (offCutM(last.stockM + kerfM, pieces, kerfM) === 0) return [];
    return [longestOffCut([...filled, { ...last, pieces, offCutM: offCutM(last.stockM, pieces, kerfM) }], kerfM)];
  });
}

/** Takes out of what waits, longest first, the longest piece that fits and what fills the bar best beside it. */
function filledWith(bar: Bar, waiting: readonly Piece[][], kerfM: number): Bar {
  const [first] =
    waiting.find(([piece]) => piece !== undefined && piece.lengthM <= bar.stockM + SAME_M)?.splice(0, 1) ?? [];
  if (!first) return { ...bar, pieces: [], offCutM: bar.stockM };
  return withPieces(bar, [first, ...fullest(bar.stockM - first.lengthM, waiting, kerfM)], kerfM);
}

/** Takes out of what waits, by its lengths, what fills so much room best. */
function fullest(roomM: number, waiting: readonly Piece[][], kerfM: number): readonly Piece[] {
  const { counts } = bestWay(
    waiting.map((pieces) => {
      const takesM = (pieces[0]?.lengthM ?? 0) + kerfM;
      return { takesM, most: pieces.length, worth: takesM };
    }),
    roomM,
    FULL_M,
  );
  return counts.flatMap((count, kind) => waiting[kind]?.splice(0, count) ?? []);
}

const withPieces = (bar: Bar, pieces: readonly Piece[], kerfM: number): Bar => ({
  ...bar,
  pieces: pieces.toSorted((a, b) => b.lengthM - a.lengthM),
  offCutM: offCutM(bar.stockM, pieces, kerfM),
});

/**
 * The same bars cut so that what is left is in one piece where it can be: of the emptiest bar and one other the other is
 * filled as full as the pieces of both can, for as long as the off-cut grows by it.
 */
export function longestOffCut(bars: readonly Bar[], kerfM: number): readonly Bar[] {
  const now = bars.toSorted((a, b) => a.offCutM - b.offCutM);
  let kept = now.pop();
  if (!kept) return [];
  for (let grows = true; grows;) {
    grows = false;
    for (const [place, other] of now.entries()) {
      const waiting = kindsOf([kept, other]).map(({ pieces }) => [...pieces]);
      const fuller = withPieces(other, fullest(other.stockM + kerfM, waiting, kerfM), kerfM);
      if (other.offCutM - fuller.offCutM < FULL_M) continue;
      now[place] = fuller;
      kept = withPieces(kept, waiting.flat(), kerfM);
      grows = true;
    }
  }
  return [...now, kept].filter(({ pieces }) => pieces.length > 0);
}
