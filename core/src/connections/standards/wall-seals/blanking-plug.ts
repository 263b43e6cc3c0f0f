import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly SealRow[] = [
  ['1/2', 21, 24, 22, 38],
  ['3/4', 27, 30, 28, 46],
  ['1', 33, 37, 35, 56],
  ['1-1/4', 41, 46, 43, 66],
  ['1-1/2', 48, 53, 50, 74],
  ['2', 60, 66, 62, 90],
];

/** A plug with a rubber and a wing nut that closes a hole nobody needs any more. */
export const blankingPlug = defineWallSeal({
  id: 'blanking-plug',
  words: ['blanking', 'plug'],
  called: 'blanking plug',
  walls: ['plastic', 'metal'],
  needsHand: true,
  onACord: true,
  side: 'head and rubber inside, wing nut outside',
  inside: 'the head with its rubber',
  washer: true,
  purpose: 'cover',
  why: 'The rubber lies on the wet side and the nut pulls it on the wall.',
  tighten: 'Wing nut hand tight; once more after a day.',
  sizes: sealSizes(ROWS, [1, 20], 'flat'),
});
