import { type Catalogue, catalogueOf, partTitle } from '../fittings/catalogue';
import { memoize } from '../quantity/memoize';
import type { CheckContext } from '../derived/context';
import type { Proposal } from '../edits/proposal';
import type { Run, StrandItem } from '../derived/run';
import { findRoutes, type Route } from './find-routes';
import { mayStandFor, priceOf, replaceSegment, segmentOf, segmentsOf } from './segments';

/** Longer stretches than this are not looked at: what replaces them is another run. */
const MOST_REPLACED = 3;
const MOST_PARTS = 4;

/** Only what is in the van or on the shelf. */
const stockOf: (catalogue: Catalogue) => Catalogue = memoize(({ list, onHand }) =>
  catalogueOf(
    list.filter(({ code }) => (onHand.get(code) ?? 0) > 0),
    onHand,
  ),
);

/** What is on hand and in no place of the job yet, by code. */
function leftOf({ job, catalogue }: CheckContext): Map<string, number> {
  const left = new Map(catalogue.onHand);
  for (const { code, existing } of job.parts)
    if (!existing && left.has(code)) left.set(code, Math.max(0, (left.get(code) ?? 0) - 1));
  return left;
}

const enough = ({ links }: Route, left: ReadonlyMap<string, number>): boolean => {
  const need = new Map<string, number>();
  for (const { part } of links) need.set(part.code, (need.get(part.code) ?? 0) + 1);
  return [...need].every(([code, count]) => count <= (left.get(code) ?? 0));
};

/**
 * What of a run could be built from what is on hand instead of being bought: rows of up to three fittings, each with the
 * row that takes its place, every joint of which holds. The one that saves most first; no two of them touch.
 */
export function fromHand(run: Run, context: CheckContext): readonly Proposal[] {
  if (context.catalogue.onHand.size === 0) return [];
  const left = leftOf(context);
  const stock = stockOf(context.catalogue);
  const rows = segmentsOf({ ...context, runs: [run] }).flatMap(({ items }) =>
    items.flatMap((_, from) =>
      Array.from({ length: Math.min(MOST_REPLACED, items.length - from) }, (__, more) =>
        items.slice(from, from + more + 1),
      ),
    ),
  );
  const found = rows.flatMap((items) => {
    const segment = segmentOf(items, run.penetration.label, context);
    const bought = items.filter(({ part }) => (context.catalogue.onHand.get(part.code) ?? 0) === 0);
    if (!segment || bought.length === 0) return [];
    const { routes } = findRoutes(segment.from, segment.to, stock, {
      require: segment.does,
      mostParts: MOST_PARTS,
      limit: 2,
      onHand: stock.onHand,
      flow: segment.flow,
    });
    const route = routes.find((one) => enough(one, left) && mayStandFor(segment, one.links));
    return route ? [{ segment, route, saves: priceOf(bought.map(({ part }) => part)) }] : [];
  });
  const taken = new Set<string>();
  const proposals: Proposal[] = [];
  for (const { segment, route, saves } of found.toSorted((a, b) => b.saves - a.saves)) {
    if (segment.items.some(({ placed }) => taken.has(placed.id)) || !enough(route, left)) continue;
    for (const { placed } of segment.items) taken.add(placed.id);
    for (const { part } of route.links) left.set(part.code, (left.get(part.code) ?? 0) - 1);
    proposals.push({
      text: route.links.length === 0 ? 'Leave out {old}: what is on either side meets' : 'Instead of {old}: {parts}',
      data: { old: namesOf(segment.items), parts: route.links.map(({ part }) => partTitle(part)).join(', then ') },
      edits: replaceSegment(context.job, segment, route.links, context.catalogue).edits,
      partsAdded: route.links.length,
      priceUsd: -saves,
    });
  }
  return proposals;
}

const namesOf = (items: readonly StrandItem[]): string => items.map(({ part }) => partTitle(part)).join(', ');
