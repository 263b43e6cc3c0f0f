import { METRES_PER_INCH, type Measures } from '../quantity/length';

/** Hole saws as sets are sold (value from memory). */
const INCH_SAWS = [
  0.625, 0.75, 0.875, 1, 1.125, 1.25, 1.375, 1.5, 1.625, 1.75, 1.875, 2, 2.125, 2.25, 2.375, 2.5, 2.625, 2.75, 2.875, 3,
  3.125, 3.25, 3.375, 3.5, 3.625, 3.75, 4, 4.125, 4.25, 4.375, 4.5, 4.75, 5, 5.25, 5.5, 5.75, 6, 6.625, 7, 7.25,
] as const;
const MM_SAWS = [
  16, 17, 19, 20, 21, 22, 24, 25, 27, 28, 29, 30, 32, 33, 35, 37, 38, 40, 41, 43, 44, 46, 48, 51, 52, 54, 56, 57, 59,
  60, 64, 65, 67, 68, 70, 73, 76, 79, 83, 86, 89, 92, 95, 98, 102, 105, 108, 111, 114, 121, 127, 133, 140, 146, 152,
] as const;

/** A saw further than this from the hole is another hole. Our judgement. */
const NEAR_M = 0.0012;

/** The saws of a region's set, smallest first [m]. */
const SAWS_M = {
  'in-gal': INCH_SAWS.map((inches) => inches * METRES_PER_INCH),
  'mm-l': MM_SAWS.map((mm) => mm / 1000),
} as const satisfies Readonly<Record<Measures, readonly number[]>>;

/** The saw of a region's set that is nearest to a diameter; the smaller of two that are as near [m]. */
const nearestSawM = (diameterM: number, measures: Measures): number =>
  SAWS_M[measures].reduce((best, saw) => (Math.abs(saw - diameterM) < Math.abs(best - diameterM) ? saw : best));

/** The saw for a hole: it fits, its hole is another but one that the seal allows, or there is none and how it is cut. */
export type SawFit =
  | { readonly fit: 'fits' | 'allowed'; readonly sawM: number }
  | { readonly fit: 'template' | 'core' };

/**
 * The saw of the region's set for a hole.
 *
 * @param holeMm what the seal allows, least and most; undefined where nothing seals it yet
 * @param cored  a wall of concrete is cored, not sawn
 */
export function sawFit(
  diameterM: number,
  measures: Measures,
  holeMm: readonly [number, number] | undefined,
  cored: boolean,
): SawFit {
  if (cored) return { fit: 'core' };
  const sawM = nearestSawM(diameterM, measures);
  if (Math.abs(sawM - diameterM) <= NEAR_M) return { fit: 'fits', sawM };
  const allowed = holeMm && sawM * 1000 >= holeMm[0] && sawM * 1000 <= holeMm[1];
  return allowed ? { fit: 'allowed', sawM } : { fit: 'template' };
}

/** What a shank of this diameter wants [m]: play all round, and the smallest saw of the region's set that leaves it. */
export interface HoleForShank {
  readonly leastM: number;
  readonly mostM: number;
  /** Undefined where no saw of the set is between: cut it to a template. */
  readonly sawM: number | undefined;
}

/** A shank passes with this much play, and is still covered with that much (common practice). */
const LEAST_PLAY_M = 0.0008;
const MOST_PLAY_M = 0.004;

/** The hole for a shank that was measured, whatever a table says: makers differ. */
export function holeForShank(shankM: number, measures: Measures): HoleForShank {
  const [leastM, mostM] = [shankM + LEAST_PLAY_M, shankM + MOST_PLAY_M];
  const sawM = SAWS_M[measures].find((saw) => saw >= leastM && saw <= mostM);
  return { leastM, mostM, sawM };
}
