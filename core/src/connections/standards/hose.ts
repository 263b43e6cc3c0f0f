import type { Source } from '../../provenance';
import type { NominalSize } from '../../quantity/size';

/** A hose bore, the barb made for it, and the clamp that closes over both, in mm. */
export interface HoseSize {
  readonly size: NominalSize;
  readonly boreMm: number;
  /** Over the crests of the barb, least and most. */
  readonly barbCrestMm: readonly [number, number];
  readonly outsideOnBarbMm: number;
  /** Worm-drive clamp number. */
  readonly clampNumber: number;
  readonly clampsPerJoint: number;
  readonly barbLengthMm: number;
}

export const HOSE_SOURCES: readonly Source[] = [
  { document: 'hose bores and barb crests', provenance: 'from-memory' },
  { document: 'SAE J1508 clamp ranges', provenance: 'from-memory' },
];

export const HOSE_SIZES: readonly HoseSize[] = [
  {
    size: '1/2',
    boreMm: 12.7,
    barbCrestMm: [13.2, 14.3],
    outsideOnBarbMm: 18,
    clampNumber: 8,
    clampsPerJoint: 1,
    barbLengthMm: 25,
  },
  {
    size: '5/8',
    boreMm: 15.875,
    barbCrestMm: [16.4, 17.6],
    outsideOnBarbMm: 22.5,
    clampNumber: 12,
    clampsPerJoint: 1,
    barbLengthMm: 28,
  },
  {
    size: '3/4',
    boreMm: 19.05,
    barbCrestMm: [19.7, 21],
    outsideOnBarbMm: 26.5,
    clampNumber: 16,
    clampsPerJoint: 1,
    barbLengthMm: 30,
  },
  {
    size: '1',
    boreMm: 25.4,
    barbCrestMm: [26.1, 27.5],
    outsideOnBarbMm: 34,
    clampNumber: 20,
    clampsPerJoint: 1,
    barbLengthMm: 36,
  },
  {
    size: '1-1/4',
    boreMm: 31.75,
    barbCrestMm: [32.5, 34],
    outsideOnBarbMm: 41,
    clampNumber: 28,
    clampsPerJoint: 1,
    barbLengthMm: 40,
  },
  {
    size: '1-1/2',
    boreMm: 38.1,
    barbCrestMm: [39, 40.6],
    outsideOnBarbMm: 48,
    clampNumber: 32,
    clampsPerJoint: 2,
    barbLengthMm: 46,
  },
  {
    size: '2',
    boreMm: 50.8,
    barbCrestMm: [52, 54],
    outsideOnBarbMm: 62,
    clampNumber: 40,
    clampsPerJoint: 2,
    barbLengthMm: 56,
  },
];

/** @throws RangeError there is no hose of this size */
export function hoseSize(size: NominalSize): HoseSize {
  const found = HOSE_SIZES.find((row) => row.size === size);
  if (!found) throw new RangeError(`hoseSize: none of ${size}`);
  return found;
}
