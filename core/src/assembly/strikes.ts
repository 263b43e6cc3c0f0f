import type { RunSight } from '../derived/context';
import type { Run, Strand } from '../derived/run';
import { standingOf } from '../derived/set-out';
import { outsideMmOf } from '../fittings/part';
import { sealsWall } from '../fittings/capability';
import { holeById, tankOf } from '../job/lookup';
import { gather } from '../quantity/gather';
import { memoizeBoth, reuseEqual } from '../quantity/memoize';
import { formOf } from '../walls/forms';
import { type Standing, fillsPoint } from '../walls/standing';
import type { Tank } from '../walls/tank';
import { type Course, type Leg, coursesOf } from './course';
import { standsAs, toSpace } from './frame';
import { runsOnce } from './flow';
import { type Vector, HEADING_VECTORS, cross, distance, lengthOf, minus, plus, squareTo, times, unit } from './vector';

/** A run that lies where a tank is, by the first of its parts that does. */
export interface Strike {
  readonly run: Run;
  readonly leg: Leg;
  readonly tank: Tank;
}

/** Along a part it is asked so often whether a tank is there, and round it at so many points [m]. */
const STEP_M = 0.04;
/** What only touches does not strike [m]. */
const TOUCH_M = 0.005;
/** In a wall and its seal: so far from an opening its own tank is no obstacle [m] (our judgement). */
const AT_OPENING_M = 0.1;

interface Obstacle {
  readonly tank: Tank;
  readonly standing: Standing;
  /** No point of it is further from its middle on the plan [m]. */
  readonly reachM: number;
}

const obstacleAgain = reuseEqual<Tank, Obstacle>();
const obstacle = (tank: Tank, standing: Standing): Obstacle => {
  const form = formOf(tank);
  const reachM = Math.hypot(form.acrossM(tank), form.throughM(tank)) / 2;
  return obstacleAgain(tank, { tank, standing, reachM });
};

/** Points on the axis of a part and round it, a little within its outside. */
function pointsOf({ part, from, through, to }: Leg): readonly Vector[] {
  const radiusM = Math.max(0, outsideMmOf(part) / 2000 - TOUCH_M);
  const straights: readonly (readonly [Vector, Vector])[] = [
    [from, through],
    [through, to],
  ];
  return straights.flatMap(([a, b]) => {
    const step = minus(b, a);
    const axis = unit(step);
    if (!axis) return [];
    const side =
      squareTo(axis, Math.abs(axis.up) < 0.9 ? HEADING_VECTORS.up : HEADING_VECTORS.out) ?? HEADING_VECTORS.out;
    const other = cross(axis, side);
    const count = Math.ceil(lengthOf(step) / STEP_M);
    return Array.from({ length: count + 1 }, (_, place) => plus(a, times(step, place / count))).flatMap((at) => [
      at,
      ...[side, other].flatMap((way) => [plus(at, times(way, radiusM)), plus(at, times(way, -radiusM))]),
    ]);
  });
}

/** May it reach so far? By its middle, as far as it is long, and the box round the tank. */
function mayStrike({ part, from, through, to }: Leg, { frame }: Course, { standing, tank, reachM }: Obstacle): boolean {
  const { at, baseM } = standing;
  const { x, y, z } = toSpace(through, frame);
  const longM = Math.max(...[from, to].map((end) => distance(end, through)));
  const room = longM + outsideMmOf(part) / 2000;
  return (
    Math.abs(x - at.x) <= reachM + room &&
    Math.abs(y - at.y) <= reachM + room &&
    z >= baseM - room &&
    z <= baseM + tank.heightM + room
  );
}

/**
 * Parts of all runs, each once, that lie where a tank is: their own, back through its wall, or another that stands on the plan. Only where
 * both are known: nothing is said of a part that had to be assumed, nor of a tank that is only drawn.
 */
export function strikesOf(context: RunSight): readonly Strike[] {
  const { job } = context;
  const courses = coursesOf(context);
  const placed = job.tanks.flatMap((tank) => {
    const standing = standingOf(tank, job);
    return standing?.sure ? [obstacle(tank, standing)] : [];
  });
  return gather(runsOnce(context), (run) => {
    const course = courses.get(run.penetration.id);
    const own = tankOf(job, run.penetration);
    if (!course || !own) return [];
    const standing = standingOf(own, job);
    // A tank that is not placed still stands where its own openings are.
    const near = standing ? (standing.sure ? placed : []) : [obstacle(own, standsAs(own, context))];
    return gather(near, (one) => struckBy(run, course, one, context));
  });
}

/** What was found of a course and a tank that stands so: neither ever changes. */
const found = memoizeBoth<Course, Obstacle, { strikes?: readonly Strike[] }>(() => ({}));

/** The first part of a run that lies where a tank is. */
function struckBy(run: Run, course: Course, one: Obstacle, context: RunSight): readonly Strike[] {
  const known = found(course, one);
  known.strikes ??= run.strands
    .flatMap((strand) => struckAlong(strand, run, course, one, context))
    .slice(0, 1)
    .map((leg): Strike => ({ run, leg, tank: one.tank }));
  return known.strikes;
}

function struckAlong(
  strand: Strand,
  { penetration }: Run,
  course: Course,
  one: Obstacle,
  { job, index }: RunSight,
): readonly Leg[] {
  const { from, end } = strand;
  const begins = from.of === 'part' ? index.placed(from.id)?.part.ends[from.end]?.position : undefined;
  // What hangs on the inside of a wall is where its tank is.
  if (begins === 'inside') return [];
  const legs = course.along.get(strand) ?? [];
  const { tank, standing } = one;
  const isAt = (id: string | undefined): boolean => holeById(job, id)?.tankId === tank.id;
  const openings = [
    ...(isAt(penetration.id) ? [course.start] : []),
    ...(end.at === 'hole' && isAt(end.id) ? legs.slice(-1).map(({ to }) => to) : []),
  ];
  const inWall = (point: Vector): boolean => openings.some((opening) => distance(point, opening) < AT_OPENING_M);
  return legs.filter(
    (leg) =>
      leg.sure &&
      leg.assumed.length === 0 &&
      !sealsWall(leg.part) &&
      mayStrike(leg, course, one) &&
      pointsOf(leg).some((point) => !inWall(point) && fillsPoint(tank, standing, toSpace(point, course.frame))),
  );
}
