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
import { bowedLengthM } from '../assembly/bowed';
import { isFlexible } from '../assembly/flexible';
import { freedomOfPart } from '../assembly/freedom';
import { inSpaceOf, meetingOf } from '../assembly/in-space';
import { looksSomewhere } from '../assembly/pointing';
import { type Vector, plus, times } from '../assembly/vector';
import type { End } from '../connections/end';
import { mate } from '../connections/mate';
import { type Service, holdsAtAll } from '../connections/mating';
import { type CheckContext, contextOf } from '../derived/context';
import { resolveEnd } from '../derived/resolve';
import type { Run } from '../derived/run';
import { isSoldIn } from '../derived/seal-ways';
import { serviceAt } from '../derived/service';
import { standingOf } from '../derived/set-out';
import { applyEdits } from '../edits/edits';
import type { Catalogue } from '../fittings/catalogue';
import { type Part, isByLength, overallMm } from '../fittings/part';
import { type EndRef, type Job, siteFigure } from '../job/job';
import type { Role } from '../walls/roles';
import { holeById, tankOf } from '../job/lookup';
import type { SpacePoint } from '../quantity/space';
import { sizeInInches } from '../quantity/size';
import { type Fitted, bendsFor, bentLinks } from './bridge';
import { type ChainLink, appendChain, turnedRound } from './chain-edits';
import { type Route, type RouteOptions, findRoutes } from './find-routes';
import type { OpenEnd } from './way-index';

/** A way in space, part by part: the bends say where they point, pieces that follow from both ends have no length. */
export interface SpaceWay extends Omit<Route, 'links'> {
  readonly links: readonly ChainLink[];
}

/** So many kinds of pipe are tried, the nearest in size first. */
const MOST_PIPES = 4;
/** Pipe is taken that differs from the end by less than this, in doublings (our judgement). */
const MOST_APART = 0.6;
/** Within this, sizes of two systems are one. */
const SAME_SIZE = 0.1;
/** Adapters from an end to a pipe: more would be another run. */
const MOST_ADAPTERS = 3;

/** An open end in its place, and where it looks; in the space of the job. */
interface Placed {
  readonly at: SpacePoint;
  readonly looks: SpacePoint;
}

/** An open end with its place in the frame of the run. */
interface PlacedEnd {
  readonly open: OpenEnd;
  readonly at: Vector;
  readonly looks: Vector;
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

/** Rigid pipe that is sold there and has bends, nearest in size to an end first; where water runs free none that is smaller. */
function pipesFor(end: End, context: CheckContext, service: Service | undefined, runsFree: boolean): readonly Part[] {
  const { catalogue, job } = context;
  const inches = 'size' in end ? sizeInInches(end.size) : 1;
  const larger = (part: Part): number => Math.log2(sizeInInches(part.size) / inches);
  const far = (part: Part): number => Math.abs(larger(part));
  return catalogue.list
    .filter((part) => part.family === 'pipe' && isByLength(part) && !isFlexible(part))
    .filter((part) => isSoldIn(part, job.region) && far(part) < MOST_APART)
    .filter((part) => !runsFree || larger(part) > -SAME_SIZE)
    .filter((part) => bendsFor(part, context, service).some(({ degrees }) => degrees === 90))
    .toSorted((a, b) => far(a) - far(b) || a.priceUsd - b.priceUsd)
    .slice(0, MOST_PIPES);
}

/** Water that leaves without pressure must fall all the way. */
const LEAVES_FREE: readonly Role[] = ['overflow', 'drain'];

/** How far a line sticks out of a wall before it turns down [m] (our judgement): room for a hand and a bracket. */
const STUB_M = 0.12;

/**
 * The same line with its drop at its beginning: out of the wall, down, and along where it lies on the ground; none where it
 * does not leave level, or does not come down.
 */
function dropsFirst(from: LineEnd, to: LineEnd, bends: readonly Fitted[], leastM: number): readonly BentWay<Fitted>[] {
  const down: Vector = { out: 0, right: 0, up: -1 };
  const square = bends.find(({ degrees }) => degrees === SQUARE);
  if (!square || Math.abs(from.goes.up) > 0.1 || to.at.up > from.at.up - STUB_M) return [];
  const stubM = Math.max(leastM, STUB_M) + square.takeOffM;
  const foot: LineEnd = { at: plus(from.at, times(from.goes, stubM)), goes: down };
  return bendsBetween(foot, to, bends, leastM)
    .slice(0, MOST_SHAPES)
    .flatMap((way) => {
      // The first piece behind the bend begins at its middle.
      const [first = 0, ...rest] = way.cutsM;
      const cutsM = [stubM - square.takeOffM, first - square.takeOffM, ...rest];
      return cutsM.some((cut) => cut < leastM - CUT_M)
        ? []
        : [
            {
              bends: [square, ...way.bends],
              goes: [from.goes, ...way.goes],
              legsM: [stubM, ...way.legsM],
              cutsM,
              turningDegrees: way.turningDegrees + SQUARE,
            },
          ];
    });
}

const SQUARE = 90;
const CUT_M = 0.0001;
/** So many shapes of a line are tried in each kind of pipe. */
const MOST_SHAPES = 2;

/** An end of a place that offers nothing: the pipe ends there by itself. */
const NOTHING_BETWEEN: Route = { links: [], priceUsd: 0, smallestBoreMm: Infinity, cost: 0 };

/**
 * Ways between two open ends that both have a place: adapters to a pipe at either of them, and the bends and lengths of that
 * pipe that bring one to the other; what runs free falls on the way. Each is taken on a copy, and comes only if every joint
 * holds and its ends meet. None where an end has no place. What else is said of them, checks say (`plan/tried-ways.ts`).
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
  const ownEnd = from.end;
  if (!here?.frame || !there || !ownEnd || !standTogether(at, to, context)) return [];
  if (!target.end && to.of !== 'terminal') return [];
  const { frame } = here;
  const service = serviceAt(at, context.runs);
  const roles = runAt(at, context)?.penetration.roles ?? [];
  const leaves = roles.some((role) => LEAVES_FREE.includes(role));
  // What comes in falls towards the tank: seen from there it rises.
  const fallShare = leaves
    ? siteFigure(job, 'fallShare')
    : roles.includes('inlet')
      ? -siteFigure(job, 'fallShare')
      : undefined;
  const on = ({ end, material }: OpenEnd, pipe: Part): Route | undefined => {
    const bare = pipe.ends[0]?.end;
    return (
      bare &&
      findRoutes({ end, material, service }, { end: bare, material: pipe.material }, catalogue, {
        ...options,
        limit: 1,
        mostParts: MOST_ADAPTERS,
      }).routes[0]
    );
  };
  const own = {
    open: { end: ownEnd, material: from.material },
    at: toLocal(here.at, frame),
    looks: directionTo(here.looks, frame),
  };
  const end = { at: toLocal(there.at, frame), looks: directionTo(there.looks, frame) };
  const open = target.end && { end: target.end, material: target.material };
  const rigid = pipesFor(ownEnd, context, service, fallShare !== undefined).flatMap((pipe): readonly SpaceWay[] => {
    const near = on(own.open, pipe);
    const far = open ? on(open, pipe) : NOTHING_BETWEEN;
    const nearM = near && reachOf(ownEnd, near.links, pipe);
    const farM = open ? far && reachOf(open.end, far.links, pipe) : 0;
    if (!near || !far || nearM === undefined || farM === undefined) return [];
    const first: LineEnd = { at: plus(own.at, times(own.looks, nearM)), goes: own.looks };
    const last: LineEnd = { at: plus(end.at, times(end.looks, farM)), goes: times(end.looks, -1) };
    const bends = bendsFor(pipe, context, service);
    const leastM = 2 * Math.max(...bends.map(({ depthM }) => depthM));
    return [
      ...bendsBetween(first, last, bends, leastM).slice(0, MOST_SHAPES),
      ...(leaves ? dropsFirst(first, last, bends, leastM) : []),
    ].map((way) => wayOf(way, pipe, near, far, fallShare));
  });
  // What must fall all the way does not go through what hangs.
  const hoses = open && fallShare === undefined ? hosesFor(ownEnd, context) : [];
  const bent = hoses.flatMap((hose) => (open ? throughHose([own, { ...end, open }], hose, on) : []));
  const ways = [...rigid, ...bent];
  return ways
    .filter((way) => meets(way, job, catalogue, at, to))
    .toSorted((a, b) => a.links.length - b.links.length || a.priceUsd - b.priceUsd);
}

/** More of a hose than the curve is long, so that it hangs easy (our judgement); cut in steps of so much [m]. */
const EASY = 1.05;
const CUT_STEP_M = 0.01;
/** So many kinds of hose are tried. */
const MOST_HOSES = 2;

/** Hose and coiled pipe that is sold there, nearest in size to an end first. */
const hosesFor = (end: End, { catalogue, job }: CheckContext): readonly Part[] => {
  const inches = 'size' in end ? sizeInInches(end.size) : 1;
  const far = (part: Part): number => Math.abs(Math.log2(sizeInInches(part.size) / inches));
  return catalogue.list
    .filter((part) => part.family === 'hose' && isSoldIn(part, job.region) && far(part) < MOST_APART)
    .toSorted((a, b) => far(a) - far(b) || a.priceUsd - b.priceUsd)
    .slice(0, MOST_HOSES);
};

/** The same two ends by a piece that bends: cut so long that it is nowhere bent tighter than it may be. */
function throughHose(
  ends: readonly [PlacedEnd, PlacedEnd],
  hose: Part,
  on: (end: OpenEnd, pipe: Part) => Route | undefined,
): readonly SpaceWay[] {
  const [from, to] = ends;
  const freedom = freedomOfPart(hose);
  const [near, far] = [on(from.open, hose), on(to.open, hose)];
  const nearM = near && reachOf(from.open.end, near.links, hose);
  const farM = far && reachOf(to.open.end, far.links, hose);
  if (!near || !far || nearM === undefined || farM === undefined || freedom.is !== 'bends') return [];
  const first: LineEnd = { at: plus(from.at, times(from.looks, nearM)), goes: from.looks };
  const last: LineEnd = { at: plus(to.at, times(to.looks, farM)), goes: times(to.looks, -1) };
  const curveM = bowedLengthM(first, last, freedom.radiusM);
  if (curveM === undefined) return [];
  const lengthM = Math.ceil((curveM * EASY) / CUT_STEP_M) * CUT_STEP_M;
  return [
    {
      links: [...near.links, { part: hose, endIn: 0, endOut: 1, lengthM }, ...turnedRound(far.links)],
      priceUsd: near.priceUsd + far.priceUsd + lengthM * hose.priceUsd,
      smallestBoreMm: Math.min(near.smallestBoreMm, far.smallestBoreMm, hose.boreMm),
      cost: 0,
    },
  ];
}

/** The run that an open end belongs to. */
const runAt = (ref: EndRef, { runs }: CheckContext): Run | undefined =>
  runs.find(
    ({ penetration, strands }) =>
      (ref.of === 'hole' && penetration.id === ref.id) ||
      strands.some(({ items }) => items.some(({ placed }) => ref.of === 'part' && placed.id === ref.id)),
  );

/** Do both ends stand on one plan, or on one tank? */
function standTogether(at: EndRef, to: EndRef, context: CheckContext): boolean {
  const tankIdOf = (ref: EndRef): string | undefined => runAt(ref, context)?.penetration.tankId;
  const tanks = [at, to].flatMap((ref) => (ref.of === 'terminal' ? [] : [tankIdOf(ref)]));
  const stands = (id: string | undefined): boolean => {
    const tank = context.job.tanks.find((one) => one.id === id);
    return tank !== undefined && standingOf(tank, context.job) !== undefined;
  };
  return tanks.every(stands) || (tanks.length === 2 && tanks[0] !== undefined && tanks[0] === tanks[1]);
}

function wayOf(way: BentWay<Fitted>, pipe: Part, near: Route, far: Route, fallShare: number | undefined): SpaceWay {
  const { bends, cutsM } = way;
  const pipeM = cutsM.reduce((sum, cut) => sum + cut, 0);
  return {
    links: [...near.links, ...bentLinks(way, pipe, fallShare), ...turnedRound(far.links)],
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
    (reached.some(({ strand: { end } }) => end.at === to.of || to.of === 'part') ||
      way.links.some(({ part }) => isFlexible(part))) &&
    reached.every((gap) => meetingOf(gap) === 'meets')
  );
}
