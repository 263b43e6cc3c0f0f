import type { End } from '../connections/end';
import { formatEnd } from '../connections/format';
import { judge, mate } from '../connections/mate';
import type { Judgement, Mating, Verdict } from '../connections/mating';
import type { Material } from '../connections/material';
import { type Flow, mayEnter } from '../assembly/flow';
import { goesRound } from '../fittings/capability';
import type { Catalogue } from '../fittings/catalogue';
import type { Part } from '../fittings/part';
import { regionsOfEnds } from '../fittings/regions';
import { memoize } from '../quantity/memoize';
import type { Region } from '../region';
import type { OpenEnd } from './way-index';

/** A catalogue part offered for an open end: by which of its ends it would go on, and how that joint is judged. */
export interface Offer {
  readonly part: Part;
  readonly endIn: number;
  readonly judgement: Judgement;
}

export interface Offers {
  /** On hand first, then what lines like this usually need next, then the rest. */
  readonly goesOn: readonly Offer[];
  /** The rest, each with its best judgement; `matingOf` puts the reason into words. */
  readonly doesNot: readonly Offer[];
}

/** What is known of the line that the next part shall go on to. */
export interface LineSoFar {
  /** Parts that stand already, from the tank outward. */
  readonly parts: readonly Part[];
  /** Where the work is: what is sold there comes first; not said: where the rest of the line is sold. */
  readonly region?: Region | null | undefined;
  /** Which way the water goes, seen from the open end; not said: a tap goes on by its inlet, other parts either way. */
  readonly flow?: Flow;
}

const RANK: Readonly<Record<Verdict, number>> = {
  holds: 0,
  'holds-with': 0,
  'fits-unrated': 1,
  'starts-then-leaks': 2,
  unknown: 3,
  'will-not-go': 4,
};
const WORST = 4;

/**
 * What can go on to an open end, decided by the joint alone over the whole catalogue; then ranked.
 *
 * @param at    the end as it stands
 * @param line  what stands before it: from there follows what is usually next
 */
export function nextParts(at: OpenEnd, catalogue: Catalogue, line: LineSoFar = { parts: [] }): Offers {
  const { groups, ways } = endsOf(catalogue);
  const judgements = groups.map(({ end, material }) =>
    judge(at.end, end, { a: at.material, b: material, service: at.service }),
  );
  const byRank: Offer[][] = Array.from({ length: WORST + 1 }, () => []);
  for (const { part, ends } of ways) {
    let best: Offer | undefined;
    let least = WORST + 1;
    for (const { endIn, group } of ends) {
      if (!mayEnter(part, endIn, line.flow)) continue;
      const judgement = judgements[group];
      const rank = judgement ? RANK[judgement.verdict] : least;
      if (!judgement || rank >= least) continue;
      [best, least] = [{ part, endIn, judgement }, rank];
    }
    if (best) byRank[least]?.push(best);
  }
  const [goesOn = [], ...doesNot] = byRank;
  return { goesOn: ranked(goesOn, line, catalogue.onHand), doesNot: doesNot.flat() };
}

/** Offers in the order in which they are likely to be wanted. */
function ranked(offers: readonly Offer[], { parts, region }: LineSoFar, onHand: Catalogue['onHand']): readonly Offer[] {
  const usual = usualNext(parts);
  const home: readonly Region[] = region
    ? [region]
    : regionsOfEnds(parts.flatMap(({ ends }) => ends.map(({ end }) => end)));
  return offers
    .map((offer) => ({
      offer,
      here: (onHand.get(offer.part.code) ?? 0) > 0 ? 0 : 1,
      next: usual(offer.part) + (offer.part.regions.some((sold) => home.includes(sold)) ? 0 : NOT_SOLD_HERE),
      price: offer.part.priceUsd,
    }))
    .sort((a, b) => a.here - b.here || a.next - b.next || a.price - b.price)
    .map(({ offer }) => offer);
}

/** The judgement of an offer in words. */
export const matingOf = (at: OpenEnd, { part, endIn }: Pick<Offer, 'part' | 'endIn'>): Mating => {
  const end = part.ends[endIn];
  if (!end) throw new RangeError(`matingOf: ${part.code} has no end ${endIn}`);
  return mate(at.end, end.end, { a: at.material, b: part.material, service: at.service });
};

/** Every way in which one part could go on, each judged. */
export const offersOf = (at: OpenEnd, part: Part): readonly Offer[] =>
  part.ends.flatMap(({ end, position }, endIn) =>
    position === 'inside'
      ? []
      : [{ part, endIn, judgement: judge(at.end, end, { a: at.material, b: part.material, service: at.service }) }],
  );

/** Every part with the ends it could go on by; ends alike of one material are one group and are judged once. */
const endsOf = memoize(({ list }: Catalogue) => {
  const groups: { readonly end: End; readonly material: Material }[] = [];
  const ids = new Map<string, number>();
  const groupOf = (end: End, material: Material): number => {
    const key = `${formatEnd(end)}|${material}`;
    const known = ids.get(key);
    if (known !== undefined) return known;
    ids.set(key, groups.length);
    groups.push({ end, material });
    return groups.length - 1;
  };
  const ways = list
    .filter((part) => !goesRound(part))
    .map((part) => ({
      part,
      ends: part.ends.flatMap(({ end, position }, endIn) =>
        position === 'inside' ? [] : [{ endIn, group: groupOf(end, part.material) }],
      ),
    }));
  return { groups, ways };
});

/** What follows what on a line from a tank outward (common practice): families in the order in which they are usually next. */
const USUAL_AFTER: Readonly<Record<string, readonly string[]>> = {
  nothing: ['nipple', 'valve', 'adapter', 'hose-fitting', 'container-fitting', 'cam-coupling', 'pipe'],
  bulkhead: ['nipple', 'adapter', 'valve', 'hose-fitting', 'hose-tail'],
  'wall-fitting': ['nipple', 'adapter', 'valve', 'pipe'],
  'push-through-gasket': ['pipe'],
  nipple: ['valve', 'elbow', 'tee', 'coupling', 'adapter'],
  valve: ['nipple', 'hose-tail', 'adapter', 'hose-fitting', 'pipe', 'hose'],
  'check-valve': ['nipple', 'pipe', 'adapter', 'hose-tail'],
  elbow: ['pipe', 'nipple', 'hose', 'screen', 'hose-fitting'],
  tee: ['pipe', 'nipple', 'closure', 'reducer', 'hose-fitting'],
  coupling: ['pipe', 'nipple', 'hose'],
  adapter: ['pipe', 'hose', 'valve', 'nipple'],
  reducer: ['pipe', 'nipple', 'hose-tail', 'hose-fitting'],
  'hose-fitting': ['hose', 'click-coupling', 'hose-fitting', 'closure'],
  'hose-tail': ['hose'],
  'click-coupling': ['click-coupling', 'hose'],
  'cam-coupling': ['cam-coupling', 'hose', 'nipple', 'valve'],
  'container-fitting': ['hose', 'valve', 'hose-fitting', 'nipple'],
  filter: ['nipple', 'pipe', 'adapter'],
  pump: ['nipple', 'adapter', 'hose-tail', 'check-valve'],
  pipe: ['elbow', 'coupling', 'tee', 'adapter', 'valve', 'reducer', 'screen'],
  hose: ['hose-fitting', 'hose-tail', 'click-coupling', 'cam-coupling'],
  'downpipe-fitting': ['pipe', 'downpipe-fitting'],
};
const NO_VALVE_YET = 2;
/** What is not sold where the rest of the line is comes after what is. */
const NOT_SOLD_HERE = 3;

/** How soon a part is usually next: smaller is sooner. A line without a shut-off wants one before anything else. */
function usualNext(parts: readonly Part[]): (part: Part) => number {
  const last = parts.at(-1);
  const order = USUAL_AFTER[last?.family ?? 'nothing'] ?? [];
  const shut = parts.some(({ features }) => features.includes('ball-and-lever'));
  return (part) => {
    const place = order.indexOf(part.family);
    const familyRank = place < 0 ? order.length + 1 : place;
    const valveFirst = !shut && part.family === 'valve' && place >= 0 ? Math.min(familyRank, NO_VALVE_YET) : familyRank;
    const ofItsKind = last && part.material === last.material ? 0 : 0.5;
    const ofItsSize = last && part.size === last.size ? 0 : 0.25;
    return valveFirst + ofItsKind + ofItsSize;
  };
}
