import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly SealRow[] = [
  ['2', 62, 66, 64, 90],
  ['3', 91, 96, 92, 125],
  ['4', 116, 121, 117, 155],
  ['110', 112, 117, 114, 150],
];

/** A piece of pipe or a filter that stands in an opening of the top and lifts out. */
export const liftOut = defineWallSeal({
  id: 'lift-out',
  words: ['lift-out', 'collar'],
  called: 'lift-out piece',
  walls: ['plastic', 'metal', 'concrete'],
  where: 'top',
  side: 'no nut: stands in its collar',
  inside: 'nothing: lifts out',
  why: 'Stands loose in its collar, so that it can be lifted out and what is below be reached. It seals against light and insects, not against water.',
  sizes: sealSizes(ROWS, [0.5, 60], 'follows'),
});
