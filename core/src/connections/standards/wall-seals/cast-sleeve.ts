import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly SealRow[] = [
  ['2', 60, 110, 90, 130],
  ['3', 90, 150, 120, 170],
  ['4', 115, 180, 150, 200],
  ['110', 112, 180, 150, 200],
];

/** A sleeve with a water bar, set in the form before the concrete is poured. */
export const castSleeve = defineWallSeal({
  id: 'cast-sleeve',
  words: ['cast', 'sleeve'],
  called: 'sleeve',
  walls: ['concrete'],
  side: 'no nut: cast in',
  inside: 'nothing: flush with the wall',
  byTrade: true,
  holdsPull: true,
  why: 'The water bar stands in the middle of the wall; set before pouring, or grouted into a cored hole with non-shrink grout.',
  sizes: sealSizes(ROWS, [60, 400], 'follows'),
});
