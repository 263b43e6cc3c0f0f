import { type BentWay, type LineEnd, bendsBetween } from '../assembly/bends-between';
import { coursesOf } from '../assembly/course';
import {
  type Frame,
  directionFrom,
  directionTo,
  openedAt,
  placeInSpace,
  standsAs,
  toLocal,
  toSpace,
} from '../assembly/frame';
import { isFlexible } from '../assembly/flexible';
import { inSpaceOf, meetingOf } from '../assembly/in-space';
import { looksSomewhere } from '../assembly/pointing';
import { type Vector, plus, times } from '../assembly/vector';
import type { End } from '../connections/end';
import { mate } from '../connections/mate';
import { type Service, holdsAtAll } from '../connections/mating';
import { type CheckContext, contextOf } from '../derived/context';
import { resolveEnd } from '../derived/resolve';
import { isSoldIn } from '../derived/seal-ways';
import { serviceAt } from '../derived/service';
import { standingOf } from '../derived/set-out';
import { applyEdits } from '../edits/edits';
import type { Catalogue } from '../fittings/catalogue';
import { type Part, isByLength, overallMm } from '../fittings/part';
import type { EndRef, Job } from '../job/job';
import { holeById, tankOf } from '../job/lookup';
import type { SpacePoint } from '../quantity/space';
import { sizeInInches } from '../quantity/size';
import { type Fitted, bendsFor, bentLinks } from './bridge';
import { type ChainLink, appendChain, turnedRound } from './chain-edits';
import { type Route, type RouteOptions, findRoutes } from './find-routes';

/** A way in space, part by part: the bends say where they point, pieces that follow from both ends have no length. */
export interface SpaceWay extends Omit<Route, 'links'> {
  readonly links: readonly ChainLink[];
}

/** So many kinds of pipe are tried, the nearest in size first, and so many ways are offered. */
const MOST_PIPES = 4;
const MOST_WAYS = 3;
/** Pipe is taken that differs from the end by less than this, in doublings (our judgement). */
const MOST_APART = 0.6;
/** Adapters from an end to a pipe: more would be another run. */
const MOST_ADAPTERS = 3;

/** An open end in its place, and where it looks; in the space of the job. */
interface Placed {
  readonly at: SpacePoint;
  readonly looks: SpacePoint;
}

/** Where an end is and looks; undefined where that is not known. */
function placedEnd(ref: EndRef, context: CheckContext): (Placed & { readonly frame: Frame | undefined }) | undefined {
  const { job } = context;
  if (ref.of === 'terminal') {
    const terminal = job.terminals.find(({ id }) => id === ref.id);
    const place = terminal && placeInSpace(terminal, context);
    return place?.looks && { at: place.at, looks: place.looks, frame: undefined };
  }
  if (ref.of === 'hole') {
    const hole = holeById(job, ref.id);
    const tank = tankOf(job, hole);
    if (!hole || !tank) return undefined;
    const { frame, at, looks } = openedAt(hole, tank, standsAs(tank, context));
    return inSpace(at, looks, frame);
  }
  for (const course of coursesOf(context).values())
    for (const leg of course.strands.flat()) {
      if (leg.placed.id !== ref.id) continue;
      if (!leg.sure || leg.assumed.length > 0) return undefined;
      const branch = leg.branches.get(ref.end);
      return branch
        ? inSpace(branch.from, branch.heading, course.frame)
        : inSpace(leg.to, leg.headingOut, course.frame);
    }
  return undefined;
}

const inSpace = (at: Vector, looks: Vector, frame: Frame): Placed & { readonly frame: Frame } => ({
  at: toSpace(at, frame),
  looks: directionFrom(looks, frame),
  frame,
});

/** How far the foot of a pipe lies before an end, with the straight parts between [m]; undefined where one of them turns. */
function reachOf(start: End, links: readonly ChainLink[], pipe: Part): number | undefined {
  const spigot = pipe.ends[0]?.end;
  let end = start;
  let reachM = 0;
  for (const { part, endIn, endOut } of links) {
    const [near, far] = [part.ends[endIn]?.end, part.ends[endOut]?.end];
    if (!near || !far || looksSomewhere(part)) return undefined;
    reachM += overallMm(part) / 1000 - mate(end, near).engagementMm / 1000;
    end = far;
  }
  return spigot && reachM - mate(end, spigot).engagementMm / 1000;
}

/** Rigid pipe that is sold there and has bends, nearest in size to an end first. */
function pipesFor(end: End, context: CheckContext, service: Service | undefined): readonly Part[] {
  const { catalogue, job } = context;
  const inches = 'size' in end ? sizeInInches(end.size) : 1;
  const far = (part: Part): number => Math.abs(Math.log2(sizeInInches(part.size) / inches));
  return catalogue.list
    .filter((part) => part.family === 'pipe' && isByLength(part) && !isFlexible(part))
    .filter((part) => isSoldIn(part, job.region) && far(part) < MOST_APART)
    .filter((part) => bendsFor(part, context, service).some(({ degrees }) => degrees === 90))
    .toSorted((a, b) => far(a) - far(b) || a.priceUsd - b.priceUsd)
    .slice(0, MOST_PIPES);
}

/**
 * Ways between two open ends that both have a place: adapters to a pipe at either of them, and the bends and lengths of that
 * pipe that bring one to the other. Each is tried, and offered only if its ends meet. None where an end has no place.
 */
export function waysInSpace(
  job: Job,
  catalogue: Catalogue,
  at: EndRef,
  to: EndRef,
  options: Omit<RouteOptions, 'onHand'>,
): readonly SpaceWay[] {
  const context = contextOf(job, catalogue);
  const [here, there] = [placedEnd(at, context), placedEnd(to, context)];
  const [from, target] = [resolveEnd(at, job, context.index), resolveEnd(to, job, context.index)];
  if (!here?.frame || !there || !from.end || !target.end || !standTogether(at, to, context)) return [];
  const { frame } = here;
  const [ownEnd, farEnd] = [from.end, target.end];
  const service = serviceAt(at, context.runs);
  const ways = pipesFor(ownEnd, context, service).flatMap((pipe): readonly SpaceWay[] => {
    const spigot = pipe.ends[0]?.end;
    if (!spigot) return [];
    const on = (end: End, material: Part['material'] | undefined): Route | undefined =>
      findRoutes({ end, material, service }, { end: spigot, material: pipe.material }, catalogue, {
        ...options,
        limit: 1,
        mostParts: MOST_ADAPTERS,
      }).routes[0];
    const [near, far] = [on(ownEnd, from.material), on(farEnd, target.material)];
    const nearM = near && reachOf(ownEnd, near.links, pipe);
    const farM = far && reachOf(farEnd, far.links, pipe);
    if (!near || !far || nearM === undefined || farM === undefined) return [];
    const start = { at: toLocal(here.at, frame), goes: directionTo(here.looks, frame) };
    const end = { at: toLocal(there.at, frame), looks: directionTo(there.looks, frame) };
    const first: LineEnd = { at: plus(start.at, times(start.goes, nearM)), goes: start.goes };
    const last: LineEnd = { at: plus(end.at, times(end.looks, farM)), goes: times(end.looks, -1) };
    const bends = bendsFor(pipe, context, service);
    const leastM = 2 * Math.max(...bends.map(({ depthM }) => depthM));
    return bendsBetween(first, last, bends, leastM)
      .slice(0, 2)
      .map((way) => wayOf(way, pipe, near, far));
  });
  return ways
    .filter((way) => meets(way, job, catalogue, at, to))
    .toSorted((a, b) => a.links.length - b.links.length || a.priceUsd - b.priceUsd)
    .slice(0, MOST_WAYS);
}

/** Do both ends stand on one plan, or on one tank? */
function standTogether(at: EndRef, to: EndRef, context: CheckContext): boolean {
  const tankIdOf = (ref: EndRef): string | undefined => {
    const own = context.runs.find(
      ({ penetration, strands }) =>
        (ref.of === 'hole' && penetration.id === ref.id) ||
        strands.some(({ items }) => items.some(({ placed }) => ref.of === 'part' && placed.id === ref.id)),
    );
    return own?.penetration.tankId;
  };
  const tanks = [at, to].flatMap((ref) => (ref.of === 'terminal' ? [] : [tankIdOf(ref)]));
  const stands = (id: string | undefined): boolean => {
    const tank = context.job.tanks.find((one) => one.id === id);
    return tank !== undefined && standingOf(tank, context.job) !== undefined;
  };
  return tanks.every(stands) || (tanks.length === 2 && tanks[0] !== undefined && tanks[0] === tanks[1]);
}

function wayOf(way: BentWay<Fitted>, pipe: Part, near: Route, far: Route): SpaceWay {
  const { bends, cutsM } = way;
  const pipeM = cutsM.reduce((sum, cut) => sum + cut, 0);
  return {
    links: [...near.links, ...bentLinks(way, pipe), ...turnedRound(far.links)],
    priceUsd:
      near.priceUsd + far.priceUsd + bends.reduce((sum, { part }) => sum + part.priceUsd, 0) + pipeM * pipe.priceUsd,
    smallestBoreMm: Math.min(
      near.smallestBoreMm,
      far.smallestBoreMm,
      pipe.boreMm,
      ...bends.map(({ part }) => part.boreMm),
    ),
    cost: 0,
  };
}

/** Taken, does every joint of it hold, and do its ends meet by the course of the whole run? */
function meets(way: SpaceWay, job: Job, catalogue: Catalogue, at: EndRef, to: EndRef): boolean {
  const edited = applyEdits(job, appendChain(job, at, way, '', to).edits, catalogue);
  if (!edited.ok) return false;
  const context = contextOf(edited.value.job, catalogue);
  const standing = new Set(job.joints.map(({ id }) => id));
  // What the water does there is known now: what holds in a drain may leak under a tank.
  if (context.joints.some(({ joint, mating }) => !standing.has(joint.id) && !holdsAtAll(mating.verdict))) return false;
  const spaces = [...inSpaceOf(context).values()];
  const reached = spaces.flatMap(({ gaps }) => gaps);
  return (
    spaces.every(({ tooShort }) => tooShort.length === 0) &&
    reached.some(({ strand: { end } }) => end.at === to.of || to.of === 'part') &&
    reached.every((gap) => meetingOf(gap) === 'meets')
  );
}
