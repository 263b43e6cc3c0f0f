import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size, hole least, most and usual, flange; mm. M20, M25 and M32 glands, called by the inch that comes next (EN 62444, from memory). */
const ROWS: readonly SealRow[] = [
  ['1/2', 20, 21, 20.5, 27],
  ['3/4', 25, 26, 25.5, 34],
  ['1', 32, 33.5, 32.5, 42],
];

/** The long thread of 15 mm less its locknut (range of the trade, from memory). */
const GRIP_MM = [1, 10] as const;

/** A rubber that a cap nut squeezes round a cord: holds it and keeps out insects and spray. */
export const cableGland = defineWallSeal({
  id: 'cable-gland',
  words: ['cable', 'gland'],
  called: 'cable gland',
  walls: ['plastic', 'metal'],
  where: 'dry',
  needsHand: true,
  side: 'cap nut outside, locknut inside',
  inside: 'the locknut',
  washer: true,
  purpose: 'cord',
  why: 'The cap nut squeezes its rubber round the cord; the cord must lie within the range that is printed on it.',
  tighten: 'Locknut a quarter turn past hand tight, then the cap nut until the cord no longer slides.',
  sizes: sealSizes(ROWS, GRIP_MM, 'flat'),
});
