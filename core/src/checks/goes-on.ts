import { holdsAtAll } from '../connections/mating';
import type { CheckContext } from '../derived/context';
import { type Part, isSoldIn } from '../fittings/part';
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
