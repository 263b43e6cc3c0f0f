import 'server-only';
import { type CutBars, isToSearch, takeCut } from '@herrero/core';
import loadHighs from 'highs';
import { solveCut } from '@/cutting/solve-cut';

/** So long a list that is downloaded may wait for a better cut plan [s]. */
const LIMIT_S = 2;
let solver: ReturnType<typeof loadHighs> | undefined;

/** Looks further where the quick plan is not proven, and keeps what is found for every later plan. Answers whether it did. */
export async function searchCuts(cuts: readonly CutBars[]): Promise<boolean> {
  const open = cuts.filter(isToSearch);
  if (open.length === 0) return false;
  solver ??= loadHighs();
  const highs = await solver;
  for (const { order } of open) {
    const solved = solveCut(
      order,
      (program, timeLimitS) => highs.solve(program, { time_limit: timeLimitS }),
      LIMIT_S / open.length,
      () => performance.now() / 1000,
    );
    takeCut(order, solved);
  }
  return true;
}
