import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly SealRow[] = [
  ['1', 70, 80, 76, 85],
  ['1-1/2', 86, 97, 89, 105],
  ['2', 98, 111, 102, 120],
  ['3', 127, 140, 127, 150],
  ['4', 152, 164, 152, 175],
  ['110', 150, 162, 152, 175],
  // Round polyethylene: the links fill 20 to 26 mm all round, in a hole of a usual core bit.
  ['32', 72, 84, 78, 95],
  ['50', 90, 102, 92, 112],
  ['63', 103, 115, 107, 125],
];

/** Rubber links bolted round a pipe in a cored hole or sleeve; tightened from one side. */
export const linkSeal = defineWallSeal({
  id: 'link-seal',
  words: ['link', 'seal'],
  called: 'link seal',
  walls: ['concrete'],
  side: 'bolts drawn up from outside',
  inside: 'nothing: tightened from outside',
  washer: true,
  roundAny: true,
  why: 'The links swell against pipe and hole as their bolts are drawn up, in turn, until they all bulge. The hole must be smooth: cored, not broken out.',
  tighten: 'Bolts in turn, a quarter turn at a time.',
  sizes: sealSizes(ROWS, [75, 400], 'follows'),
});
