import { type CutAnswer, type CutOrder, cutAnswer } from '@herrero/core';
import loadHighs from 'highs';
import { serve } from '@/workers/worker-protocol';
import { type CutProgress, solveCut } from './solve-cut';

/** What is asked of the worker: an order to be cut as well as can be proven, and how long it may take [s]. */
export interface CutTasks {
  readonly cut: {
    readonly question: { readonly order: CutOrder; readonly limitS: number };
    readonly progress: CutProgress;
    readonly answer: CutAnswer;
  };
}

/** Looks for the fewest bars beside the page; whoever has enough ends the worker. */
serve<CutTasks>({
  cut: async ({ order, limitS }, tell) => {
    const highs = await loadHighs();
    const solved = solveCut(
      order,
      (program, timeLimitS) => highs.solve(program, { time_limit: timeLimitS }),
      limitS,
      () => performance.now() / 1000,
      tell,
    );
    return cutAnswer(order, solved);
  },
});
