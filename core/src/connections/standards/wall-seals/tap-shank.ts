import type { NominalSize } from '../../../quantity/size';
import { RADIUS_PER_FLANGE, WALL_SEAL_SOURCE, type WallSealStyle } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly (readonly [NominalSize, number, number, number, number])[] = [
  ['1/2', 21.5, 24, 22, 34],
  ['3/4', 25, 29, 27, 40],
  ['1', 34, 36, 34, 50],
];

/** The shank of a tap or float valve, with a washer and a nut on either side. */
export const tapShank: WallSealStyle = {
  id: 'tap-shank',
  words: ['tap', 'shank'],
  called: 'shank',
  walls: ['plastic', 'metal'],
  where: 'anywhere',
  needsHand: true,
  onACord: false,
  side: 'washer and backnut inside, washer outside',
  inside: 'a second washer and the backnut',
  washer: true,
  holdsPull: true,
  clampsLiner: false,
  why: 'A washer on each side and the backnut inside. Keep at least four threads under the backnut where a shank is shortened.',
  tighten: 'Backnut hand tight, then a quarter to half a turn.',
  source: WALL_SEAL_SOURCE,
  sizes: ROWS.map(([size, least, most, usual, flangeMm]) => ({
    size,
    holeMm: [least, most],
    typicalHoleMm: usual,
    gripMm: [1, 12],
    flangeMm,
    leastRadiusMm: RADIUS_PER_FLANGE * flangeMm,
  })),
};
