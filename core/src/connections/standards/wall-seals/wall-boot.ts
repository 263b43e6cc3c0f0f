import type { NominalSize } from '../../../quantity/size';
import { type WallSealStyle } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly (readonly [NominalSize, number, number, number, number])[] = [
  ['4', 178, 184, 178, 200],
  ['110', 178, 184, 178, 200],
];

/** A flexible boot clamped round the pipe, cast in or expanded into a cored hole. */
export const wallBoot: WallSealStyle = {
  id: 'wall-boot',
  words: ['wall', 'boot'],
  called: 'boot',
  walls: ['concrete'],
  where: 'anywhere',
  needsHand: false,
  onACord: false,
  side: 'steel band on the pipe, from outside',
  inside: 'expanding band, set from the hole itself',
  washer: true,
  holdsPull: false,
  clampsLiner: false,
  why: 'The boot takes a little settlement: its band is expanded in the hole and a second one clamped on the pipe.',
  tighten: 'Bands to the torque on the package.',
  source: { document: 'ASTM C923 family, sizes from memory', provenance: 'from-memory' },
  sizes: ROWS.map(([size, least, most, usual, flangeMm]) => ({
    size,
    holeMm: [least, most],
    typicalHoleMm: usual,
    gripMm: [50, 300],
    flangeMm,
    leastRadiusMm: flangeMm / 2,
  })),
};
