import { formatEnd } from '../connections/format';
import { holdsAtAll } from '../connections/mating';
import { MATERIAL_NAMES } from '../connections/material';
import { type Catalogue, catalogueOf, partTitle } from '../fittings/catalogue';
import { type Part, isByLength } from '../fittings/part';
import { type CheckContext, contextOf } from '../derived/context';
import { type Edit, applyEdits } from '../edits/edits';
import type { Job } from '../job/job';
import type { Proposal } from '../edits/proposal';
import { findRoutes } from './find-routes';
import { mayStandFor, replaceSegment, segmentOf } from './segments';

const MOST_SAME = 2;
const MOST_CHAIN = 3;

const endsOf = ({ ends }: Part): string => ends.map(({ end, position }) => `${position} ${formatEnd(end)}`).join('|');

/** The same ends in the same places, and the same work: it goes where the other stood. */
const standsFor = (one: Part, other: Part): boolean =>
  one.code !== other.code &&
  one.family === other.family &&
  one.bendDegrees === other.bendDegrees &&
  one.branchDegrees === other.branchDegrees &&
  isByLength(one) === isByLength(other) &&
  one.features.join() === other.features.join() &&
  endsOf(one) === endsOf(other);

const isFailing = (job: Job, catalogue: Catalogue): number =>
  contextOf(job, catalogue).joints.filter(({ mating }) => !holdsAtAll(mating.verdict)).length;

/**
 * What could be bought instead of a part that is out: another of the same ends, of another material or series; and the
 * best row of other fittings between the same neighbours. Each in every place of the job where the part is to be put in.
 *
 * @param out codes that cannot be had; nothing that is proposed is made of them
 * @returns the cheapest of each kind first; empty where nothing stands for it without a joint that fails
 */
export function insteadOf(code: string, context: CheckContext, out: ReadonlySet<string>): readonly Proposal[] {
  const { job, catalogue } = context;
  const part = catalogue.byCode.get(code);
  const placed = job.parts.filter((one) => one.code === code && !one.existing);
  if (!part || placed.length === 0) return [];
  const failing = isFailing(job, catalogue);
  const keeps = (edits: readonly Edit[]): boolean => {
    const made = applyEdits(job, edits, catalogue);
    return made.ok && isFailing(made.value.job, catalogue) <= failing;
  };
  const same = catalogue.list
    .filter((one) => !out.has(one.code) && standsFor(one, part))
    .toSorted((a, b) => a.priceUsd - b.priceUsd)
    .map((one): Proposal => ({
      text: 'Take {part}, {material}, instead',
      data: { part: partTitle(one), material: MATERIAL_NAMES[one.material] },
      edits: placed.map(({ id }): Edit => ({ type: 'replace-part', partId: id, from: code, to: one.code })),
      partsAdded: 0,
      priceUsd: placed.length * (one.priceUsd - part.priceUsd),
    }))
    .filter(({ edits }) => keeps(edits))
    .slice(0, MOST_SAME);
  const chain = chainInstead(part, context, out);
  return [...same, ...(chain && keeps(chain.edits) ? [chain] : [])];
}

function chainInstead(part: Part, context: CheckContext, out: ReadonlySet<string>): Proposal | undefined {
  const { catalogue } = context;
  const available = catalogueOf(
    catalogue.list.filter((one) => !out.has(one.code) && one.code !== part.code && !standsFor(one, part)),
    catalogue.onHand,
  );
  let { job } = context;
  const edits: Edit[] = [];
  let names = '';
  let [added, priceUsd] = [0, 0];
  for (;;) {
    const now = contextOf(job, catalogue);
    const found = now.runs
      .flatMap(({ penetration, strands }) =>
        strands.flatMap(({ items }) => items.map((item) => ({ item, label: penetration.label }))),
      )
      .find(({ item }) => item.part.code === part.code && !item.placed.existing);
    if (!found) break;
    const segment = segmentOf([found.item], found.label, now);
    if (!segment) return undefined;
    const { routes } = findRoutes(segment.from, segment.to, available, {
      require: segment.does,
      mostParts: MOST_CHAIN,
      limit: 4,
      flow: segment.flow,
    });
    const route = routes.find(({ links }) => links.length > 0 && mayStandFor(segment, links));
    if (!route) return undefined;
    const made = replaceSegment(job, segment, route.links, catalogue);
    job = made.job;
    edits.push(...made.edits);
    names = route.links.map((link) => partTitle(link.part)).join(', then ');
    added += route.links.length - 1;
    priceUsd += route.priceUsd - part.priceUsd;
  }
  return edits.length === 0
    ? undefined
    : { text: 'Build it of {parts}', data: { parts: names }, edits, partsAdded: added, priceUsd };
}
