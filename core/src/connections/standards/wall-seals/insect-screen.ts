import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly SealRow[] = [
  ['1/2', 20, 24, 22, 32],
  ['3/4', 25, 30, 27, 38],
  ['1', 32, 36, 35, 45],
  ['1-1/2', 45, 52, 48, 60],
  ['2', 58, 65, 60, 75],
  ['3', 86, 95, 89, 105],
  ['4', 112, 122, 114, 135],
];

/** A plain hole with an insect-tight mesh clipped into it: above the highest water only. */
export const insectScreen = defineWallSeal({
  id: 'insect-screen',
  words: ['insect', 'screen'],
  called: 'screen',
  walls: ['plastic', 'metal', 'concrete'],
  where: 'dry',
  purpose: 'air',
  side: 'no nut: clips in from outside',
  inside: 'nothing: all from outside',
  why: 'Above the highest water the hole only has to keep insects and light out: a mesh of about 1 mm does.',
  sizes: sealSizes(ROWS, [0.5, 150], 'follows'),
});
