import { catalogueWith } from '@herrero/core';
import { type RouteAnswer, type ToWorker, answer } from './route-question';

let catalogue = catalogueWith([], []);

/** The way finder beside the page: the index of the catalogue is built once here, and the page never waits for a search. */
self.addEventListener('message', ({ data }: MessageEvent<ToWorker>) => {
  if (data.kind === 'own') {
    catalogue = catalogueWith(data.own, data.holdings);
    return;
  }
  const reply: RouteAnswer = { id: data.id, routes: answer(data.question, catalogue) };
  self.postMessage(reply);
});
