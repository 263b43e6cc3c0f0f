import type { NominalSize } from '../../../quantity/size';
import { WALL_SEAL_SOURCE, type WallSealStyle } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly (readonly [NominalSize, number, number, number, number])[] = [
  ['3', 90, 100, 95, 114],
  ['4', 118, 130, 124, 146],
  ['6', 160, 175, 168, 200],
];

/** A grate or basket that lies in an opening of the top by its rim. */
export const dropGrate: WallSealStyle = {
  id: 'drop-grate',
  words: ['drop', 'grate'],
  called: 'grate',
  walls: ['plastic', 'metal', 'concrete'],
  where: 'top',
  needsHand: false,
  onACord: false,
  side: 'no nut: lies by its rim',
  inside: 'nothing: lifts out for cleaning',
  washer: false,
  holdsPull: false,
  clampsLiner: false,
  why: 'Its rim rests on the edge all round; cut the opening smaller than the rim. Mesh of about 1 mm under it keeps insects out.',
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
