import { MM_PER_INCH } from '../quantity/length';
import { isMetal } from '../connections/material';
import { type Part, isByLength, outsideMmOf } from '../fittings/part';
import { isFlexible } from '../fittings/flexible';

const METRES_PER_FOOT = 0.3048;

/** Level Schedule 40 PVC full of water at 27 C, 80 F: from this outside diameter so many feet (values from memory). */
const PLASTIC_FT: readonly (readonly [fromMm: number, feet: number])[] = [
  [0.84 * MM_PER_INCH, 4.5],
  [1.315 * MM_PER_INCH, 5],
  [1.66 * MM_PER_INCH, 5.5],
  [2.875 * MM_PER_INCH, 6.5],
  [3.5 * MM_PER_INCH, 7],
  [6.625 * MM_PER_INCH, 8],
];
/** Thinner plastic than any of these (common practice). */
const LEAST_FT = 3;
/** Copper and steel (common practice). */
const METAL_FT = 6;

/** How far a level pipe may go from support to support [m]; undefined for what bends by hand and lies on the ground. */
export function supportSpacingM(part: Part): number | undefined {
  if (!isByLength(part) || isFlexible(part)) return undefined;
  if (isMetal(part.material)) return METAL_FT * METRES_PER_FOOT;
  const outsideMm = outsideMmOf(part);
  const feet = PLASTIC_FT.findLast(([fromMm]) => outsideMm >= fromMm - 1)?.[1] ?? LEAST_FT;
  return feet * METRES_PER_FOOT;
}

/** Straps along a length that is held: one at most every so far, and one at least; a fitting takes one. */
export const strapsFor = (part: Part, lengthM: number | null): number =>
  Math.max(1, Math.ceil((lengthM ?? 0) / (supportSpacingM(part) ?? Number.POSITIVE_INFINITY)));
