import type { NominalSize } from '../../../quantity/size';
import { RADIUS_PER_FLANGE, defineWallSeal, inch, inches } from './wall-seal';

const GRIP_LEAST_IN = 0.06;

/** Size, hole least, most and usual, flange least and most, thickest wall; inches, from memory. */
const ROWS: readonly (readonly [NominalSize, number, number, number, number, number, number])[] = [
  ['1/2', 1.125, 1.625, 1.375, 1.75, 2.4, 0.75],
  ['3/4', 1.375, 1.75, 1.625, 2, 2.8, 0.75],
  ['1', 1.75, 2.125, 1.875, 2.4, 3.3, 0.9],
  ['1-1/4', 2.125, 2.75, 2.375, 2.9, 3.9, 1],
  ['1-1/2', 2.375, 2.875, 2.5, 3.1, 4.2, 1],
  ['2', 2.875, 3.375, 3.125, 3.7, 5, 1.25],
  ['3', 4.125, 4.75, 4.25, 5.2, 6.8, 1.5],
  ['4', 5.25, 6, 5.5, 6.5, 8.5, 1.5],
];

/** A fitting with a head and a rubber on the wet side and a nut outside; threaded or with a socket. */
export const bulkhead = defineWallSeal({
  id: 'bulkhead',
  words: ['bulkhead', 'shank'],
  called: 'bulkhead',
  walls: ['plastic', 'metal'],
  needsHand: true,
  onACord: true,
  side: 'nut outside',
  inside: 'head with its one rubber',
  washer: true,
  holdsPull: true,
  why: 'One rubber under the fixed head, on the wet side; the nut pulls it flat against the wall. Measure the shank before you saw: makers differ.',
  tighten: 'Nut hand tight, then a quarter to half a turn.',
  sizes: ROWS.map(([size, least, most, usual, flangeLeast, flangeMost, grip]) => ({
    size,
    holeMm: inches([least, most]),
    typicalHoleMm: inch(usual),
    gripMm: inches([GRIP_LEAST_IN, grip]),
    flangeMm: inch((flangeLeast + flangeMost) / 2),
    leastRadiusMm: RADIUS_PER_FLANGE * inch(flangeLeast),
  })),
});
