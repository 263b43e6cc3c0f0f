import type { NominalSize } from '../../../quantity/size';
import { RADIUS_PER_FLANGE, WALL_SEAL_SOURCE, type WallSealStyle } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly (readonly [NominalSize, number, number, number, number])[] = [
  ['1/2', 21.5, 23, 22, 45],
  ['3/4', 27, 28.5, 27, 52],
  ['1', 33.5, 36, 35, 60],
  ['1-1/4', 42.5, 45, 44, 72],
  ['1-1/2', 48.5, 51, 51, 80],
  ['2', 60.5, 64, 64, 95],
];

/** A pipe nipple with a rubber and a locknut on both sides: for want of a bulkhead. */
export const nippleAndRubbers: WallSealStyle = {
  id: 'nipple-and-rubbers',
  words: ['double-rubber', 'nipple'],
  called: 'nipple',
  walls: ['plastic', 'metal'],
  where: 'anywhere',
  needsHand: true,
  onACord: false,
  side: 'a locknut and a rubber on either side',
  inside: 'rubber, plate washer and locknut',
  washer: true,
  holdsPull: true,
  clampsLiner: false,
  why: 'A rubber and a plate washer under each locknut; the nipple passes loosely. Keep two threads showing past each locknut.',
  tighten: 'Locknuts against one another, hand tight and half a turn.',
  source: WALL_SEAL_SOURCE,
  sizes: ROWS.map(([size, least, most, usual, flangeMm]) => ({
    size,
    holeMm: [least, most],
    typicalHoleMm: usual,
    gripMm: [0.6, 20],
    flangeMm,
    leastRadiusMm: RADIUS_PER_FLANGE * flangeMm,
  })),
};
