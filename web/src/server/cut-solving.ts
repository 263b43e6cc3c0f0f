import 'server-only';
import { type CutAnswer, type CutBars, cutAnswer, cutQuestion, isToSearch } from '@herrero/core';
import loadHighs from 'highs';
import { solveCut } from '@/cutting/solve-cut';

/** So long a list that is downloaded may wait for a better cut plan [s]. */
const LIMIT_S = 2;
/** So many answers are kept, so that the same list is not cut anew for every file. */
const MOST_KEPT = 200;
const kept = new Map<string, CutAnswer>();
let solver: ReturnType<typeof loadHighs> | undefined;

/** What a longer search finds where the quick plan is not proven, by its question; nothing where all of it is. */
export async function searchCuts(cuts: readonly CutBars[]): Promise<ReadonlyMap<string, CutAnswer>> {
  const open = cuts.filter(isToSearch).map(({ order }) => ({ order, question: cutQuestion(order) }));
  const fresh = open.filter(({ question }) => !kept.has(question));
  if (fresh.length > 0) {
    solver ??= loadHighs();
    const highs = await solver;
    if (kept.size + fresh.length > MOST_KEPT) kept.clear();
    for (const { order, question } of fresh) {
      const solved = solveCut(
        order,
        (program, timeLimitS) => highs.solve(program, { time_limit: timeLimitS }),
        LIMIT_S / fresh.length,
        () => performance.now() / 1000,
      );
      kept.set(question, cutAnswer(order, solved));
    }
  }
  return new Map(
    open.flatMap(({ question }) => {
      const answer = kept.get(question);
      return answer ? [[question, answer] as const] : [];
    }),
  );
}
