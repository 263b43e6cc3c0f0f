import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size of the way in, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly SealRow[] = [
  ['4', 112, 122, 115, 150],
  ['6', 162, 172, 165, 205],
];

/** A ring screwed to a top with a cover that turns into it: a way in for a hand. */
export const screwCover = defineWallSeal({
  id: 'screw-cover',
  words: ['screw', 'cover'],
  called: 'screw-down cover',
  walls: ['plastic', 'metal'],
  where: 'top',
  side: 'no nut: screws or rivets through its ring',
  inside: 'nothing: all from outside',
  washer: true,
  purpose: 'cover',
  why: 'The ring lies on its rubber and is screwed down; the cover keeps out light, insects and children only while it is shut and locked.',
  sizes: sealSizes(ROWS, [2, 12], 'flat'),
});
