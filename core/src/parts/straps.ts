import { strapsFor } from '../assembly/support-spacing';
import { isDownpipe } from '../fittings/capability';
import { isByLength } from '../fittings/part';
import { inventedPriceUsd } from '../fittings/part-family';
import type { Job } from '../job/job';
import type { StrandItem } from '../job/run';
import { sizeCode, sizeWords } from '../quantity/size';
import { packed } from './packed';
import type { PartsLine } from './parts-list';
import { useOfHole, useOfPart } from './trace';

/** Invented price of a strap, by the size it holds. */
const STRAP_USD = 2.4;

/** Straps for what is held beside its hole, since a gasket holds no pull, and along the pipes that are said to be held. */
export function strapLines({ penetrations }: Job, placedIn: ReadonlyMap<string, readonly StrandItem[]>): PartsLine[] {
  const beside = penetrations.flatMap(({ id, supported, size, label }) =>
    supported ? [{ size, ...useOfHole({ id, label }), count: 1 }] : [],
  );
  const along = penetrations.flatMap(({ id, label }) =>
    (placedIn.get(id) ?? []).flatMap(({ placed, part }) =>
      placed.held && !(isByLength(part) && isDownpipe(part))
        ? [{ size: part.size, ...useOfPart(placed.id, { id, label }), count: strapsFor(part, placed.lengthM) }]
        : [],
    ),
  );
  const held = [...beside, ...along];
  return [...new Set(held.map(({ size }) => size))].map((size) => {
    const own = held.filter((one) => one.size === size);
    const count = own.reduce((sum, one) => sum + one.count, 0);
    return packed({
      code: `ST-${sizeCode(size)}`,
      title: 'Pipe strap with fixings',
      detail: `for ${sizeWords(size)} pipe`,
      need: count,
      packUsd: inventedPriceUsd(STRAP_USD, size),
      uses: own,
      note: beside.some((one) => one.size === size) ? 'one within 12 in, 300 mm, of the wall' : undefined,
    });
  });
}
