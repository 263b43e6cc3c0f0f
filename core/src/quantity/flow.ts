import type { Measures } from './length';
import { KPA_PER_PSI } from './pressure';
import { M3_PER_LITRE, M3_PER_US_GALLON } from './volume';

const SECONDS_PER_MINUTE = 60;

/** A flow in the measures of the region: `4.2 gpm`, `16 L/min`, `0.04 gpm`: a small one by two figures, so that it is not nothing. */
export function formatFlow(m3s: number, measures: Measures): string {
  const perMinute = (m3s * SECONDS_PER_MINUTE) / (measures === 'in-gal' ? M3_PER_US_GALLON : M3_PER_LITRE);
  const shown =
    perMinute >= 10
      ? `${Math.round(perMinute)}`
      : perMinute >= 1 || perMinute === 0
        ? perMinute.toFixed(1)
        : `${Number(perMinute.toPrecision(2))}`;
  return `${shown} ${measures === 'in-gal' ? 'gpm' : 'L/min'}`;
}

/** A pressure in the measures of the region: `2.4 psi`, `17 kPa`. */
export const formatPressure = (kPa: number, measures: Measures): string =>
  measures === 'in-gal'
    ? `${(kPa / KPA_PER_PSI).toFixed(1)} psi`
    : `${kPa < 10 ? kPa.toFixed(1) : Math.round(kPa)} kPa`;
