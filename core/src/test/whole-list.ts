import { contextOf } from '../derived/context';
import { type Catalogue, shippedCatalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import { provenList } from '../parts/proven-list';
import { takeOff } from '../parts/take-off/take-off';

/** The list of a job as it goes out, with the context it was made in. */
export function wholeList(job: Job, catalogue: Catalogue = shippedCatalogue) {
  const context = contextOf(job, catalogue);
  return { context, ...provenList({ parts: takeOff(context), context }) };
}
