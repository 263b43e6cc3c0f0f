import { isByLength, outsideMmOf } from '../fittings/part';
import type { RunSight } from '../derived/context';
import type { Run } from '../derived/run';
import { memoize, memoizeBoth } from '../quantity/memoize';
import { type Course, type Leg, coursesOf } from './course';
import { lengthOf, minus } from './vector';

/** Wider than the pipe, below it, and over it [m] (common practice, EN 1610 family; from memory). */
const BESIDE_M = 0.3;
const BELOW_M = 0.1;
const OVER_M = 0.15;

/** Does a leg lie below the finished ground at the tanks with both of its ends? What hangs in a buried tank lies in water. */
export const isInGround = ({ from, to, inTank }: Pick<Leg, 'from' | 'to' | 'inTank'>): boolean =>
  !inTank && Math.max(from.up, to.up) < 0;

/** Sand or fine gravel round the buried pipes of a run [m3]: the trench up to the cover of the pipe, without the pipe. */
export const beddingM3 = (run: Run, context: RunSight): number =>
  dugIn(run, context).reduce((sum, { part, levelM }) => {
    const outsideM = outsideMmOf(part) / 1000;
    const section = (outsideM + BESIDE_M) * (BELOW_M + outsideM + OVER_M) - (Math.PI / 4) * outsideM ** 2;
    return sum + levelM * section;
  }, 0);

/** The parts of a job that lie in the ground, by their ids. */
export const inGround: (context: RunSight) => ReadonlySet<string> = memoize((context: RunSight) => {
  const buried = new Set<string>();
  for (const { strands } of coursesOf(context).values())
    for (const legs of strands) for (const leg of legs) if (isInGround(leg)) buried.add(leg.placed.id);
  return buried;
});

/** The new lengths of a run that lie in a trench, with how long each is on the plan [m]. */
const dugFor = memoizeBoth(({ along }: Course, { strands }: Run) =>
  strands
    .flatMap((strand) => along.get(strand) ?? [])
    .filter((leg) => isByLength(leg.part) && !leg.placed.existing && leg.placed.lengthM !== null)
    // For what is only drawn there, because nobody has said where it goes, nobody digs.
    .filter((leg) => leg.sure && leg.assumed.length === 0 && isInGround(leg))
    .map(({ part, from, to }) => ({ part, levelM: lengthOf({ ...minus(to, from), up: 0 }) })),
);

const dugIn = (run: Run, context: RunSight): ReturnType<typeof dugFor> => {
  const course = coursesOf(context).get(run.penetration.id);
  return course ? dugFor(course, run) : [];
};

/** How long the trench of a run is, seen from above [m]. */
export const trenchM = (run: Run, context: RunSight): number =>
  dugIn(run, context).reduce((sum, { levelM }) => sum + levelM, 0);
