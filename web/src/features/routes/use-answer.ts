'use client';

import { useEffect, useRef, useState } from 'react';
import { workerClient } from '@/workers/worker-client';
import { type Outcome } from '@/workers/worker-protocol';
import { type Known, useOwn } from '../../store/catalogue-provider';
import { type Asked, type RouteTasks, routeTasks } from './route-question';

/** What was last told of stock; nothing to a worker that has just begun. */
let told: Known | undefined;
const client = workerClient<RouteTasks>(
  () => new Worker(new URL('./route-worker.ts', import.meta.url), { type: 'module' }),
  { onBegun: () => (told = undefined) },
);

/** Asks the worker; where there is none (in a test, in an old browser) the answer is found here. Answers how to stop waiting. */
function ask<Kind extends Asked>(
  kind: Kind,
  question: RouteTasks[Kind]['question'],
  known: Known,
  listener: (outcome: Outcome<RouteTasks[Kind]['answer']>) => void,
  onProgress: (soFar: RouteTasks[Kind]['progress']) => void,
): () => void {
  const { own, holdings, offCuts } = known;
  if (typeof Worker === 'undefined') {
    let stopped = false;
    void Promise.resolve().then(() => {
      if (stopped) return;
      const tasks = routeTasks();
      tasks.stock({ own, holdings, offCuts });
      listener({ state: 'ok', answer: tasks[kind](question as never) });
    });
    return () => {
      stopped = true;
    };
  }
  const tell = (): void => {
    client.ask('stock', { own, holdings, offCuts }, ({ state }) => {
      if (state === 'failed') told = undefined;
    });
    told = known;
  };
  if (told !== known) tell();
  return client.ask(kind, question, listener, onProgress);
}

/** An answer that is looked for beside the page: there, still looked for, or why it cannot be had. */
export interface Answered<Answer, Progress = never> {
  readonly answer: Answer | undefined;
  /** What is found already, while it is looked for. */
  readonly soFar: Progress | undefined;
  /** Why it failed; undefined while it is looked for and when it is there. */
  readonly failed: string | undefined;
  readonly again: () => void;
}

/**
 * The answer to a question, found beside the page. An answer is never shown for another question than its own.
 *
 * @param key       questions of the same key are the same; empty: nothing is asked
 * @param question  asked anew whenever the key changes
 */
export function useAnswer<Kind extends Asked>(
  kind: Kind,
  key: string,
  question: RouteTasks[Kind]['question'] | undefined,
): Answered<RouteTasks[Kind]['answer'], RouteTasks[Kind]['progress']> {
  const known = useOwn();
  const [turn, setTurn] = useState(0);
  const [ended, setEnded] = useState<{
    readonly key: string;
    readonly outcome: Outcome<RouteTasks[Kind]['answer']>;
  }>();
  const [found, setFound] = useState<{ readonly key: string; readonly soFar: RouteTasks[Kind]['progress'] }>();
  const latest = useRef(question);
  useEffect(() => {
    latest.current = question;
  });
  useEffect(() => {
    const now = latest.current;
    return key === '' || now === undefined
      ? undefined
      : ask(
          kind,
          now,
          known,
          (outcome) => {
            if (outcome.state !== 'cancelled') setEnded({ key, outcome });
          },
          (soFar) => setFound({ key, soFar }),
        );
  }, [kind, key, known, turn]);
  const outcome = ended?.key === key ? ended.outcome : undefined;
  return {
    answer: outcome?.state === 'ok' ? outcome.answer : undefined,
    soFar: outcome === undefined && found?.key === key ? found.soFar : undefined,
    failed: outcome?.state === 'failed' ? outcome.message : undefined,
    again: () => {
      setEnded(undefined);
      setTurn((before) => before + 1);
    },
  };
}
