'use client';

import { type CutBars, bought, cutQuestion, isToSearch } from '@herrero/core';
import { useEffect, useRef, useState } from 'react';
import { useJob } from '../../store/job-provider';
import { type CutTasks } from '@/cutting/cut-worker';
import { type CutProgress } from '@/cutting/solve-cut';
import { workerClient } from '@/workers/worker-client';

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

const client = workerClient<CutTasks>(
  () => new Worker(new URL('../../cutting/cut-worker.ts', import.meta.url), { type: 'module' }),
  { endOnCancel: true },
);

/** The quick plan is there at once; where it is not proven the fewest bars are looked for in a worker, which can be ended. */
export function useCutSearch(cuts: readonly CutBars[]): CutSearch {
  const learn = useJob((state) => state.learn);
  const running = useRef<readonly (() => void)[]>([]);
  const [progress, setProgress] = useState<CutProgress>();
  const [problem, setProblem] = useState<string>();

  const stop = (): void => {
    for (const cancelOne of running.current) cancelOne();
    running.current = [];
  };
  const cancel = (): void => {
    stop();
    setProgress(undefined);
  };
  useEffect(() => stop, []);

  const search = (): void => {
    cancel();
    if (typeof Worker === 'undefined') return;
    setProblem(undefined);
    const orders = cuts.filter(isToSearch).map(({ order }) => order);
    if (orders.length === 0) return;
    setProgress({ bars: bought(cuts.flatMap(({ bars }) => bars)), leastBars: 0, rounds: 0 });
    let open = orders.length;
    running.current = orders.map((order) =>
      client.ask(
        'cut',
        { order, limitS: LIMIT_S },
        (outcome) => {
          if (outcome.state === 'cancelled') return;
          if (outcome.state === 'failed') setProblem(`The search failed: ${outcome.message}. The quick plan stands.`);
          else learn(cutQuestion(order), outcome.answer);
          if (--open === 0) setProgress(undefined);
        },
        setProgress,
      ),
    );
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
