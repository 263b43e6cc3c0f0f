import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly SealRow[] = [
  ['1/2', 21.5, 23, 22, 45],
  ['3/4', 27, 28.5, 27, 52],
  ['1', 33.5, 36, 35, 60],
  ['1-1/4', 42.5, 45, 44, 72],
  ['1-1/2', 48.5, 51, 51, 80],
  ['2', 60.5, 64, 64, 95],
];

/** A pipe nipple with a rubber and a locknut on both sides: for want of a bulkhead. */
export const nippleAndRubbers = defineWallSeal({
  id: 'nipple-and-rubbers',
  words: ['double-rubber', 'nipple'],
  called: 'nipple',
  walls: ['plastic', 'metal'],
  needsHand: true,
  side: 'a locknut and a rubber on either side',
  inside: 'rubber, plate washer and locknut',
  washer: true,
  holdsPull: true,
  why: 'A rubber and a plate washer under each locknut; the nipple passes loosely. Keep two threads showing past each locknut.',
  tighten: 'Locknuts against one another, hand tight and half a turn.',
  sizes: sealSizes(ROWS, [0.6, 20], 'flat'),
});
