import { type AskedQuestion, type RouteAnswer, answer } from './route-question';

/** The way finder beside the page: the index of the catalogue is built once here, and the page never waits for a search. */
self.addEventListener('message', ({ data }: MessageEvent<AskedQuestion>) => {
  const reply: RouteAnswer = { id: data.id, routes: answer(data) };
  self.postMessage(reply);
});
