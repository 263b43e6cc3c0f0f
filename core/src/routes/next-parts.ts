import { mate } from '../connections/mate';
import { type Mating, holdsAtAll } from '../connections/mating';
import type { Catalogue } from '../fittings/catalogue';
import type { Part } from '../fittings/part';
import type { OpenEnd } from './find-chains';

/** A catalogue part offered for an open end: by which of its ends it would go on, and how that joint is judged. */
export interface Offer {
  readonly part: Part;
  readonly endIn: number;
  readonly mating: Mating;
}

export interface Offers {
  readonly goesOn: readonly Offer[];
  /** The rest, each with its best judgement, so that the reason why not can be read. */
  readonly doesNot: readonly Offer[];
}

const RANK: Readonly<Record<Mating['verdict'], number>> = {
  holds: 0,
  'holds-with': 0,
  'fits-unrated': 1,
  'starts-then-leaks': 2,
  unknown: 3,
  'will-not-go': 4,
};

/**
 * What can go on to an open end, decided by `mate()` over the whole catalogue and by nothing else.
 * For each part its best end counts; parts keep the order of the catalogue.
 */
export function nextParts(at: OpenEnd, catalogue: Catalogue): Offers {
  const offers = catalogue.list.map((part) => bestOffer(at, part));
  return {
    goesOn: offers.filter(({ mating }) => holdsAtAll(mating.verdict)),
    doesNot: offers
      .filter(({ mating }) => !holdsAtAll(mating.verdict))
      .sort((a, b) => RANK[a.mating.verdict] - RANK[b.mating.verdict]),
  };
}

/** Every way in which one part could go on, each judged. */
export const offersOf = (at: OpenEnd, part: Part): readonly Offer[] =>
  part.ends.flatMap(({ end, position }, endIn) =>
    position === 'inside' ? [] : [{ part, endIn, mating: mate(at.end, end, { a: at.material, b: part.material }) }],
  );

function bestOffer(at: OpenEnd, part: Part): Offer {
  const [first, ...rest] = offersOf(at, part);
  if (!first) throw new RangeError(`nextParts: ${part.code} has no end to go on by`);
  return rest.reduce((best, offer) => (RANK[offer.mating.verdict] < RANK[best.mating.verdict] ? offer : best), first);
}
