import { WALL_SEAL_SIZES, wallSealSize } from '../connections/standards/wall-seals';
import type { NominalSize } from '../quantity/size';
import type { NoDrillBand } from './tank';

/** Without a hole size nobody knows how much flat it needs; a bulkhead's flange is the careful guess. */
const guessed: NominalSize = '1/2';

/** Half of the flat an opening needs [m]: its flange, or at least its hole. */
export function flangeRadiusM(size: NominalSize, holeM: number | undefined): number {
  const known = WALL_SEAL_SIZES.includes(size) ? size : guessed;
  return Math.max(wallSealSize('bulkhead', known).flangeMm / 2000, (holeM ?? 0) / 2);
}

/** The first zone that a flange of this radius at this height reaches into; undefined where it lies flat. */
export const zoneAt = (bands: readonly NoDrillBand[], heightM: number, radiusM: number): NoDrillBand | undefined =>
  bands.find(({ fromM, toM }) => heightM + radiusM > fromM + TOUCH_M && heightM - radiusM < toM - TOUCH_M);

/** A flange may touch a zone. */
const TOUCH_M = 0.0005;

/** The height nearest to `heightM` at which the flange lies flat; undefined where there is none below `topM`. */
export function nearestFreeM(
  bands: readonly NoDrillBand[],
  heightM: number,
  radiusM: number,
  topM: number,
): number | undefined {
  const edges = bands.flatMap(({ fromM, toM }) => [fromM - radiusM, toM + radiusM]);
  const free = [heightM, ...edges].filter(
    (edge) => edge - radiusM >= -TOUCH_M && edge <= topM && !zoneAt(bands, edge, radiusM),
  );
  return free.sort((a, b) => Math.abs(a - heightM) - Math.abs(b - heightM))[0];
}
