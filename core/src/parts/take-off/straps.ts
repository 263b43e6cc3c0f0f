import { strapsFor } from '../../assembly/support-spacing';
import { inGround } from '../../assembly/trench';
import { isDownpipe } from '../../fittings/capability';
import { isByLength } from '../../fittings/part';
import { inventedPriceUsd } from '../../fittings/part-family';
import type { CheckContext } from '../../derived/context';
import { type NominalSize, sizeCode, sizeWords } from '../../quantity/size';
import { packed } from './packed';
import type { PartsLine } from '../list/parts-list';
import { putIn } from './put-in';
import { type Use, useOfHole } from '../list/trace';

/** Invented price of a strap, by the size it holds. */
const STRAP_USD = 2.4;

/** What is strapped, and how many straps it takes. */
export function strapped(context: CheckContext): readonly Strapped[] {
  const beside = context.job.penetrations
    .filter(({ supported }) => supported)
    .map((hole) => ({ size: hole.size, use: useOfHole(hole), count: 1, beside: true }));
  const along = putIn(context)
    .filter(
      ({ placed, part }) => placed.held && !(isByLength(part) && isDownpipe(part)) && !inGround(context).has(placed.id),
    )
    .map(({ placed, part, use }) => ({
      size: part.size,
      use,
      count: strapsFor(part, placed.lengthM),
      beside: false,
    }));
  return [...beside, ...along];
}

interface Strapped {
  readonly size: NominalSize;
  readonly use: Use;
  readonly count: number;
  /** Beside a hole, since a gasket holds no pull. */
  readonly beside: boolean;
}

/** Straps for what is held beside its hole, since a gasket holds no pull, and along the pipes that are said to be held; what lies in the ground lies on its bed. */
export function strapLines(context: CheckContext): PartsLine[] {
  const held = strapped(context);
  return [...new Set(held.map(({ size }) => size))].map((size) => {
    const own = held.filter((one) => one.size === size);
    const count = own.reduce((sum, one) => sum + one.count, 0);
    return packed({
      code: `ST-${sizeCode(size)}`,
      title: 'Pipe strap with fixings',
      detail: `for ${sizeWords(size)} pipe`,
      need: count,
      packUsd: inventedPriceUsd(STRAP_USD, size),
      uses: own.map(({ use }) => use),
      note: own.some(({ beside }) => beside)
        ? `one within ${context.job.measures === 'mm-l' ? '300 mm' : '12 in'} of the wall`
        : undefined,
    });
  });
}
