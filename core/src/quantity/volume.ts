import type { Measures } from './length';

/** US liquid gallon, exact by definition: 231 cubic inches of 0.0254 m. */
export const M3_PER_US_GALLON = 231 * 0.0254 ** 3;
/** Imperial gallon, exact by definition (UK Weights and Measures Act 1985): 4.54609 L. */
export const M3_PER_IMPERIAL_GALLON = 0.00454609;
export const M3_PER_LITRE = 0.001;
/** Cubic yard, exact by definition (international yard and pound agreement, 1959). */
export const M3_PER_CUBIC_YARD = 0.9144 ** 3;

/**
 * A volume of water as the job reads it, whole gallons or litres.
 * With `both` the second unit follows once, as money and water are decided in it: `110 gal, 416 L`.
 */
export function formatVolume(m3: number, measures: Measures, both = false): string {
  if (!Number.isFinite(m3)) throw new RangeError('formatVolume: not finite');
  const gallons = `${Math.round(m3 / M3_PER_US_GALLON)} gal`;
  const litres = `${Math.round(m3 / M3_PER_LITRE)} L`;
  if (measures === 'mm-l') return both ? `${litres}, ${gallons}` : litres;
  return both ? `${gallons}, ${litres}` : gallons;
}

/** Exact by definition (international foot, 1959). */
export const M2_PER_SQUARE_FOOT = 0.3048 ** 2;

/** A roof's plan area as the job reads it: `640 sq ft`, `59 m2`. */
export const formatArea = (m2: number, measures: Measures): string =>
  measures === 'mm-l' ? `${Math.round(m2)} m2` : `${Math.round(m2 / M2_PER_SQUARE_FOOT)} sq ft`;
