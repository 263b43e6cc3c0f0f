import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly SealRow[] = [
  ['3', 90, 100, 95, 114],
  ['4', 118, 130, 124, 146],
  ['6', 160, 175, 168, 200],
];

/** A grate or basket that lies in an opening of the top by its rim. */
export const dropGrate = defineWallSeal({
  id: 'drop-grate',
  words: ['drop', 'grate'],
  called: 'grate',
  walls: ['plastic', 'metal', 'concrete'],
  where: 'top',
  side: 'no nut: lies by its rim',
  inside: 'nothing: lifts out for cleaning',
  why: 'Its rim rests on the edge all round; cut the opening smaller than the rim. Mesh of about 1 mm under it keeps insects out.',
  sizes: sealSizes(ROWS, [0.5, 60], 'follows'),
});
