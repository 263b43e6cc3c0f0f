import { type Bar, type CutOrder, type Kind, SAME_M, bought, cutPlan, kindsOf, offCutM } from './cut-plan';
import { bestWay } from './best-way';
import { longestOffCut } from './off-cut';

/** A bar to cut from: a stock length, of which there are as many as are wanted, or one on hand. */
interface Source {
  readonly barM: number;
  readonly onHand: boolean;
  /** What a bar of it costs, and each metre of what is cut from it. */
  readonly cost: number;
  readonly metreCost: number;
  /** The limits that a bar of it counts towards, by their places. */
  readonly limits: readonly number[];
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
  /** How many bars there may be of those that count towards each limit. */
  readonly limits: readonly number[];
  readonly patterns: readonly Pattern[];
}

/** Bars count first; among plans of as many bars, metres bought. Less than one bar in all. */
const METRE_WEIGHT = 0.001;

/** Fewest bars, with the ways to cut of the quick plan. Pieces that no bar takes are left out. */
export function fewestBarsProblem(order: CutOrder): CutProblem {
  const { bars } = cutPlan(order);
  const kinds = kindsOf(bars);
  const longestM = Math.max(...order.stockM);
  const stock = order.stockM.map((barM) => ({ barM, onHand: false, cost: 1 + (METRE_WEIGHT * barM) / longestM }));
  const onHand = [...new Set(order.offCutsM)].map((barM) => ({ barM, onHand: true, cost: 0 }));
  const sources = [...stock, ...onHand].map((source, place) => ({ ...source, metreCost: 0, limits: [place] }));
  return {
    order,
    kinds,
    sources,
    limits: sources.map(({ barM, onHand: isHand }) =>
      isHand ? order.offCutsM.filter((lengthM) => lengthM === barM).length : bought(bars),
    ),
    patterns: bars.map((bar) => ({
      source: sources.findIndex((source) => isOf(source, bar)),
      counts: countsOf(kinds, bar),
    })),
  };
}

/**
 * The longest off-cut that the bars of a plan can leave, with its ways to cut them: one of the bars is kept, which costs
 * what is cut from it less its length; the others cost nothing, however full.
 */
export function longestOffCutProblem(order: CutOrder, bars: readonly Bar[]): CutProblem {
  const kinds = kindsOf(bars);
  const filled = bars
    .map(({ stockM, onHand }) => ({ barM: stockM, onHand }))
    .filter((length, place) => bars.findIndex((bar) => isOf(length, bar)) === place)
    .map((length, place): Source => ({ ...length, cost: 0, metreCost: 0, limits: [place] }));
  const kept = filled.map((source, place): Source => ({
    ...source,
    cost: -source.barM,
    metreCost: 1,
    limits: [place, filled.length],
  }));
  return {
    order,
    kinds,
    sources: [...filled, ...kept],
    limits: [...filled.map((length) => bars.filter((bar) => isOf(length, bar)).length), 1],
    patterns: bars.flatMap((bar) => {
      const source = filled.findIndex((length) => isOf(length, bar));
      const counts = countsOf(kinds, bar);
      return [
        { source, counts },
        { source: source + filled.length, counts },
      ];
    }),
  };
}

const countsOf = (kinds: readonly Kind[], { pieces }: Bar): readonly number[] =>
  kinds.map((kind) => pieces.filter((piece) => kind.pieces.includes(piece)).length);

const isOf = ({ barM, onHand }: Pick<Source, 'barM' | 'onHand'>, bar: Bar): boolean =>
  barM === bar.stockM && onHand === bar.onHand;

/** What one bar costs that is cut so. */
const costOf = ({ kinds, sources, order }: CutProblem, { source, counts }: Pattern): number => {
  const { cost = 0, metreCost = 0 } = sources[source] ?? {};
  const metres = counts.reduce((sum, count, kind) => sum + count * ((kinds[kind]?.lengthM ?? 0) + order.kerfM), 0);
  return cost + metreCost * metres;
};

/** Names of the columns and rows of the program, by place. */
export const patternColumn = (place: number): string => `x${place}`;
export const kindRow = (place: number): string => `k${place}`;
export const limitRow = (place: number): string => `l${place}`;

/**
 * The program over the known ways to cut, in the LP format of general solvers: least cost, each kind of piece often
 * enough, no more bars than there may be.
 *
 * @param whole bars are whole: the last question; else their linear relaxation
 */
export function programOf(problem: CutProblem, whole: boolean): string {
  const { kinds, sources, limits, patterns } = problem;
  const sum = (terms: readonly string[]): string =>
    terms.length === 0 ? `0 ${patternColumn(0)}` : terms.join(' + ').replaceAll('+ -', '- ');
  const rows = kinds.map(({ pieces }, kind) => {
    const terms = patterns.flatMap(({ counts }, place) => {
      const count = counts[kind] ?? 0;
      return count > 0 ? [`${count} ${patternColumn(place)}`] : [];
    });
    return ` ${kindRow(kind)}: ${sum(terms)} >= ${pieces.length}`;
  });
  const bounds = limits.flatMap((most, limit) => {
    const terms = patterns.flatMap(({ source }, place) =>
      sources[source]?.limits.includes(limit) ? [patternColumn(place)] : [],
    );
    return terms.length === 0 ? [] : [` ${limitRow(limit)}: ${sum(terms)} <= ${most}`];
  });
  const costs = patterns.map((pattern, place) => `${costOf(problem, pattern)} ${patternColumn(place)}`);
  const names = patterns.map((_, place) => patternColumn(place));
  return [
    'Minimize',
    ` cost: ${sum(costs)}`,
    'Subject To',
    ...rows,
    ...bounds,
    ...(whole ? ['General', ` ${names.join(' ')}`] : []),
    'End',
  ].join('\n');
}

/** What the relaxation says a piece of each kind, and a further bar for each limit, is worth. */
export interface Worths {
  readonly kinds: readonly number[];
  readonly limits: readonly number[];
}

const BETTER = 1e-7;

/** So many ways to cut are put into one program at most. */
const MOST_PATTERNS = 1500;

/**
 * The problem with every way to cut, of which the best whole answer is the best there is; undefined where there are too
 * many. Where metres cost nothing only those are put in that nothing can be added to.
 */
export function withEveryPattern(problem: CutProblem): CutProblem | undefined {
  const { kinds, sources, order } = problem;
  const patterns: Pattern[] = [];
  for (const [source, { barM, metreCost }] of sources.entries()) {
    const counts = kinds.map(() => 0);
    /** From the longest to the shortest kind, which is the last that could still be added. */
    const put = (kind: number, leftM: number, leastLeftOutM: number): void => {
      const { lengthM, pieces } = kinds[kind] ?? {};
      if (patterns.length > MOST_PATTERNS) return;
      if (lengthM === undefined || pieces === undefined) {
        if (counts.some((count) => count > 0) && (metreCost > 0 || leftM + SAME_M < leastLeftOutM))
          patterns.push({ source, counts: [...counts] });
        return;
      }
      const takesM = lengthM + order.kerfM;
      for (let many = Math.min(pieces.length, Math.floor((leftM + SAME_M) / takesM)); many >= 0; many--) {
        counts[kind] = many;
        put(kind + 1, leftM - many * takesM, many < pieces.length ? takesM : leastLeftOutM);
      }
      counts[kind] = 0;
    };
    put(0, barM + order.kerfM, Infinity);
  }
  return patterns.length > MOST_PATTERNS ? undefined : { ...problem, patterns };
}

/** What one round of looking for better ways to cut has found. */
export interface Priced {
  /** With the better ways added; the same where there is none. */
  readonly problem: CutProblem;
  readonly found: number;
  /** No plan costs less. */
  readonly leastCost: number;
}

/** No plan buys fewer bars than this, by what no plan of the fewest bars costs less than. */
export const barsOfCost = (leastCost: number): number => Math.max(0, Math.ceil(leastCost / (1 + METRE_WEIGHT) - 1e-6));

/**
 * For each source the way to cut that the relaxation would want most. The bound is the relaxation less what each source
 * could still save, times as many of it as there may be (Lagrange), so it holds in every round.
 *
 * @param objective of the relaxation
 */
export function priceOut(problem: CutProblem, objective: number, worths: Worths): Priced {
  const { sources, patterns, kinds, order } = problem;
  const better: Pattern[] = [];
  let leastCost = objective;
  for (const [source, { barM, cost, metreCost, limits }] of sources.entries()) {
    const asks = limits.reduce((sum, limit) => sum - (worths.limits[limit] ?? 0), cost);
    const toPut = kinds.map(({ lengthM, pieces }, kind) => {
      const takesM = lengthM + order.kerfM;
      return { takesM, most: pieces.length, worth: (worths.kinds[kind] ?? 0) - metreCost * takesM };
    });
    const { counts, worth, atMost } = bestWay(toPut, barM + order.kerfM, BETTER);
    leastCost -= Math.max(0, atMost - asks) * Math.min(...limits.map((limit) => problem.limits[limit] ?? 0));
    if (worth > asks + BETTER) better.push({ source, counts });
  }
  const fresh = better.filter(
    ({ source, counts }) =>
      !patterns.some((known) => known.source === source && known.counts.every((count, kind) => count === counts[kind])),
  );
  return {
    problem: { ...problem, patterns: [...patterns, ...fresh] },
    found: fresh.length,
    leastCost,
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
