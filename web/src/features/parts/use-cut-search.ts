'use client';

import { type CutBars, bought, isToSearch, takeCut } from '@herrero/core';
import { useEffect, useRef, useState } from 'react';
import { useJob } from '../desk/job-provider';
import { type CutProgress } from '@/cutting/solve-cut';
import { type FromCutWorker, type ToCutWorker } from '@/cutting/cut-worker';

/** So long one kind of pipe may take [s]. */
const LIMIT_S = 2;

export interface CutSearch {
  /** How far it has come; undefined: nothing is being looked for. */
  readonly progress: CutProgress | undefined;
  readonly problem: string | undefined;
  /** Looks for fewer bars and a longer off-cut, of all that is cut. */
  readonly search: () => void;
  readonly cancel: () => void;
}

/** The quick plan is there at once; where it is not proven the fewest bars are looked for in a worker, which can be ended. */
export function useCutSearch(cuts: readonly CutBars[]): CutSearch {
  const replan = useJob((state) => state.replan);
  const worker = useRef<Worker>(undefined);
  const [progress, setProgress] = useState<CutProgress>();
  const [problem, setProblem] = useState<string>();

  const cancel = (): void => {
    worker.current?.terminate();
    worker.current = undefined;
    setProgress(undefined);
  };
  useEffect(() => () => worker.current?.terminate(), []);

  const search = (): void => {
    cancel();
    if (typeof Worker === 'undefined') return;
    setProblem(undefined);
    const orders = cuts.filter(isToSearch).map(({ order }) => order);
    if (orders.length === 0) return;
    const started = new Worker(new URL('../../cutting/cut-worker.ts', import.meta.url), { type: 'module' });
    worker.current = started;
    setProgress({ bars: bought(cuts.flatMap(({ bars }) => bars)), leastBars: 0, rounds: 0 });
    started.addEventListener('message', ({ data }: MessageEvent<FromCutWorker>) => {
      if (data.kind === 'progress') return setProgress(data.progress);
      if (data.kind === 'failed') {
        setProblem('The search could not be started; the quick plan stands.');
        return cancel();
      }
      const order = orders[data.place];
      if (order) takeCut(order, data.solved);
      if (data.place === orders.length - 1) {
        cancel();
        replan();
      }
    });
    started.addEventListener('error', () => {
      setProblem('The search could not be started; the quick plan stands.');
      cancel();
    });
    const question: ToCutWorker = { orders, limitS: LIMIT_S };
    started.postMessage(question);
  };

  // What is not proven is looked for by itself, once for each set of pieces.
  const open = cuts.some(isToSearch);
  const key = open ? JSON.stringify(cuts.map(({ order }) => order.pieces.map(({ lengthM }) => lengthM))) : '';
  const begin = useRef(search);
  useEffect(() => {
    begin.current = search;
  });
  useEffect(() => {
    if (key === '') return;
    const soon = setTimeout(() => begin.current(), 400);
    return () => clearTimeout(soon);
  }, [key]);

  return { progress, problem, search, cancel };
}
