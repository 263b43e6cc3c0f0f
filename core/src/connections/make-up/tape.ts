import { type NominalSize, sizeInInches } from '../../quantity/size';
import { type Material, isMetal } from '../material';
import type { Need } from '../mating';
import { type Range, rowOf } from '../standards/thread-standard';

/** Turns of ordinary sealing tape by size: metal, plastic, stainless; passes side by side (common practice, no source). */
type TapeRow = readonly [NominalSize, metal: Range, plastic: Range, stainless: Range, passes: number];

const ROWS: readonly TapeRow[] = [
  ['1/8', [2, 3], [2, 2], [2, 4], 1],
  ['1/4', [2, 3], [2, 2], [2, 4], 1],
  ['3/8', [2, 3], [2, 2], [2, 4], 1],
  ['1/2', [3, 4], [2, 3], [3, 5], 1],
  ['3/4', [3, 4], [2, 3], [3, 5], 1],
  ['1', [3, 5], [2, 4], [3, 6], 1],
  ['1-1/4', [4, 5], [3, 4], [4, 6], 1],
  ['1-1/2', [4, 6], [3, 5], [4, 7], 1],
  ['2', [4, 6], [3, 5], [4, 7], 1],
  ['2-1/2', [5, 7], [4, 6], [5, 8], 1],
  ['3', [6, 8], [5, 7], [6, 9], 2],
  ['4', [6, 8], [5, 7], [6, 9], 2],
];

/** Tape as sold: thickness pressed to solid is thickness x density / 2.16, the density of solid PTFE (from memory). */
const THICKNESS_MM = 0.09;
const DENSITY = 0.7;
const SOLID_DENSITY = 2.16;
export const SOLID_TAPE_MM = (THICKNESS_MM * DENSITY) / SOLID_DENSITY;

/** The turns of tape fitters wind on a male of this size and material, least and most. An unknown material is taken for metal: more tape does less harm. */
export function tapeTurns(size: NominalSize, maleMaterial: Material | undefined): Range {
  const [, metal, plastic, stainless] = rowOf(ROWS, size, 'tapeTurns');
  if (maleMaterial === 'stainless') return stainless;
  return maleMaterial === undefined || isMetal(maleMaterial) ? metal : plastic;
}

/** Length of tape for a number of turns: circumference at the crests x turns x passes (geometry), up to the centimetre [m]. */
export const tapeLengthM = (size: NominalSize, crestMm: number, turns: number): number =>
  Math.ceil((Math.PI * crestMm * turns * rowOf(ROWS, size, 'tapeLengthM')[4]) / 10) / 100;

/**
 * The tape a taper joint needs: the fuller end of what fitters wind, and the length that takes.
 *
 * @param crestMm diameter over the crests of the male
 */
export function tapeFor(size: NominalSize, crestMm: number, maleMaterial: Material | undefined): Need {
  const [, turns] = tapeTurns(size, maleMaterial);
  return { kind: 'tape', size, turns, lengthM: tapeLengthM(size, crestMm, turns) };
}

/** Width of tape for the size, as sold (value from memory). */
export const tapeWidthIn = (size: NominalSize): number =>
  sizeInInches(size) < 1 ? 0.5 : sizeInInches(size) < 2.5 ? 0.75 : 1;
