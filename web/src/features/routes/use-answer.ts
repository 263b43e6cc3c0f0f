'use client';

import { useEffect, useRef, useState } from 'react';
import { type Known, useOwn } from '../catalogue/catalogue-provider';
import { type Answers, type Asked, type FromWorker, type ToWorker } from './route-question';

let worker: Worker | undefined;
let told: Known | undefined;
let asked = 0;
const waiting = new Map<number, (answer: never) => void>();

/** One worker for the page, started with the first question. */
function theWorker(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./route-worker.ts', import.meta.url), { type: 'module' });
  worker.addEventListener('message', ({ data }: MessageEvent<FromWorker>) => {
    waiting.get(data.id)?.(data.answer as never);
    waiting.delete(data.id);
  });
  return worker;
}

/** Asks the worker; where there is none (in a test, in an old browser) the answer is found here. Answers how to stop waiting. */
function ask<Kind extends Asked>(
  kind: Kind,
  question: Answers[Kind]['question'],
  known: Known,
  listener: (answer: Answers[Kind]['answer']) => void,
): () => void {
  if (typeof Worker === 'undefined') {
    let stopped = false;
    void import('./route-question').then(({ answer }) => {
      if (!stopped) listener(answer(kind, question, known.catalogue));
    });
    return () => {
      stopped = true;
    };
  }
  if (told !== known) {
    const own: ToWorker = { kind: 'own', own: known.own, holdings: known.holdings };
    theWorker().postMessage(own);
    told = known;
  }
  const id = ++asked;
  waiting.set(id, listener);
  theWorker().postMessage({ kind, id, question });
  return () => waiting.delete(id);
}

/**
 * The answer to a question, found beside the page. Undefined while it is being looked for; an answer is never shown for
 * another question than its own.
 *
 * @param key       questions of the same key are the same; empty: nothing is asked
 * @param question  asked anew whenever the key changes
 */
export function useAnswer<Kind extends Asked>(
  kind: Kind,
  key: string,
  question: Answers[Kind]['question'] | undefined,
): Answers[Kind]['answer'] | undefined {
  const known = useOwn();
  const [answered, setAnswered] = useState<{ readonly key: string; readonly answer: Answers[Kind]['answer'] }>();
  const latest = useRef(question);
  useEffect(() => {
    latest.current = question;
  });
  useEffect(() => {
    const now = latest.current;
    return key === '' || now === undefined
      ? undefined
      : ask(kind, now, known, (found) => setAnswered({ key, answer: found }));
  }, [kind, key, known]);
  return answered?.key === key ? answered.answer : undefined;
}
