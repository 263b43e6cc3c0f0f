import { bench, describe } from 'vitest';
import { everyEnd } from './every-end';
import type { End } from './end';
import { identifyThread } from './identify/identify';
import { judge, mate } from './mate';
import { makeUp } from './make-up/make-up';
import { OVER_AN_INCH, readThreads } from '../test/read-threads';

const ends = everyEnd();
/** A thousand pairs that differ, threads most of all, in an order no cache could help with. */
const pairs: readonly (readonly [End, End])[] = Array.from({ length: 1000 }, (_, index) => [
  ends[(index * 7919) % ends.length] as End,
  ends[(index * 104_729 + 13) % ends.length] as End,
]);
const threads = ends.filter(({ kind }) => kind === 'thread');
const threadPairs: readonly (readonly [End, End])[] = Array.from({ length: 1000 }, (_, index) => [
  threads[(index * 7919) % threads.length] as End,
  threads[(index * 104_729 + 13) % threads.length] as End,
]);

describe('judging without memo: one run is a thousand pairs, so 1000 runs a second are a million pairs', () => {
  bench('judge a thousand pairs of every kind', () => {
    for (const [a, b] of pairs) judge(a, b);
  });
  bench('judge a thousand pairs of threads', () => {
    for (const [a, b] of threadPairs) judge(a, b);
  });
  bench('mate a thousand pairs, with text', () => {
    for (const [a, b] of pairs) mate(a, b);
  });
});

describe('within one frame (16 ms): the bench', () => {
  bench('identify a thread', () => void identifyThread({ sex: 'male', diameterMm: 26.5, pitchMm: 25.4 / 14 }));
  bench('read every thread of the tables once by hand', () => void readThreads(OVER_AN_INCH, 1, 7));
  bench('make up a joint from its dry fit', () => {
    const [a, b] = [threads[0] as End, threads[1] as End];
    makeUp(a, b, {}, { handTurns: 5 });
  });
});
