import type { NominalSize } from '../../../quantity/size';
import { WALL_SEAL_SOURCE, type WallSealStyle } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly (readonly [NominalSize, number, number, number, number])[] = [
  ['2', 60, 110, 90, 130],
  ['3', 90, 150, 120, 170],
  ['4', 115, 180, 150, 200],
  ['110', 112, 180, 150, 200],
];

/** A sleeve with a water bar, set in the form before the concrete is poured. */
export const castSleeve: WallSealStyle = {
  id: 'cast-sleeve',
  words: ['cast', 'sleeve'],
  called: 'sleeve',
  walls: ['concrete'],
  where: 'anywhere',
  needsHand: false,
  onACord: false,
  side: 'no nut: cast in',
  inside: 'nothing: flush with the wall',
  washer: false,
  holdsPull: true,
  clampsLiner: false,
  why: 'The water bar stands in the middle of the wall; set before pouring, or grouted into a cored hole with non-shrink grout.',
  source: WALL_SEAL_SOURCE,
  sizes: ROWS.map(([size, least, most, usual, flangeMm]) => ({
    size,
    holeMm: [least, most],
    typicalHoleMm: usual,
    gripMm: [60, 400],
    flangeMm,
    leastRadiusMm: flangeMm / 2,
  })),
};
