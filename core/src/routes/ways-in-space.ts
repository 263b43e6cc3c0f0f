import { type BentWay, type LineEnd, bendsBetween } from '../assembly/bends-between';
import { BEND_PLAY_DEGREES, type Leg } from '../assembly/course';
import { directionTo, toLocal } from '../assembly/frame';
import { isFlexible } from '../fittings/flexible';
import { inSpaceOf, meetingOf, withLengths } from '../assembly/in-space';
import { type Vector, angleOf, plus, times } from '../assembly/vector';
import type { End } from '../connections/end';
import { type Service, holdsAtAll } from '../connections/mating';
import { type CheckContext, contextOf } from '../derived/context';
import { resolveEnd } from '../derived/resolve';
import { serviceAt } from '../derived/service';
import { applyEdits } from '../edits/edits';
import type { Catalogue } from '../fittings/catalogue';
import { type Part, isByLength, isSoldIn } from '../fittings/part';
import { type EndRef, type Job, siteFigure } from '../job/job';
import type { Role } from '../walls/roles';
import { type Fitted, type Pointing, bendsFor, bentLinks } from './bridge';
import { appendChain, turnedRound } from './chain-edits';
import { type Route, type RouteOptions, findRoutes } from './find-routes';
import { BY_ELBOW, onElbow } from './on-elbow';
import { placedEnd, runAt, saidFrom, standTogether } from './space-ends';
import { MOST_APART, type SpaceWay, byNearness, largerThan, reachOf } from './space-way';
import { hosesFor, throughHose } from './through-hose';
import type { OpenEnd } from './way-index';

/** So many kinds of pipe are tried, the nearest in size first. */
const MOST_PIPES = 4;
/** Within this, sizes of two systems are one. */
const SAME_SIZE = 0.2;
/** Adapters from an end to a pipe: more would be another run. */
const MOST_ADAPTERS = 3;

/** Rigid pipe that is sold there and has bends, nearest in size to an end first; where water runs free none that is smaller. */
function pipesFor(end: End, context: CheckContext, service: Service | undefined, runsFree: boolean): readonly Part[] {
  const { catalogue, job } = context;
  return catalogue.list
    .filter((part) => part.family === 'pipe' && isByLength(part) && !isFlexible(part))
    .filter((part) => isSoldIn(part, job.region) && Math.abs(largerThan(end, part)) < MOST_APART)
    .filter((part) => !runsFree || largerThan(end, part) > -SAME_SIZE)
    .filter((part) => bendsFor(part, context, service).some(({ degrees }) => degrees === 90))
    .toSorted(byNearness(end))
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

/** Straight on, or round one bend, in pieces of which none has its length yet; none where no bend turns so. */
function turnedOnce(u: Vector, v: Vector, made: readonly Fitted[]): readonly BentWay<Fitted>[] {
  const degrees = angleOf(u, v);
  const lengths = { legsM: [], cutsM: [], turningDegrees: degrees };
  if (degrees <= BEND_PLAY_DEGREES) return [{ bends: [], goes: [u], ...lengths }];
  const bend = made.find((one) => Math.abs(one.degrees - degrees) <= BEND_PLAY_DEGREES);
  return bend ? [{ bends: [bend], goes: [u, v], ...lengths }] : [];
}

/** An end of a place that offers nothing: the pipe ends there by itself. */
const NOTHING_BETWEEN: Route = { links: [], priceUsd: 0, smallestBoreMm: Infinity, cost: 0 };

/** Two open ends that both have a place, by which a line between them can be laid out; undefined where one has none. */
export function placedBetween(job: Job, catalogue: Catalogue, at: EndRef, to: EndRef) {
  const said = contextOf(job, catalogue);
  const context = contextOf(withLengths(job, said), catalogue);
  const [here, there] = [placedEnd(at, context), placedEnd(to, context)];
  const frame = here?.frame;
  if (!here || !frame || !there || !standTogether(at, to, context)) return undefined;
  return { at, to, said, context, here, there, frame };
}
export type PlacedBetween = NonNullable<ReturnType<typeof placedBetween>>;

/**
 * Ways between two open ends that both have a place, as they are found: adapters to a pipe at either of them, and the bends and
 * lengths of that pipe that bring one to the other; what runs free falls on the way. Each is taken on a copy, and comes only if
 * every joint holds and its ends meet. What else is said of them, checks say (`plan/tried-ways.ts`).
 */
export function* waysInSpace(
  { at, to, said, context, here, there, frame }: PlacedBetween,
  options: Omit<RouteOptions, 'onHand'>,
): Generator<SpaceWay, void> {
  const { job, catalogue } = context;
  const [from, target] = [resolveEnd(at, job, context.index), resolveEnd(to, job, context.index)];
  const ownEnd = from.end;
  if (!ownEnd || (!target.end && to.of !== 'terminal')) return;
  const service = serviceAt(at, context.runs);
  const roles = runAt(at, context)?.penetration.roles ?? [];
  const leaves = roles.some((role) => LEAVES_FREE.includes(role));
  // What comes in falls towards the tank: seen from there it rises.
  const { say, isTurned } = saidFrom(at, to, frame, context);
  const sign = leaves !== isTurned ? 1 : -1;
  const fallShare = leaves || roles.includes('inlet') ? sign * siteFigure(job, 'fallShare') : undefined;
  const adapters = ({ end, material }: OpenEnd, pipe: Part, wishes: Pick<RouteOptions, 'require' | 'limit'>) => {
    const bare = pipe.ends[0]?.end;
    if (!bare) return [];
    const asked = { ...options, ...wishes, mostParts: MOST_ADAPTERS };
    return findRoutes({ end, material, service }, { end: bare, material: pipe.material }, catalogue, asked).routes;
  };
  const on = (from: OpenEnd, pipe: Part): Route | undefined => adapters(from, pipe, { limit: 1 })[0];
  const own = {
    open: { end: ownEnd, material: from.material },
    at: toLocal(here.at, frame),
    looks: directionTo(here.looks, frame),
  };
  const end = { at: toLocal(there.at, frame), looks: directionTo(there.looks, frame) };
  const open = target.end && { end: target.end, material: target.material };
  const inPipe = (pipe: Part): readonly SpaceWay[] => {
    const near = on(own.open, pipe);
    const far = open ? on(open, pipe) : NOTHING_BETWEEN;
    const nearM = near && reachOf(ownEnd, near.links, pipe);
    const farM = open ? far && reachOf(open.end, far.links, pipe) : 0;
    if (!near || !far || nearM === undefined || farM === undefined) return [];
    const first: LineEnd = { at: plus(own.at, times(own.looks, nearM)), goes: own.looks };
    const last: LineEnd = { at: plus(end.at, times(end.looks, farM)), goes: times(end.looks, -1) };
    const bends = bendsFor(pipe, context, service);
    const leastM = 2 * Math.max(...bends.map(({ depthM }) => depthM));
    // What slides comes to where it must be: all that counts is which way both look.
    if (here.slides || there.slides)
      return [
        ...turnedOnce(first.goes, last.goes, bends).map((way) => wayOf(way, pipe, near, far, fallShare, say)),
        ...onElbow(own, last, pipe, far, adapters(own.open, pipe, BY_ELBOW), catalogue, say),
      ];
    return [
      ...bendsBetween(first, last, bends, leastM).slice(0, MOST_SHAPES),
      ...(leaves ? dropsFirst(first, last, bends, leastM) : []),
    ].map((way) => wayOf(way, pipe, near, far, fallShare, say));
  };
  for (const pipe of pipesFor(ownEnd, context, service, fallShare !== undefined))
    for (const way of inPipe(pipe)) if (meets(way, said, at, to)) yield way;
  // What must fall all the way does not go through what hangs.
  if (!open || fallShare !== undefined || here.slides || there.slides) return;
  for (const hose of hosesFor(ownEnd, context))
    for (const way of throughHose([own, { ...end, open }], hose, on)) if (meets(way, said, at, to)) yield way;
}

function wayOf(
  way: BentWay<Fitted>,
  pipe: Part,
  near: Route,
  far: Route,
  fallShare: number | undefined,
  say: Pointing,
): SpaceWay {
  const { bends, cutsM } = way;
  const pipeM = cutsM.reduce((sum, cut) => sum + cut, 0);
  return {
    links: [...near.links, ...bentLinks(way, pipe, fallShare, say), ...turnedRound(far.links)],
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

/** How many ends of a job do not meet, or ask a piece to be shorter than it can be. */
const notMeeting = (context: CheckContext): number =>
  [...inSpaceOf(context).values()].reduce(
    (sum, { gaps, tooShort }) => sum + tooShort.length + gaps.filter((gap) => meetingOf(gap) !== 'meets').length,
    0,
  );

/**
 * Taken, does every joint of it hold, and do its ends meet by the course of the whole run? What did not meet before, there or
 * elsewhere, is no fault of it.
 */
function meets(way: SpaceWay, before: CheckContext, at: EndRef, to: EndRef): boolean {
  const { said, catalogue } = before;
  const edited = applyEdits(said, appendChain(said, at, way, '', to).edits, catalogue);
  if (!edited.ok) return false;
  const context = contextOf(edited.value.job, catalogue);
  const standing = new Set(said.joints.map(({ id }) => id));
  // What the water does there is known now: what holds in a drain may leak under a tank.
  if (context.joints.some(({ joint, mating }) => !standing.has(joint.id) && !holdsAtAll(mating.verdict))) return false;
  // A hose reaches as it was cut; of all else it must be known that it comes to its end.
  const isNew = ({ placed: { id } }: Leg): boolean => !said.parts.some((part) => part.id === id);
  const reached = [...inSpaceOf(context).values()].flatMap(({ gaps }) => gaps).some(({ path }) => path.some(isNew));
  return notMeeting(context) <= notMeeting(before) && (reached || way.links.some(({ part }) => isFlexible(part)));
}
