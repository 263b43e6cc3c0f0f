import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly SealRow[] = [
  ['1', 35, 40, 38, 115],
  ['1-1/4', 44, 50, 48, 130],
  ['1-1/2', 51, 57, 54, 140],
  ['2', 62, 70, 65, 152],
  ['3', 92, 102, 95, 191],
  ['4', 118, 127, 121, 229],
];

/** A threaded flange bolted through the wall, with a counter flange and gaskets: for liner and sheet steel. */
export const boltedFlange = defineWallSeal({
  id: 'bolted-flange',
  words: ['bolted', 'flange'],
  called: 'flange',
  walls: ['plastic', 'metal'],
  needsHand: true,
  side: 'counter flange inside, bolts drawn up outside',
  inside: 'counter flange and its gasket, clamping the liner',
  washer: true,
  holdsPull: true,
  clampsLiner: true,
  why: 'Two flanges and two gaskets clamp the wall, and the liner between them. Bolts crosswise, in three rounds.',
  tighten: 'Bolts crosswise in three rounds, then once more after the first fill.',
  sizes: sealSizes(ROWS, [0.5, 25], 'flat'),
});
