import type { Catalogue } from '../fittings/catalogue';
import type { EndRef, Job } from '../job/job';
import { indexJob, otherSide } from './run';

/** The hole from which the run of this end starts; undefined where it hangs on none. */
export function holeOf(ref: EndRef, job: Job, catalogue: Catalogue): EndRef | undefined {
  const index = indexJob(job, catalogue);
  const seen = new Set<string>();
  const waiting: EndRef[] = [ref];
  for (let here = waiting.shift(); here !== undefined; here = waiting.shift()) {
    if (here.of === 'hole') return here;
    if (here.of === 'terminal' || seen.has(here.id)) continue;
    seen.add(here.id);
    const part = index.placed(here.id)?.part;
    part?.ends.forEach((_, end) => {
      const own: EndRef = { of: 'part', id: here.id, end };
      const joint = index.jointAt(own);
      if (joint) waiting.push(otherSide(joint, own));
    });
  }
  return undefined;
}
