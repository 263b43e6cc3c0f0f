import type { CheckContext } from '../derived/context';
import type { Run, Strand } from '../derived/run';
import { setOutOf } from '../derived/set-out';
import { outsideMmOf } from '../fittings/part';
import type { Mark } from '../job/job';
import { gather } from '../quantity/gather';
import { type PlanPoint, planDistance } from '../quantity/space';
import { planKey } from '../walls/placing';
import { type Course, type Leg, coursesOf } from './course';
import { runsOnce } from './flow';
import { toSpace } from './frame';

/** A run that goes through a wall of the site or lies in it, by the first of its parts that does. */
export interface Crossing {
  /** `through`: it comes out on the other side; `along`: beside it, and nearer than half as wide as it is. */
  readonly how: 'through' | 'along';
  readonly run: Run;
  readonly strand: Strand;
  readonly leg: Leg;
  /** The marks between which the wall stands. */
  readonly from: Mark;
  readonly to: Mark;
}

/** What lies along a wall, or ends at it, does not go through: so far it must come out on the other side [m]. */
const BEYOND_M = 0.02;

interface Line {
  readonly a: PlanPoint;
  readonly b: PlanPoint;
}
interface Wall extends Line {
  readonly from: Mark;
  readonly to: Mark;
}

/** Walls between marks of which both are known for sure. */
function wallsOf({ job }: CheckContext): readonly Wall[] {
  const { places } = setOutOf(job);
  const sureAt = (id: string): PlanPoint | undefined => {
    const place = places.get(planKey({ of: 'mark', id }));
    return place?.sure ? place.at : undefined;
  };
  return job.marks.flatMap((from) => {
    const to = job.marks.find(({ id }) => id === from.wallTo);
    const [a, b] = [sureAt(from.id), to && sureAt(to.id)];
    return to && a && b ? [{ from, to, a, b }] : [];
  });
}

/** How far off the line through a wall a place is [m], left of it positive. */
const offM = ({ a, b }: Line, { x, y }: PlanPoint): number =>
  ((b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x)) / Math.max(planDistance(a, b), Number.EPSILON);

/** Does a straight line from one place to another, seen from above, come out on the other side of a wall? */
export function goesThrough(wall: Line, from: PlanPoint, to: PlanPoint): boolean {
  const [one, other] = [offM(wall, from), offM(wall, to)];
  if (Math.min(Math.abs(one), Math.abs(other)) < BEYOND_M || one > 0 === other > 0) return false;
  const share = one / (one - other);
  const at = { x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) };
  const long = planDistance(wall.a, wall.b);
  return planDistance(wall.a, at) <= long && planDistance(wall.b, at) <= long;
}

/** What only touches a wall does not lie in it [m]. */
const TOUCH_M = 0.01;

/** Does a straight part lie along a wall, with some of its width in it? Both of its ends: what only ends there does not. */
export function liesIn(wall: Line, from: PlanPoint, to: PlanPoint, outsideM: number): boolean {
  const long = planDistance(wall.a, wall.b);
  const within = ({ x, y }: PlanPoint): boolean => {
    const share = ((x - wall.a.x) * (wall.b.x - wall.a.x) + (y - wall.a.y) * (wall.b.y - wall.a.y)) / (long * long);
    return share > 0 && share < 1;
  };
  return (
    long > 0 &&
    planDistance(from, to) > outsideM / 2 &&
    [from, to].every((end) => within(end) && Math.abs(offM(wall, end)) < outsideM / 2 - TOUCH_M)
  );
}

/**
 * Every run that goes through a wall of the site or lies in it, once for each wall. Only where both are known: nothing is said of a part that
 * had to be assumed, nor of a wall between marks that are only drawn. How high a wall is nobody says: it is as high as the line.
 */
export function crossingsOf(context: CheckContext): readonly Crossing[] {
  const walls = wallsOf(context);
  if (walls.length === 0) return [];
  const courses = coursesOf(context);
  return gather(runsOnce(context), (run) => {
    const course = courses.get(run.penetration.id);
    return course
      ? walls.flatMap((wall) => run.strands.flatMap((strand) => crossedBy(strand, run, course, wall)).slice(0, 1))
      : [];
  });
}

function crossedBy(strand: Strand, run: Run, { along, frame }: Course, wall: Wall): readonly Crossing[] {
  const known = (along.get(strand) ?? [])
    .filter(({ sure, assumed }) => sure && assumed.length === 0)
    .map((leg) => ({ leg, at: [leg.from, leg.through, leg.to].map((point) => toSpace(point, frame)) }));
  const first = (how: Crossing['how'], is: (a: PlanPoint, b: PlanPoint, outsideM: number) => boolean) =>
    known
      .filter(({ leg, at: [near, middle, far] }) => {
        const outsideM = outsideMmOf(leg.part) / 1000;
        return near && middle && far
          ? is(near, middle, outsideM) || is(middle, far, outsideM) || is(near, far, outsideM)
          : false;
      })
      .map(({ leg }): Crossing => ({ how, run, strand, leg, from: wall.from, to: wall.to }))
      .slice(0, 1);
  const through = first('through', (a, b) => goesThrough(wall, a, b));
  return through.length > 0 ? through : first('along', (a, b, outsideM) => liesIn(wall, a, b, outsideM));
}
