import { goesRound } from '../fittings/capability';
import { isByLength } from '../fittings/part';
import type { CheckContext } from '../job/context';
import type { Run, StrandItem } from '../job/run';
import { formatStockLength } from '../quantity/length';
import { cents } from './cents';
import { cutPlan, leastBars } from './cut-plan';
import type { CutBars, PartsLine } from './parts-list';
import { type Use, traced, useOfPart } from './trace';

/** How every length of the job is cut from stock, by what is cut. */
export function cutBars(
  { runs }: CheckContext,
  placedIn: ReadonlyMap<string, readonly StrandItem[]>,
): readonly CutBars[] {
  const items = runs.flatMap(({ penetration }) =>
    (placedIn.get(penetration.id) ?? [])
      .filter(({ part }) => isByLength(part))
      .map((item) => ({ ...item, use: useOfPart(item.placed.id, penetration) })),
  );
  return [...new Set(items.map(({ part }) => part.code))].flatMap((code) => {
    const own = items.filter(({ part }) => part.code === code);
    const part = own[0]?.part;
    if (part?.sale.by !== 'length') return [];
    const lengths = wholeLengths(own, runs);
    const pieces = lengths.flatMap(({ lengthM, use }) =>
      lengthM === null ? [] : [{ label: use.place, lengthM, use }],
    );
    const unknown = lengths.flatMap(({ lengthM, use }) => (lengthM === null ? [use.place] : []));
    return [
      {
        code,
        title: `${part.name} ${part.detail}`,
        kerfM: part.sale.sawKerfM,
        unknown,
        leastBars: leastBars(pieces, part.sale.stockLengthsM, part.sale.sawKerfM),
        ...cutPlan(pieces, part.sale.stockLengthsM, part.sale.sawKerfM),
      },
    ];
  });
}

/** Pieces as they are cut: a pipe that goes on through a saddle is one piece with what is beyond it. */
function wholeLengths(
  own: readonly (StrandItem & { readonly use: Use })[],
  runs: readonly Run[],
): readonly { readonly use: Use; readonly lengthM: number | null }[] {
  const before = new Map<string, string>();
  for (const { strands } of runs)
    for (const { items } of strands)
      for (const [index, { part }] of items.entries()) {
        const [near, far] = [items[index - 1]?.placed, items[index + 1]?.placed];
        if (goesRound(part) && near && far && near.code === far.code) before.set(far.id, near.id);
      }
  const firstOf = (id: string): string => {
    let at = id;
    for (let near = before.get(at); near !== undefined; near = before.get(at)) at = near;
    return at;
  };
  return own
    .filter(({ placed }) => firstOf(placed.id) === placed.id)
    .map(({ placed, use }) => {
      const all = own.filter((one) => firstOf(one.placed.id) === placed.id).map((one) => one.placed.lengthM);
      return { use, lengthM: all.includes(null) ? null : all.reduce<number>((sum, one) => sum + (one ?? 0), 0) };
    });
}

/** The stock lengths to buy for a cut. */
export function stockLines({ code, bars }: CutBars, { catalogue, job }: CheckContext): PartsLine[] {
  const part = catalogue.byCode.get(code);
  if (!part) return [];
  return [...new Set(bars.map(({ stockM }) => stockM))].map((stockM) => {
    const own = bars.filter((bar) => bar.stockM === stockM);
    return {
      code,
      title: part.name,
      detail: `${part.detail}, ${formatStockLength(stockM, job.measures)}`,
      need: own.length,
      unit: 'length',
      buy: own.length,
      priceUsd: cents(own.length * stockM * part.priceUsd),
      ...traced(own.flatMap(({ pieces }) => pieces.flatMap(({ use }) => use ?? []))),
    };
  });
}
