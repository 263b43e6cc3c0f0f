import type { TrimStep } from '../../job/job';
import { formatLength } from '../../quantity/length';
import type { Piece } from './cut-plan';

export const TRIM_NAMES: Readonly<Record<TrimStep, string>> = {
  'dry-fit': 'at the dry fit',
  fixed: 'once it is fixed',
  backfill: 'before backfill',
  'hand-over': 'at hand-over',
};

/** A length as two tapes show it, to the millimetre and the nearest 1/16 in: `1080 mm, 42-1/2 in`. */
export const bothLengths = (metres: number): string =>
  `${formatLength(metres, 'mm-l')}, ${formatLength(metres, 'in-gal')}`;

/** How a piece is cut, in words. Only what is computed is said as exact. */
export function cutWords({ lengthM, kind, trimAt, spareM = 0 }: Piece): string {
  switch (kind) {
    case 'measured':
      return `about ${bothLengths(lengthM)}: measure it on site before it is cut`;
    case 'left-long':
      return `about ${bothLengths(lengthM)}, left long: trim to about ${bothLengths(lengthM - spareM)} ${trimAt == null ? 'when it fits' : TRIM_NAMES[trimAt]}`;
    default:
      return bothLengths(lengthM);
  }
}
