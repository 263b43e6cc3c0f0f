import { type CutOrder } from '@herrero/core';
import loadHighs from 'highs';
import { type CutProgress, type SolvedCut, solveCut } from './solve-cut';

/** What is asked of the worker: orders to be cut as well as can be proven, and how long each may take [s]. */
export interface ToCutWorker {
  readonly orders: readonly CutOrder[];
  readonly limitS: number;
}

/** By the place of the order: how far it has come, or what was found; or why nothing can be. */
export type FromCutWorker =
  | { readonly kind: 'progress'; readonly place: number; readonly progress: CutProgress }
  | { readonly kind: 'solved'; readonly place: number; readonly solved: SolvedCut }
  | { readonly kind: 'failed'; readonly message: string };

const tell = (message: FromCutWorker): void => self.postMessage(message);

/** Looks for the fewest bars beside the page; whoever has enough ends the worker. */
self.addEventListener('message', ({ data: { orders, limitS } }: MessageEvent<ToCutWorker>) => {
  loadHighs()
    .then((highs) => {
      for (const [place, order] of orders.entries()) {
        const solved = solveCut(
          order,
          (program, timeLimitS) => highs.solve(program, { time_limit: timeLimitS }),
          limitS,
          () => performance.now() / 1000,
          (progress) => tell({ kind: 'progress', place, progress }),
        );
        tell({ kind: 'solved', place, solved });
      }
    })
    .catch((error: unknown) => tell({ kind: 'failed', message: String(error) }));
});
