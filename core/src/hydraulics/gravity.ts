import { METRES_PER_INCH } from '../quantity/length';
import { M3_PER_US_GALLON } from '../quantity/volume';

/** Manning's roughness of smooth plastic (handbook value, from memory). */
export const MANNING_PLASTIC = 0.011;
/** What the storm drain tables of the codes come to: joints, dirt and a bend are in it (fitted to a table from memory). */
const MANNING_STORM = 0.015;

/**
 * Flow of a round drain that runs part full [m3/s], by Manning: Q = A R^(2/3) S^(1/2) / n.
 *
 * @param fall  of its length, above 0; at or below nothing comes
 * @param fill  depth over bore, 0 to 1
 */
export function drainM3s(boreM: number, fall: number, fill = 1, roughness = MANNING_STORM): number {
  if (fall <= 0 || fill <= 0) return 0;
  const half = Math.acos(1 - 2 * Math.min(1, fill));
  const radius = boreM / 2;
  const area = radius ** 2 * (half - Math.sin(half) * Math.cos(half));
  const wetted = 2 * radius * half;
  return (area * (area / wetted) ** (2 / 3) * Math.sqrt(fall)) / roughness;
}

/** An upright pipe stays open to the air while the falling water fills no more of it (handbook value, from memory). */
const LEADER_FILL = 1 / 3;

/**
 * What comes down an upright pipe as a film on its wall [m3/s]: q = 27.8 r^(5/3) d^(8/3), in US gallons a minute and
 * inches, at a third full.
 *
 * @param boreM of a round pipe; of a rectangular one the bore of a round one of the same area
 * @source Wyly and Eaton (1961), NBS Monograph 31; from memory
 */
export const leaderM3s = (boreM: number, fill = LEADER_FILL): number =>
  (27.8 * fill ** (5 / 3) * (boreM / METRES_PER_INCH) ** (8 / 3) * M3_PER_US_GALLON) / 60;

/** Plastic pipe may be strained so far while it is spread cold (common practice; it whitens before it tears). */
const SPREAD_STRAIN = 0.01;

/**
 * How far the slit of a pipe cut open lengthwise can be spread [m]: a thin ring bent open, gap = 3 pi R2 strain / t.
 *
 * @param radiusM to the middle of the wall
 * @source bending of a slit ring: M = 2 F R opposite the slit, gap = 3 pi F R3 / E I
 */
export const spreadM = (radiusM: number, wallM: number, strain = SPREAD_STRAIN): number =>
  (3 * Math.PI * radiusM ** 2 * strain) / wallM;
