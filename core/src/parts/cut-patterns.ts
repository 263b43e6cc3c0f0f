import { type Bar, type CutOrder, type CutPlan, type Piece, SAME_M, bought, cutPlan, offCutM } from './cut-plan';

/** Pieces of one length. */
interface Kind {
  readonly lengthM: number;
  readonly pieces: readonly Piece[];
}

/** A bar to cut from: a stock length, of which there are as many as are wanted, or one on hand. */
interface Source {
  readonly barM: number;
  readonly onHand: boolean;
  /** How many of it there are, or how many any good plan could use. */
  readonly most: number;
  readonly cost: number;
}

/** A way to cut one bar: how many of each kind of piece. */
export interface Pattern {
  readonly source: number;
  readonly counts: readonly number[];
}

/** A cutting problem as a linear program sees it, and the ways to cut that are known so far. */
export interface CutProblem {
  readonly order: CutOrder;
  readonly kinds: readonly Kind[];
  readonly sources: readonly Source[];
  readonly patterns: readonly Pattern[];
  readonly quick: CutPlan;
}

/** Bars count first; among plans of as many bars, metres bought. Less than one bar in all. */
const METRE_WEIGHT = 0.001;

/** The problem with the ways to cut of the quick plan. Pieces that no bar takes are left out. */
export function cutProblem(order: CutOrder): CutProblem {
  const quick = cutPlan(order);
  const cuttable = order.pieces.filter((piece) => !quick.tooLong.includes(piece));
  const kinds: { lengthM: number; pieces: Piece[] }[] = [];
  for (const piece of cuttable.toSorted((a, b) => b.lengthM - a.lengthM)) {
    const last = kinds.at(-1);
    if (last && last.lengthM - piece.lengthM < SAME_M) last.pieces.push(piece);
    else kinds.push({ lengthM: piece.lengthM, pieces: [piece] });
  }
  const longestM = Math.max(...order.stockM);
  const onHand = [...new Set(order.offCutsM)].map((barM): Source => ({
    barM,
    onHand: true,
    most: order.offCutsM.filter((lengthM) => lengthM === barM).length,
    cost: 0,
  }));
  const stock = order.stockM.map((barM): Source => ({
    barM,
    onHand: false,
    most: bought(quick.bars),
    cost: 1 + (METRE_WEIGHT * barM) / longestM,
  }));
  const sources = [...stock, ...onHand];
  return {
    order,
    kinds,
    sources,
    quick,
    patterns: quick.bars.map((bar) => ({
      source: sources.findIndex(({ barM, onHand: isHand }) => barM === bar.stockM && isHand === bar.onHand),
      counts: kinds.map((kind) => bar.pieces.filter((piece) => kind.pieces.includes(piece)).length),
    })),
  };
}

/** Names of the columns and rows of the program, by place. */
export const patternColumn = (place: number): string => `x${place}`;
export const kindRow = (place: number): string => `k${place}`;
export const sourceRow = (place: number): string => `s${place}`;

/**
 * The program over the known ways to cut, in the LP format of general solvers: fewest bars bought, each kind of piece
 * often enough, no bar on hand twice.
 *
 * @param whole bars are whole: the last question; else their linear relaxation
 */
export function programOf({ kinds, sources, patterns }: CutProblem, whole: boolean): string {
  const sum = (terms: readonly string[]): string => (terms.length === 0 ? `0 ${patternColumn(0)}` : terms.join(' + '));
  const rows = kinds.map(({ pieces }, kind) => {
    const terms = patterns.flatMap(({ counts }, place) => {
      const count = counts[kind] ?? 0;
      return count > 0 ? [`${count} ${patternColumn(place)}`] : [];
    });
    return ` ${kindRow(kind)}: ${sum(terms)} >= ${pieces.length}`;
  });
  const limits = sources.flatMap(({ most }, source) => {
    const terms = patterns.flatMap((pattern, place) => (pattern.source === source ? [patternColumn(place)] : []));
    return terms.length === 0 ? [] : [` ${sourceRow(source)}: ${sum(terms)} <= ${most}`];
  });
  const costs = patterns.map(({ source }, place) => `${sources[source]?.cost ?? 0} ${patternColumn(place)}`);
  const names = patterns.map((_, place) => patternColumn(place));
  return [
    'Minimize',
    ` bars: ${sum(costs)}`,
    'Subject To',
    ...rows,
    ...limits,
    ...(whole ? ['General', ` ${names.join(' ')}`] : []),
    'End',
  ].join('\n');
}

/** What the relaxation says a piece of each kind, and a further bar of each source, is worth. */
export interface Worths {
  readonly kinds: readonly number[];
  readonly sources: readonly number[];
}

/** Steps of one search for a better way to cut; beyond them its bound is taken for it, which is never too small. */
const MOST_STEPS = 60_000;
const BETTER = 1e-7;

/**
 * The best way to cut one bar by what its pieces are worth: a bounded knapsack, by depth first with the fractional bound.
 *
 * @returns the counts, their worth, and a worth that no way exceeds
 */
function bestCounts(
  { kinds, order: { kerfM } }: CutProblem,
  barM: number,
  worths: readonly number[],
): { readonly counts: readonly number[]; readonly worth: number; readonly atMost: number } {
  const items = kinds
    .map(({ lengthM, pieces }, kind) => ({
      kind,
      takesM: lengthM + kerfM,
      most: pieces.length,
      worth: worths[kind] ?? 0,
    }))
    .filter(({ worth, takesM }) => worth > 0 && takesM <= barM + kerfM + SAME_M)
    .toSorted((a, b) => b.worth / b.takesM - a.worth / a.takesM);
  const counts = kinds.map(() => 0);
  let best = { worth: 0, counts: [...counts] };
  let steps = 0;
  let cutOff = 0;
  const bound = (from: number, leftM: number): number => {
    let [worth, room] = [0, leftM];
    for (const item of items.slice(from)) {
      const fits = Math.min(item.most, Math.max(0, room) / item.takesM);
      worth += fits * item.worth;
      room -= fits * item.takesM;
      if (room <= SAME_M) break;
    }
    return worth;
  };
  const search = (from: number, leftM: number, worth: number): void => {
    if (worth > best.worth + BETTER) best = { worth, counts: [...counts] };
    const item = items[from];
    if (!item) return;
    const atMost = worth + bound(from, leftM);
    if (atMost <= best.worth + BETTER) return;
    if (++steps > MOST_STEPS) {
      cutOff = Math.max(cutOff, atMost);
      return;
    }
    const fits = Math.min(item.most, Math.floor((leftM + SAME_M) / item.takesM));
    for (let many = fits; many >= 0; many--) {
      counts[item.kind] = many;
      search(from + 1, leftM - many * item.takesM, worth + many * item.worth);
    }
    counts[item.kind] = 0;
  };
  search(0, barM + kerfM, 0);
  return { ...best, atMost: Math.max(best.worth, cutOff) };
}

/** What one round of looking for better ways to cut has found. */
export interface Priced {
  /** With the better ways added; the same where there is none. */
  readonly problem: CutProblem;
  readonly found: number;
  /** No plan buys fewer bars. */
  readonly leastBars: number;
}

/**
 * For each source the way to cut that the relaxation would want most. The bound is the relaxation less what each source
 * could still save, times as many of it as there may be (Lagrange), so it holds in every round.
 *
 * @param objective of the relaxation
 */
export function priceOut(problem: CutProblem, objective: number, worths: Worths): Priced {
  const { sources, patterns } = problem;
  const better: Pattern[] = [];
  let bound = objective;
  for (const [source, { barM, cost, most }] of sources.entries()) {
    const asks = cost - (worths.sources[source] ?? 0);
    const { counts, worth, atMost } = bestCounts(problem, barM, worths.kinds);
    bound -= Math.max(0, atMost - asks) * most;
    if (worth > asks + BETTER) better.push({ source, counts });
  }
  const fresh = better.filter(
    ({ source, counts }) =>
      !patterns.some((known) => known.source === source && known.counts.every((count, kind) => count === counts[kind])),
  );
  return {
    problem: { ...problem, patterns: [...patterns, ...fresh] },
    found: fresh.length,
    leastBars: Math.max(0, Math.ceil(bound / (1 + METRE_WEIGHT) - 1e-6)),
  };
}

/** The bars of a whole answer: so many of each way to cut. What it cuts too often is left uncut; undefined where it leaves pieces out. */
export function barsOf(
  { kinds, sources, patterns, order }: CutProblem,
  counts: readonly number[],
): readonly Bar[] | undefined {
  const waiting = kinds.map(({ pieces }) => [...pieces]);
  const bars = patterns.flatMap((pattern, place) =>
    Array.from({ length: Math.round(counts[place] ?? 0) }, (): Bar => {
      const source = sources[pattern.source];
      const pieces = pattern.counts.flatMap((count, kind) => waiting[kind]?.splice(0, count) ?? []);
      const barM = source?.barM ?? 0;
      return { stockM: barM, onHand: source?.onHand ?? false, pieces, offCutM: offCutM(barM, pieces, order.kerfM) };
    }),
  );
  if (waiting.some((left) => left.length > 0)) return undefined;
  return longestOffCut(
    bars.filter(({ pieces }) => pieces.length > 0),
    order.kerfM,
  );
}

/**
 * The same bars cut so that what is left is in one piece where it can be: pieces of the emptiest bar are changed for
 * longer room in the others, as long as that lets its off-cut grow.
 */
export function longestOffCut(bars: readonly Bar[], kerfM: number): readonly Bar[] {
  const now = bars.toSorted((a, b) => a.offCutM - b.offCutM).map((bar) => ({ ...bar, pieces: [...bar.pieces] }));
  const last = now.at(-1);
  if (!last) return [];
  const leftIn = (bar: (typeof now)[number]): number => offCutM(bar.stockM, bar.pieces, kerfM);
  /** Moves one piece over, or changes two, by which the other bar is filled most; false where nothing helps. */
  const improve = (): boolean => {
    let best: { gain: number; make: () => void } | undefined;
    for (const other of now.slice(0, -1)) {
      const room = leftIn(other);
      for (const piece of last.pieces) {
        if (piece.lengthM + kerfM <= room + SAME_M && piece.lengthM > (best?.gain ?? SAME_M))
          best = { gain: piece.lengthM, make: () => change(other, piece, undefined) };
        for (const back of other.pieces) {
          const gain = piece.lengthM - back.lengthM;
          if (gain > (best?.gain ?? SAME_M) && gain <= room + SAME_M)
            best = { gain, make: () => change(other, piece, back) };
        }
      }
    }
    best?.make();
    return best !== undefined;
  };
  const change = (other: (typeof now)[number], over: Piece, back: Piece | undefined): void => {
    last.pieces = [...last.pieces.filter((piece) => piece !== over), ...(back ? [back] : [])];
    other.pieces = [...other.pieces.filter((piece) => piece !== back), over];
  };
  while (improve());
  return now
    .filter(({ pieces }) => pieces.length > 0)
    .map((bar) => ({
      ...bar,
      pieces: bar.pieces.toSorted((a, b) => b.lengthM - a.lengthM),
      offCutM: offCutM(bar.stockM, bar.pieces, kerfM),
    }));
}
