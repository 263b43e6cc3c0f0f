import type { CheckContext } from '../../derived/context';
import { tankOf } from '../../job/lookup';
import { METRES_PER_FOOT, type Measures } from '../../quantity/length';
import type { Use } from '../list/trace';
import type { PartsLine } from '../list/parts-list';
import { packed } from './packed';
import { putIn } from './put-in';

/** From the foot of the tank to its top, and so much to make fast and to hold by [m] (common practice). */
const BEYOND_M = 1;
/** How it is sold (common practice). */
const COIL: Readonly<Record<Measures, { readonly code: string; readonly holds: number; readonly words: string }>> = {
  'in-gal': { code: 'LL-50', holds: 50 * METRES_PER_FOOT, words: '1/4 in, coil of 50 ft' },
  'mm-l': { code: 'LL-10', holds: 10, words: '6 mm, coil of 10 m' },
};
const COIL_USD = 9;

/** Pumps that are hung now and for which nobody has written a lifting line down, with the line each takes [m]. */
export const hung = (context: CheckContext): readonly { readonly use: Use; readonly lengthM: number }[] =>
  putIn(context).flatMap(({ part, penetration, use }) => {
    const tank = tankOf(context.job, penetration);
    const written = context.job.extras.some(
      ({ kind, tankId, penetrationId }) =>
        kind === 'lifting-line' &&
        (tankId === null || tankId === tank?.id) &&
        (penetrationId === null || penetrationId === penetration.id),
    );
    return part.features.includes('pump') && part.ends.length === 1 && tank && !written
      ? [{ use, lengthM: tank.heightM + BEYOND_M }]
      : [];
  });

/** What a pump is let down and lifted by: never by its cord, nor by its pipe. */
export function liftingLines(context: CheckContext): PartsLine[] {
  const own = hung(context);
  if (own.length === 0) return [];
  const { code, holds, words } = COIL[context.job.measures];
  return [
    packed({
      code,
      title: 'Lifting line of a pump',
      detail: `polyester, ${words}`,
      need: own.reduce((sum, { lengthM }) => sum + lengthM, 0),
      unit: 'm',
      holds,
      packUsd: COIL_USD,
      uses: own.map(({ use }) => use),
      note: 'made fast above the water; a pump is never lifted by its cord',
    }),
  ];
}
