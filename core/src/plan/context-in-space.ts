import { withLengths } from '../assembly/in-space';
import { type CheckContext, contextOf } from '../derived/context';
import { NO_SOLUTIONS, type Solutions } from '../derived/solutions';
import type { Catalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';

/**
 * A job judged and walked, with every length in it that follows from the places of its ends. What it shows as its job has
 * those lengths; what was said of it has not.
 */
export function contextInSpace(job: Job, catalogue: Catalogue, solutions: Solutions = NO_SOLUTIONS): CheckContext {
  const said = contextOf(job, catalogue, solutions);
  const made = withLengths(job, said);
  return made === job ? said : { ...contextOf(made, catalogue, solutions), said: job };
}
