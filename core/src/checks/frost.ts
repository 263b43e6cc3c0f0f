import { type Job, siteFigure } from '../job/job';
import type { Values } from '../quantity/values';

/** How deep the frost goes, as a note says it: what nobody has said is taken, and said to be. */
export const frostWords = (job: Job): Values => ({
  goes: job.frostM === null ? 'is taken to go' : 'goes',
  frost: { lengthM: siteFigure(job, 'frostM') },
});
