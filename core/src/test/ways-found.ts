import { shippedCatalogue } from '../fittings/catalogue';
import type { EndRef, Job } from '../job/job';
import type { SpaceWay } from '../routes/space-way';
import { placedBetween, waysInSpace } from '../routes/ways-in-space';

/** All ways in space between two ends, the shortest and cheapest first; none where an end has no place. */
export function waysFound(
  job: Job,
  at: EndRef,
  to: EndRef,
  options: Parameters<typeof waysInSpace>[1],
): readonly SpaceWay[] {
  const between = placedBetween(job, shippedCatalogue, at, to);
  const ways = between ? [...waysInSpace(between, options)] : [];
  return ways.toSorted((a, b) => a.links.length - b.links.length || a.priceUsd - b.priceUsd);
}
