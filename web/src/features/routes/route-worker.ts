import { catalogueWith } from '@herrero/core';
import { type FromWorker, type ToWorker, answer } from './route-question';

let catalogue = catalogueWith([], []);

/** The way finder beside the page: the index of the catalogue is built once here, and the page never waits for a search. */
self.addEventListener('message', ({ data }: MessageEvent<ToWorker>) => {
  if (data.kind === 'own') {
    catalogue = catalogueWith(data.own, data.holdings);
    return;
  }
  const reply: FromWorker = { id: data.id, answer: answer(data.kind, data.question, catalogue) };
  self.postMessage(reply);
});
