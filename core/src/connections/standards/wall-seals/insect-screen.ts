import type { NominalSize } from '../../../quantity/size';
import { WALL_SEAL_SOURCE, type WallSealStyle } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly (readonly [NominalSize, number, number, number, number])[] = [
  ['1/2', 20, 24, 22, 32],
  ['3/4', 25, 30, 27, 38],
  ['1', 32, 36, 35, 45],
  ['1-1/2', 45, 52, 48, 60],
  ['2', 58, 65, 60, 75],
  ['3', 86, 95, 89, 105],
  ['4', 112, 122, 114, 135],
];

/** A plain hole with an insect-tight mesh clipped into it: above the highest water only. */
export const insectScreen: WallSealStyle = {
  id: 'insect-screen',
  words: ['insect', 'screen'],
  called: 'screen',
  walls: ['plastic', 'metal', 'concrete'],
  where: 'dry',
  needsHand: false,
  onACord: false,
  side: 'no nut: clips in from outside',
  inside: 'nothing: all from outside',
  washer: false,
  holdsPull: false,
  clampsLiner: false,
  why: 'Above the highest water the hole only has to keep insects and light out: a mesh of about 1 mm does.',
  source: WALL_SEAL_SOURCE,
  sizes: ROWS.map(([size, least, most, usual, flangeMm]) => ({
    size,
    holeMm: [least, most],
    typicalHoleMm: usual,
    gripMm: [0.5, 150],
    flangeMm,
    leastRadiusMm: flangeMm / 2,
  })),
};
