'use client';

import { type Routes } from '@herrero/core';
import { useEffect, useState } from 'react';
import { type AskedQuestion, type RouteAnswer, type RouteQuestion, answer } from './route-question';

type Listener = (routes: Routes) => void;

let worker: Worker | undefined;
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
function ask(question: RouteQuestion, listener: Listener): () => void {
  if (typeof Worker === 'undefined') {
    const timer = setTimeout(() => listener(answer(question)));
    return () => clearTimeout(timer);
  }
  const id = ++asked;
  waiting.set(id, listener);
  const message: AskedQuestion = { id, ...question };
  theWorker().postMessage(message);
  return () => waiting.delete(id);
}

/**
 * The routes of a question, found beside the page. Undefined while it is being looked for; an answer is never shown for
 * another question than its own.
 *
 * @param question  questions that say the same are the same; undefined: nothing is asked
 */
export function useRoutes(question: RouteQuestion | undefined): Routes | undefined {
  const key = question ? JSON.stringify(question) : '';
  const [answered, setAnswered] = useState<{ readonly key: string; readonly routes: Routes }>();
  useEffect(
    () => (key === '' ? undefined : ask(JSON.parse(key) as RouteQuestion, (routes) => setAnswered({ key, routes }))),
    [key],
  );
  return answered?.key === key ? answered.routes : undefined;
}
