'use client';

import { type Routes } from '@herrero/core';
import { useEffect, useState } from 'react';
import { type Known, useOwn } from '../catalogue/catalogue-provider';
import { type RouteAnswer, type RouteQuestion, type ToWorker, answer } from './route-question';

type Listener = (routes: Routes) => void;

let worker: Worker | undefined;
let told: Known | undefined;
let asked = 0;
const waiting = new Map<number, Listener>();

/** One worker for the page, started with the first question. */
function theWorker(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./route-worker.ts', import.meta.url), { type: 'module' });
  worker.addEventListener('message', ({ data }: MessageEvent<RouteAnswer>) => {
    waiting.get(data.id)?.(data.routes);
    waiting.delete(data.id);
  });
  return worker;
}

/** Asks the worker; where there is none (in a test, in an old browser) the answer is found here. Answers how to stop waiting. */
function ask(question: RouteQuestion, known: Known, listener: Listener): () => void {
  if (typeof Worker === 'undefined') {
    const timer = setTimeout(() => listener(answer(question, known.catalogue)));
    return () => clearTimeout(timer);
  }
  const tell = (message: ToWorker): void => theWorker().postMessage(message);
  if (told !== known) {
    tell({ kind: 'own', own: known.own, holdings: known.holdings });
    told = known;
  }
  const id = ++asked;
  waiting.set(id, listener);
  tell({ kind: 'ask', id, question });
  return () => waiting.delete(id);
}

/**
 * The routes of a question, found beside the page. Undefined while it is being looked for; an answer is never shown for
 * another question than its own.
 *
 * @param question  questions that say the same are the same; undefined: nothing is asked
 */
export function useRoutes(question: RouteQuestion | undefined): Routes | undefined {
  const known = useOwn();
  const key = question ? JSON.stringify(question) : '';
  const [answered, setAnswered] = useState<{ readonly key: string; readonly routes: Routes }>();
  useEffect(
    () =>
      key === '' ? undefined : ask(JSON.parse(key) as RouteQuestion, known, (routes) => setAnswered({ key, routes })),
    [key, known],
  );
  return answered?.key === key ? answered.routes : undefined;
}
