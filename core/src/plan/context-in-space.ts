import { intakesOf } from '../assembly/pumps-inside';
import { withLengths } from '../assembly/in-space';
import { type CheckContext, contextOf } from '../derived/context';
import { giveIntakes } from '../derived/levels';
import { NO_SOLUTIONS, type Solutions } from '../derived/solutions';
import type { Catalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';

/**
 * A job judged and walked, with every length in it that follows from the places of its ends. What it shows as its job has
 * those lengths; what was said of it has not.
 */
export function contextInSpace(job: Job, catalogue: Catalogue, solutions: Solutions = NO_SOLUTIONS): CheckContext {
  const said = judged(job, catalogue, solutions);
  const made = withLengths(job, said);
  return made === job ? said : { ...judged(made, catalogue, solutions), said: job };
}

/** With where its pumps draw: that follows from how they hang. */
function judged(job: Job, catalogue: Catalogue, solutions: Solutions): CheckContext {
  const context = contextOf(job, catalogue, solutions);
  giveIntakes(context.job, () => intakesOf(context));
  return context;
}
