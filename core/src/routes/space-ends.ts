import { coursesOf, firstOpening, pathOf } from '../assembly/course';
import { type Frame, directionFrom, directionTo, openedAt, placeInSpace, standsAs, toSpace } from '../assembly/frame';
import { type Vector, times } from '../assembly/vector';
import type { CheckContext } from '../derived/context';
import type { Run } from '../derived/run';
import { standingOf } from '../derived/set-out';
import type { EndRef, Penetration } from '../job/job';
import { holeById, tankOf } from '../job/lookup';
import type { SpacePoint } from '../quantity/space';
import { type Pointing, pointed } from './bridge';
import type { OpenEnd } from './way-index';

/** An open end in its place, and where it looks; in the space of the job. */
interface Placed {
  readonly at: SpacePoint;
  readonly looks: SpacePoint;
}

/** An end that was found: in which frame, and whether pieces before it have no length yet, so that it will slide along them. */
interface Found extends Placed {
  readonly frame: Frame | undefined;
  readonly slides: boolean;
}

/** An open end with its place in the frame of the run. */
export interface PlacedEnd {
  readonly open: OpenEnd;
  readonly at: Vector;
  readonly looks: Vector;
}

/** Where an end is and looks; undefined where that is not known. */
export function placedEnd(ref: EndRef, context: CheckContext): Found | undefined {
  const { job } = context;
  if (ref.of === 'terminal') {
    const terminal = job.terminals.find(({ id }) => id === ref.id);
    const place = terminal && placeInSpace(terminal, context);
    return place?.looks && { at: place.at, looks: place.looks, frame: undefined, slides: false };
  }
  if (ref.of === 'hole') {
    const hole = holeById(job, ref.id);
    const tank = tankOf(job, hole);
    if (!hole || !tank) return undefined;
    const { frame, at, looks } = openedAt(hole, tank, standsAs(tank, context));
    return inSpace(at, looks, frame);
  }
  const run = runAt(ref, context);
  const course = run && coursesOf(context).get(run.penetration.id);
  const strand = run?.strands.find(({ items }) => items.some(({ placed }) => placed.id === ref.id));
  if (!course || !strand) return undefined;
  const path = pathOf(strand, run, course);
  const place = path.findIndex(({ placed }) => placed.id === ref.id);
  const leg = path[place];
  const assumed = path.slice(0, place + 1).flatMap((one) => one.assumed);
  if (!leg || assumed.some((one) => one !== 'length')) return undefined;
  const branch = leg.branches.get(ref.end);
  const found = branch
    ? inSpace(branch.from, branch.heading, course.frame)
    : inSpace(leg.to, leg.headingOut, course.frame);
  return { ...found, slides: assumed.length > 0 };
}

const inSpace = (at: Vector, looks: Vector, frame: Frame): Found & { readonly frame: Frame } => ({
  at: toSpace(at, frame),
  looks: directionFrom(looks, frame),
  frame,
  slides: false,
});

/**
 * How the bends of a way are said to point. A run is said from its first opening: where that is on the far side of the way,
 * its bends are met from there, and seen by who stands before that opening.
 */
export function saidFrom(
  at: EndRef,
  to: EndRef,
  frame: Frame,
  context: CheckContext,
): { readonly say: Pointing; readonly isTurned: boolean } {
  const { job } = context;
  const [own, other] = [at, to].map((ref) => {
    const run = runAt(ref, context);
    return run && firstOpening(run, context);
  });
  const place = (hole: Penetration | undefined): number => (hole ? job.penetrations.indexOf(hole) : Infinity);
  const isTurned = place(other) < place(own);
  const first = isTurned ? other : own;
  const tank = tankOf(job, first);
  if (!first || !tank) return { say: pointed, isTurned };
  const seenFrom = openedAt(first, tank, standsAs(tank, context)).frame;
  const seen = (way: Vector): Vector => directionTo(directionFrom(way, frame), seenFrom);
  const say: Pointing = (headingIn, headingOut) =>
    isTurned
      ? pointed(seen(times(headingOut, -1)), seen(times(headingIn, -1)))
      : pointed(seen(headingIn), seen(headingOut));
  return { say, isTurned };
}

/** The run that an open end belongs to. */
export const runAt = (ref: EndRef, { runs }: CheckContext): Run | undefined =>
  runs.find(
    ({ penetration, strands }) =>
      (ref.of === 'hole' && penetration.id === ref.id) ||
      strands.some(({ items }) => items.some(({ placed }) => ref.of === 'part' && placed.id === ref.id)),
  );

/** Do both ends stand on one plan, or on one tank? */
export function standTogether(at: EndRef, to: EndRef, context: CheckContext): boolean {
  const tankIdOf = (ref: EndRef): string | undefined => runAt(ref, context)?.penetration.tankId;
  const tanks = [at, to].flatMap((ref) => (ref.of === 'terminal' ? [] : [tankIdOf(ref)]));
  const stands = (id: string | undefined): boolean => {
    const tank = context.job.tanks.find((one) => one.id === id);
    return tank !== undefined && standingOf(tank, context.job) !== undefined;
  };
  return tanks.every(stands) || (tanks.length === 2 && tanks[0] !== undefined && tanks[0] === tanks[1]);
}
