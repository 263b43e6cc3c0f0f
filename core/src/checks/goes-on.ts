import { holdsAtAll } from '../connections/mating';
import type { CheckContext } from '../derived/context';
import { type Part, isByLength, isSoldIn } from '../fittings/part';
import type { ChainLink } from '../routes/chain-edits';
import { type Offer, offersOf } from '../routes/next-parts';
import type { OpenEnd } from '../routes/way-index';

/** The parts of a kind that go on an end and hold there, of what is sold where the work is, the cheapest first. */
export const goesOn = (
  at: OpenEnd,
  { job, catalogue }: Pick<CheckContext, 'job' | 'catalogue'>,
  isOfKind: (part: Part) => boolean,
): readonly Offer[] =>
  catalogue.list
    .filter((part) => isOfKind(part) && isSoldIn(part, job.region))
    .flatMap((part) => offersOf(at, part))
    .filter(({ judgement }) => holdsAtAll(judgement.verdict))
    .toSorted((a, b) => a.part.priceUsd - b.part.priceUsd);

export const isPipe = (part: Part): boolean => isByLength(part) && part.ends.every(({ end }) => end.kind === 'pipe');

/** What goes on, as the link of a chain that leaves it by its other end. */
export const linkOf = ({ part, endIn }: Offer): ChainLink => {
  const endOut = part.ends.findIndex((_, one) => one !== endIn);
  return { part, endIn, endOut: endOut < 0 ? endIn : endOut };
};
