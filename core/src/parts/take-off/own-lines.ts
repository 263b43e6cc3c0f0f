import type { CheckContext } from '../../derived/context';
import { ownSealIn } from '../../derived/ports';
import type { OwnSeal, Penetration } from '../../job/job';
import { sizeCode, sizeWords } from '../../quantity/size';
import { packed } from './packed';
import type { PartsLine } from '../list/parts-list';
import { useOfHole } from '../list/trace';

/** What somebody puts on or into a hole himself, as it is bought: its code, its name and an invented price; null: nobody knows one. */
const BOUGHT: Readonly<
  Partial<Record<OwnSeal, { readonly code: string; readonly title: string; readonly packUsd: number | null }>>
> = {
  cap: { code: 'OC', title: 'Cap over a hole', packUsd: 5 },
  plug: { code: 'OP', title: 'Plug for a hole', packUsd: 4 },
  hatch: { code: 'OH', title: 'Hatch over a hole', packUsd: 28 },
  'second-lid': { code: 'OL', title: 'Second lid', packUsd: 32 },
  other: { code: 'OW', title: 'Seal of one’s own', packUsd: null },
};

/** Holes in which something of one's own is, and nothing of the catalogue: it is bought unless it is there. */
export const ownSealed = ({ job, index }: CheckContext): readonly Penetration[] =>
  job.penetrations.filter((hole) => ownSealIn(hole, index) !== undefined);

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
    return item ? [packed({ ...item, need: 1, uses: [useOfHole(hole)], note: 'nobody rates it as a seal' })] : [];
  });
