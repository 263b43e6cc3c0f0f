import type { CheckContext } from '../../derived/context';
import type { OwnSeal, Penetration } from '../../job/job';
import { sizeCode, sizeWords } from '../../quantity/size';
import { packed } from './packed';
import type { PartsLine } from './parts-list';
import { useOfHole } from './trace';

/** What somebody puts on or into a hole himself, as it is bought: its code, its name and an invented price; null: nobody knows one. */
const BOUGHT: Readonly<
  Partial<Record<OwnSeal, { readonly code: string; readonly title: string; readonly usd: number | null }>>
> = {
  cap: { code: 'OC', title: 'Cap over a hole', usd: 5 },
  plug: { code: 'OP', title: 'Plug for a hole', usd: 4 },
  hatch: { code: 'OH', title: 'Hatch over a hole', usd: 28 },
  'second-lid': { code: 'OL', title: 'Second lid', usd: 32 },
  other: { code: 'OW', title: 'Seal of one’s own', usd: null },
};

/** Is something of one's own in it, and nothing of the catalogue? It is bought unless it is there. */
const isOwn = (hole: Penetration, { runs }: CheckContext): boolean =>
  hole.ownSeal !== null &&
  !hole.stands &&
  hole.port === null &&
  (runs.find(({ penetration }) => penetration.id === hole.id)?.strands ?? []).every(({ items }) => items.length === 0);

export const ownSealed = (context: CheckContext): readonly Penetration[] =>
  context.job.penetrations.filter((hole) => isOwn(hole, context));

/** Holes that silicone alone closes. */
export const siliconed = (context: CheckContext): readonly Penetration[] =>
  ownSealed(context).filter(({ ownSeal }) => ownSeal === 'silicone');

/** The code and the words by which what is in a hole is listed; undefined where nothing is bought for it. */
export function ownSealItem({ ownSeal, ownSealWords, size }: Penetration) {
  const bought = ownSeal === null ? undefined : BOUGHT[ownSeal];
  return (
    bought && {
      ...bought,
      code: `${bought.code}-${sizeCode(size)}`,
      detail: ownSeal === 'other' ? (ownSealWords ?? 'not said yet') : `for ${sizeWords(size)}, as measured`,
    }
  );
}

/** One line a hole: two of them are seldom alike. */
export const ownSealLines = (context: CheckContext): readonly PartsLine[] =>
  ownSealed(context).flatMap((hole) => {
    const item = ownSealItem(hole);
    if (!item) return [];
    const line = packed({
      code: item.code,
      title: item.title,
      detail: item.detail,
      need: 1,
      packUsd: item.usd ?? 0,
      uses: [useOfHole(hole)],
      note: 'nobody rates it as a seal',
    });
    return [item.usd === null ? { ...line, priceUsd: null } : line];
  });
