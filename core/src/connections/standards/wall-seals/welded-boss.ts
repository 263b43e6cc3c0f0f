import type { NominalSize } from '../../../quantity/size';
import { RADIUS_PER_FLANGE, WALL_SEAL_SOURCE, type WallSealStyle } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly (readonly [NominalSize, number, number, number, number])[] = [
  ['3/4', 24, 30, 27, 70],
  ['1', 30, 36, 33, 80],
  ['1-1/2', 45, 52, 48, 100],
  ['2', 57, 65, 60, 115],
];

/** A threaded boss welded to a wall of the same plastic, or moulded in. */
export const weldedBoss: WallSealStyle = {
  id: 'welded-boss',
  words: ['welded', 'boss'],
  called: 'boss',
  walls: ['plastic'],
  where: 'anywhere',
  needsHand: false,
  onACord: false,
  side: 'no nut: welded on from outside',
  inside: 'nothing: all from outside',
  washer: false,
  holdsPull: true,
  clampsLiner: false,
  why: 'Spin-, hot-tool- or extrusion-welded by somebody who is trained, and only of the same grade of polyethylene: no glue holds on it.',
  source: WALL_SEAL_SOURCE,
  sizes: ROWS.map(([size, least, most, usual, flangeMm]) => ({
    size,
    holeMm: [least, most],
    typicalHoleMm: usual,
    gripMm: [3, 25],
    flangeMm,
    leastRadiusMm: RADIUS_PER_FLANGE * flangeMm,
  })),
};
