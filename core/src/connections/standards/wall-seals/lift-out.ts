import type { NominalSize } from '../../../quantity/size';
import { WALL_SEAL_SOURCE, type WallSealStyle } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly (readonly [NominalSize, number, number, number, number])[] = [
  ['2', 62, 66, 64, 90],
  ['3', 91, 96, 92, 125],
  ['4', 116, 121, 117, 155],
  ['110', 112, 117, 114, 150],
];

/** A piece of pipe or a filter that stands in an opening of the top and lifts out. */
export const liftOut: WallSealStyle = {
  id: 'lift-out',
  words: ['lift-out', 'collar'],
  called: 'lift-out piece',
  walls: ['plastic', 'metal', 'concrete'],
  where: 'top',
  needsHand: false,
  onACord: false,
  side: 'no nut: stands in its collar',
  inside: 'nothing: lifts out',
  washer: false,
  holdsPull: false,
  clampsLiner: false,
  why: 'Stands loose in its collar, so that it can be lifted out and what is below be reached. It seals against light and insects, not against water.',
  source: WALL_SEAL_SOURCE,
  sizes: ROWS.map(([size, least, most, usual, flangeMm]) => ({
    size,
    holeMm: [least, most],
    typicalHoleMm: usual,
    gripMm: [0.5, 60],
    flangeMm,
    leastRadiusMm: flangeMm / 2,
  })),
};
