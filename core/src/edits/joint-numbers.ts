import { holeById } from '../job/lookup';
import type { Catalogue } from '../fittings/catalogue';
import type { EndRef, Job } from '../job/job';
import { indexJob, jointsOfRun, otherSide, walkRun } from '../derived/run';

/**
 * The next free number of a joint in the run that `ref` belongs to. Numbers count within a run (all that hangs together
 * from the holes of one label outward) and are never given twice while they stand. What hangs on no hole for the moment,
 * because a line is being cut, keeps its numbers too.
 */
export function nextJointNumber(job: Job, catalogue: Catalogue, ref: EndRef): number {
  const index = indexJob(job, catalogue);
  const root = holeOf(ref, job, catalogue);
  const label = holeById(job, root?.id)?.label;
  const siblings = job.penetrations
    .filter((hole) => hole.label === label)
    .map(({ id }): EndRef => ({ of: 'hole', id }));
  const own = (root ? siblings : [ref]).flatMap((start) => jointsOfRun(walkRun(start, index)));
  const hanging = new Set(
    job.penetrations.flatMap(({ id }) => jointsOfRun(walkRun({ of: 'hole', id }, index))).map(({ id }) => id),
  );
  const loose = job.joints.filter(({ id }) => !hanging.has(id));
  return Math.max(0, ...[...own, ...loose].map(({ number }) => number)) + 1;
}

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
