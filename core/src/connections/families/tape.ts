import type { Material } from '../material';
import { isMetal } from '../material';
import { type NominalSize, sizeInInches } from '../../quantity/size';
import type { Need } from '../mating';

interface TapeRow {
  readonly metalTurns: number;
  readonly plasticTurns: number;
  /** Passes side by side that cover the thread with the usual tape for the size. */
  readonly passes: number;
}

/** Turns of ordinary sealing tape, the fuller end of what fitters wind (common practice, no source). */
const TABLE: Partial<Record<NominalSize, TapeRow>> = {
  '1/2': { metalTurns: 4, plasticTurns: 3, passes: 1 },
  '3/4': { metalTurns: 4, plasticTurns: 3, passes: 1 },
  '1': { metalTurns: 5, plasticTurns: 4, passes: 1 },
  '1-1/4': { metalTurns: 5, plasticTurns: 4, passes: 1 },
  '1-1/2': { metalTurns: 6, plasticTurns: 5, passes: 1 },
  '2': { metalTurns: 6, plasticTurns: 5, passes: 1 },
  '2-1/2': { metalTurns: 7, plasticTurns: 6, passes: 1 },
  '3': { metalTurns: 8, plasticTurns: 7, passes: 2 },
};

/**
 * The tape a taper joint needs: turns by size and material of the male, and the length that takes.
 * The length is the circumference at the crests times turns times passes (geometry), rounded up to the centimetre.
 *
 * @param crestMm diameter over the crests of the male
 */
export function tapeFor(size: NominalSize, crestMm: number, maleMaterial: Material | undefined): Need {
  const row = TABLE[size];
  if (!row) throw new RangeError(`tapeFor: no row for ${size}`);
  const turns = maleMaterial === undefined || isMetal(maleMaterial) ? row.metalTurns : row.plasticTurns;
  const lengthM = Math.ceil((Math.PI * crestMm * turns * row.passes) / 10) / 100;
  return { kind: 'tape', size, turns, lengthM };
}

/** Width of tape for the size, as sold (value from memory). */
export const tapeWidthIn = (size: NominalSize): number =>
  sizeInInches(size) < 1 ? 0.5 : sizeInInches(size) < 2.5 ? 0.75 : 1;
