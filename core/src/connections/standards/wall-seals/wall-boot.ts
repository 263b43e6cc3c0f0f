import { type SealRow, defineWallSeal, sealSizes } from './wall-seal';

/** Size, hole least, most and usual, flange; mm, from memory. */
const ROWS: readonly SealRow[] = [
  ['4', 178, 184, 178, 200],
  ['110', 178, 184, 178, 200],
];

/** A flexible boot clamped round the pipe, cast in or expanded into a cored hole. */
export const wallBoot = defineWallSeal({
  id: 'wall-boot',
  words: ['wall', 'boot'],
  called: 'boot',
  walls: ['concrete'],
  side: 'steel band on the pipe, from outside',
  inside: 'expanding band, set from the hole itself',
  washer: true,
  roundAny: true,
  why: 'The boot takes a little settlement: its band is expanded in the hole and a second one clamped on the pipe.',
  tighten: 'Bands to the torque on the package.',
  source: { document: 'ASTM C923 family, sizes from memory', provenance: 'from-memory' },
  sizes: sealSizes(ROWS, [50, 300], 'follows'),
});
