import type { NominalSize } from '../quantity/size';

/** Centre of an elbow or tee to the foot of its socket, in inches (typical, value from memory). */
export const TAKE_OFF_IN: readonly (readonly [NominalSize, number])[] = [
  ['1/2', 0.5],
  ['3/4', 0.5625],
  ['1', 0.6875],
  ['1-1/4', 0.9375],
  ['1-1/2', 1.0625],
  ['2', 1.3125],
  ['3', 1.875],
];

/** A threaded fitting is about this much longer from its centre than a socketed one (common practice). */
export const THREAD_ADDS_IN = 0.12;
