import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly SealRow[] = [
  ['1/2', 21.5, 24, 22, 34],
  ['3/4', 25, 29, 27, 40],
  ['1', 34, 36, 34, 50],
];

/** The shank of a tap or float valve, with a washer and a nut on either side. */
export const tapShank = defineWallSeal({
  id: 'tap-shank',
  words: ['tap', 'shank'],
  called: 'shank',
  walls: ['plastic', 'metal'],
  needsHand: true,
  side: 'washer and backnut inside, washer outside',
  inside: 'a second washer and the backnut',
  washer: true,
  holdsPull: true,
  purpose: 'valve',
  why: 'A washer on each side and the backnut inside. Keep at least four threads under the backnut where a shank is shortened.',
  tighten: 'Backnut hand tight, then a quarter to half a turn.',
  sizes: sealSizes(ROWS, [1, 12], 'flat'),
});
