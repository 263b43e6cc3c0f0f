import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly SealRow[] = [
  ['3/4', 24, 30, 27, 70],
  ['1', 30, 36, 33, 80],
  ['1-1/2', 45, 52, 48, 100],
  ['2', 57, 65, 60, 115],
];

/** A threaded boss welded to a wall of the same plastic, or moulded in. */
export const weldedBoss = defineWallSeal({
  id: 'welded-boss',
  words: ['welded', 'boss'],
  called: 'boss',
  walls: ['plastic'],
  side: 'no nut: welded on from outside',
  inside: 'nothing: all from outside',
  byTrade: true,
  holdsPull: true,
  why: 'Spin-, hot-tool- or extrusion-welded by somebody who is trained, and only of the same grade of polyethylene: no glue holds on it.',
  sizes: sealSizes(ROWS, [3, 25], 'flat'),
});
