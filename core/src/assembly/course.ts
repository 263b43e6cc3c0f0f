import { type Part, ownLengthM, overallMm, reachMmOf } from '../fittings/part';
import type { RunSight } from '../derived/context';
import { type EndRef, HEADINGS, type Heading, type PlacedPart, refKey } from '../job/job';
import { holeById, tankOf } from '../job/lookup';
import { type Run, type Strand, type StrandItem, walkRun } from '../derived/run';
import { standingOf } from '../derived/set-out';
import { runViews } from '../derived/run-view';
import { memoize } from '../quantity/memoize';
import { isFlexible } from '../fittings/flexible';
import { standsInM } from './stands-in';
import { type Frame, directionFrom, directionTo, openedAt, standsAs, targetOf, toLocal, toSpace } from './frame';
import {
  type Vector,
  HEADING_VECTORS,
  along,
  angleOf,
  dot,
  minus,
  plus,
  rolled,
  squareTo,
  times,
  turned,
  unit,
} from './vector';

/** What had to be assumed of a leg, because nobody has said it. */
export type Assumed = 'length' | 'direction' | 'rise';

/** Where one part of a run lies: from its near end by its bend to its far end. */
export interface Leg {
  readonly placed: PlacedPart;
  readonly part: Part;
  /** The end by which it is met. */
  readonly inEnd: number;
  readonly from: Vector;
  /** The middle of a bend or of a branching; on a straight piece half way. */
  readonly through: Vector;
  readonly to: Vector;
  /** The way the water goes on into it and out of it. */
  readonly headingIn: Vector;
  readonly headingOut: Vector;
  /** Where its branches come out, by end. */
  readonly branches: ReadonlyMap<number, { readonly from: Vector; readonly heading: Vector }>;
  readonly assumed: readonly Assumed[];
  /** Does it lie here for sure: nothing before it had to be assumed? */
  readonly sure: boolean;
  /** It hangs inside the tank. */
  readonly inTank?: true;
}

/** How a run really goes: the legs of each of its strands, in their order. */
export interface Course {
  readonly strands: readonly (readonly Leg[])[];
  /** The same by strand. */
  readonly along: ReadonlyMap<Strand, readonly Leg[]>;
  /** The opening: on the outside of the wall, its height above the finished ground. */
  readonly start: Vector;
  /** How it is seen from its opening. */
  readonly frame: Frame;
}

/** A length that nobody has measured is drawn like this [m]. */
export const UNKNOWN_LENGTH_M = 0.5;
const SQUARE = 90;
const { out: OUT, up: UP } = HEADING_VECTORS;
/** A heading is upright when it rises by more than this share of its length. */
const STEEP = 0.999;
const isSteep = (heading: Vector): boolean => Math.abs(heading.up) > STEEP;

/**
 * Which way a bend is drawn that nobody has turned: to where the line is known to end, otherwise down from a level line
 * and out from an upright one.
 */
export function usualHeading(heading: Vector, towards?: Vector): Heading {
  const square = HEADINGS.filter((one) => squareTo(heading, HEADING_VECTORS[one]) !== undefined);
  const nearest =
    towards && square.toSorted((a, b) => dot(HEADING_VECTORS[b], towards) - dot(HEADING_VECTORS[a], towards))[0];
  return nearest ?? (isSteep(heading) ? 'out' : 'down');
}

/**
 * Lays a run out as it really goes: from the outside of the wall, turned at each bend, rising and falling with its pipes.
 *
 * Fittings go straight on by what they measure less what they stand in their neighbours; a bend turns in its middle
 * towards where it points. A pipe that rises goes on level for the rest of its length.
 */
export function courseOf({ penetration, strands }: Run, context: RunSight): Course {
  const { job } = context;
  const tank = tankOf(job, penetration);
  const opened = tank && openedAt(penetration, tank, standsAs(tank, context));
  const { frame, at: start, looks } = opened ?? NOWHERE;
  const branches = new Map<string, { readonly from: Vector; readonly heading: Vector }>();
  /** Behind what the line went on through: a seal of another chamber, on the inside of which it goes on. */
  const reached = new Map<string, { readonly from: Vector; readonly heading: Vector }>();
  const unsure = new Set<string>();
  const wallM = tank?.wallM ?? 0;
  /** The wall that a seal sits in: its own where it comes last, else that of the opening where the run begins. */
  const wallOf = (item: StrandItem, { items, end }: Strand): number =>
    end.at === 'hole' && item === items.at(-1)
      ? (tankOf(context.job, holeById(context.job, end.id))?.wallM ?? wallM)
      : wallM;
  const laidAlong = (strand: Strand): readonly Leg[] => {
    const { from } = strand;
    const inside = from.of === 'part' && isInside(from, context);
    const begin = inside
      ? (reached.get(from.id) ?? { from: along(start, looks, -wallM), heading: times(looks, -1) })
      : from.of === 'part'
        ? branches.get(`${from.id} ${from.end}`)
        : { from: start, heading: looks };
    if (!begin) return [];
    const target = targetOf(strand, penetration, frame, context)?.at;
    const legs: Leg[] = [];
    let sure = from.of !== 'part' || inside || !unsure.has(from.id);
    let { from: at, heading } = begin;
    for (const [place, item] of strand.items.entries()) {
      const inWall = place === 0 && from.of === 'hole' ? inWallM(item, wallM) : undefined;
      const before = strand.items[place - 1]?.part;
      const inM = inWall ?? standsInM(context.judgedOf(item.jointIn?.id), [before, item.part], wallOf(item, strand));
      const leg = legOf(item, strand.items[place + 1], along(at, heading, -inM), heading, target, sure);
      legs.push(inside ? { ...leg, inTank: true } : leg);
      if (inWall === undefined) reached.set(item.placed.id, { from: leg.to, heading: leg.headingOut });
      sure &&= leg.assumed.length === 0;
      if (!sure) unsure.add(item.placed.id);
      for (const [end, branch] of leg.branches) branches.set(`${item.placed.id} ${end}`, branch);
      at = leg.to;
      heading = leg.headingOut;
    }
    return legs;
  };
  const laid = strands.map((strand) => [strand, laidAlong(strand)] as const);
  return { strands: laid.map(([, legs]) => legs), along: new Map(laid), start, frame };
}

/** An opening of a tank that is not there: it looks outward, on the ground. */
const NOWHERE = {
  frame: { at: { x: 0, y: 0 }, out: { x: 0, y: -1 } },
  at: { out: 0, right: 0, up: 0 },
  looks: HEADING_VECTORS.out,
};

/** Does a line begin at an end that hangs inside a tank? */
export const isInside = (from: { readonly id: string; readonly end: number }, { index }: RunSight): boolean =>
  index.placed(from.id)?.part.ends[from.end]?.position === 'inside';

/** Does a line end there that hangs inside a tank? Nothing of it comes out again. */
export const endsInside = (at: EndRef, context: RunSight): boolean =>
  context.runs.some(({ strands }) =>
    strands.some(
      ({ from, end }) =>
        from.of === 'part' && isInside(from, context) && 'ref' in end && refKey(end.ref) === refKey(at),
    ),
  );

/** How far the near end of what stands in a wall is behind the outside of the wall [m]; undefined where nothing does. */
const inWallM = ({ part }: StrandItem, wallM: number): number | undefined =>
  part.wallFaceMm === undefined ? undefined : part.wallFaceMm / 1000 + wallM;

/** From end to end along the axis [m]; a saddle lies on a pipe that is not cut. */
function overallM(part: Part, placed: PlacedPart): number {
  const lengthM = ownLengthM(part, placed);
  if (lengthM !== undefined) return lengthM ?? UNKNOWN_LENGTH_M;
  return part.features.includes('saddle') ? 0 : overallMm(part) / 1000;
}

function legOf(
  { placed, part, inEnd, outEnd }: StrandItem,
  next: StrandItem | undefined,
  from: Vector,
  heading: Vector,
  target: Vector | undefined,
  sure: boolean,
): Leg {
  const long = overallM(part, placed);
  const isBranch = (end: number | undefined): boolean => end !== undefined && part.ends[end]?.position === 'branch';
  // Who comes in by the branch of a tee goes on square to it.
  const bend = isBranch(inEnd) ? (part.branchDegrees ?? SQUARE) : (part.bendDegrees ?? 0);
  const turns = bend > 0 || part.features.includes('branch') || part.features.includes('spout');
  // Walked from its other end a bend is met along where it points; then it leads to where the line is known to end.
  const { points } = placed;
  const square = points !== null && squareTo(heading, HEADING_VECTORS[points]) !== undefined;
  const said = points !== null && (target !== undefined || square);
  // Only what turns has a side to turn to.
  const side = (): Vector =>
    rolled(
      heading,
      HEADING_VECTORS[square ? points : usualHeading(heading, target && minus(target, from))],
      placed.rollDegrees,
    );
  const reachM = (end: number | undefined): number =>
    end === undefined || part.reachMm === undefined ? long / 2 : reachMmOf(part, end) / 1000;
  const through = along(from, heading, reachM(inEnd));
  const goesOn = ownLengthM(part, placed) !== undefined;
  const straight = goesOn ? slopeOf(placed, part, heading, long) : undefined;
  const headingOut = straight?.heading ?? (bend > 0 ? bentTo(heading, side(), bend, placed, next) : heading);
  const straightTo = straight ? along(from, straight.step, long) : along(through, headingOut, reachM(outEnd));
  const to = part.dropMm === undefined ? straightTo : along(straightTo, UP, dropM(part, inEnd));
  const branches = new Map(
    part.ends.flatMap(({ position }, end) => {
      if (end === inEnd || end === outEnd || position === 'inside') return [];
      // The other way of a tee that was entered by its branch runs back along it.
      const away =
        isBranch(inEnd) && position !== 'branch'
          ? times(headingOut, -1)
          : (turned(heading, side(), part.branchDegrees ?? SQUARE) ?? heading);
      return [[end, { from: along(through, away, reachM(end)), heading: away }] as const];
    }),
  );
  return {
    placed,
    part,
    inEnd,
    from,
    through: straight ? along(from, straight.step, long / 2) : through,
    to,
    headingIn: heading,
    headingOut,
    branches,
    sure,
    assumed: [
      ...(ownLengthM(part, placed) === null ? (['length'] as const) : []),
      ...(turns && !said ? (['direction'] as const) : []),
      ...(goesOn && placed.slope === null && isFlexible(part) ? (['rise'] as const) : []),
    ],
  };
}

/** Bends are made to so many degrees, and a joint gives as much again: so far a line follows where it was said to go (common practice). */
export const BEND_PLAY_DEGREES = 1.5;

/** The way out of a bend: exactly where it was said to point, and as the next pipe falls, where its joints give that much. */
function bentTo(
  heading: Vector,
  side: Vector,
  bend: number,
  { points, rollDegrees }: PlacedPart,
  next: StrandItem | undefined,
): Vector {
  const said = points === null || rollDegrees !== 0 ? undefined : HEADING_VECTORS[points];
  const out = said && Math.abs(angleOf(heading, said) - bend) <= BEND_PLAY_DEGREES ? said : turned(heading, side, bend);
  if (!out || !next || isFlexible(next.part)) return out ?? heading;
  const falling = slopeOf(next.placed, next.part, out, overallM(next.part, next.placed)).heading;
  return angleOf(falling, out) <= BEND_PLAY_DEGREES ? falling : out;
}

/** How much higher the far end lies of what has its outlet below its inlet [m]: walked from its outlet it rises. */
const dropM = ({ dropMm = 0, ends }: Part, inEnd: number): number =>
  (ends[inEnd]?.position === 'inlet' ? -dropMm : dropMm) / 1000;

/** How a pipe goes that rises or falls by so much, or by so much for its length: its step, and the heading that it goes on with. */
function slopeOf(
  { slope, points }: PlacedPart,
  part: Part,
  heading: Vector,
  long: number,
): { readonly step: Vector; readonly heading: Vector } {
  if (slope === null) return { step: heading, heading };
  const share = slope.by === 'rise' ? slope.riseM / long : -slope.fallShare;
  const level = unit({ ...heading, up: 0 }) ?? (points === null ? OUT : HEADING_VECTORS[points]);
  const rise = Math.max(-1, Math.min(1, share));
  const step = plus(times(level, Math.sqrt(1 - rise ** 2)), times(UP, rise));
  return { step, heading: isFlexible(part) ? level : step };
}

const courseIn = memoize((scope: RunSight) =>
  scope.runs.map((run) => [run.penetration.id, fromFirst(run, scope) ?? courseOf(run, scope)] as const),
);

/** The opening from which a run is said: the first of the job among those that share it. */
export function firstOpening({ penetration, strands }: Run, { job }: RunSight): Run['penetration'] {
  const ends = new Set(strands.flatMap(({ end }) => (end.at === 'hole' ? [end.id] : [])));
  return ends.size === 0
    ? penetration
    : (job.penetrations.find((hole) => hole.id === penetration.id || ends.has(hole.id)) ?? penetration);
}

/**
 * The course of a run that is said from another opening, seen from this one: where bends point was said there. Undefined
 * where it is said from here, or where nobody knows how the two openings stand to each other.
 */
function fromFirst(run: Run, context: RunSight): Course | undefined {
  const first = firstOpening(run, context);
  if (first === run.penetration) return undefined;
  const tanks = [tankOf(context.job, first), tankOf(context.job, run.penetration)] as const;
  const [firstTank, tank] = tanks;
  if (!firstTank || !tank || (tank !== firstTank && tanks.some((one) => one && !standingOf(one, context.job))))
    return undefined;
  const said = courseOf({ penetration: first, strands: walkRun({ of: 'hole', id: first.id }, context.index) }, context);
  const { frame, at: start } = openedAt(run.penetration, tank, standsAs(tank, context));
  const seen = (point: Vector): Vector => toLocal(toSpace(point, said.frame), frame);
  const looking = (heading: Vector): Vector => directionTo(directionFrom(heading, said.frame), frame);
  const legs = new Map(said.strands.flat().map((leg) => [leg.placed.id, leg]));
  const laid = run.strands.map(
    (strand) =>
      [
        strand,
        strand.items.flatMap((item) => {
          const leg = legs.get(item.placed.id);
          return leg ? [turnedRound(leg, item, seen, looking)] : [];
        }),
      ] as const,
  );
  return { strands: laid.map(([, one]) => one), along: new Map(laid), start, frame };
}

/** A leg met from another of its ends. */
function turnedRound(
  leg: Leg,
  { inEnd, outEnd }: StrandItem,
  seen: (point: Vector) => Vector,
  looking: (heading: Vector) => Vector,
): Leg {
  const ends = new Map(
    leg.part.ends.map((_, end) => {
      const branch = leg.branches.get(end);
      return [
        end,
        branch
          ? { from: seen(branch.from), heading: looking(branch.heading) }
          : end === leg.inEnd
            ? { from: seen(leg.from), heading: looking(times(leg.headingIn, -1)) }
            : { from: seen(leg.to), heading: looking(leg.headingOut) },
      ] as const;
    }),
  );
  const near = ends.get(inEnd);
  const far = outEnd === undefined ? undefined : ends.get(outEnd);
  return {
    ...leg,
    inEnd,
    from: near?.from ?? seen(leg.from),
    through: seen(leg.through),
    to: far?.from ?? seen(leg.to),
    headingIn: near ? times(near.heading, -1) : looking(leg.headingIn),
    headingOut: far?.heading ?? looking(leg.headingOut),
    branches: new Map(
      [...ends].filter(([end]) => end !== inEnd && end !== outEnd && leg.part.ends[end]?.position !== 'inside'),
    ),
  };
}

/** The courses of all runs of a job, by opening; worked out once. */
export const coursesOf: (context: RunSight) => ReadonlyMap<string, Course> = memoize(
  (context: RunSight) => new Map(runViews(context).flatMap(({ dry }) => courseIn(dry))),
);

/** The legs of the strands of a run; none of one that is shared and stands at another opening (`runsOnce`). */
export const legsStanding = ({ penetration, strands }: Run, context: RunSight): readonly Leg[] => {
  const course = coursesOf(context).get(penetration.id);
  return strands.flatMap((strand) => course?.along.get(strand) ?? []);
};

/** From the opening to the end of a strand: the legs before its branching, then its own. */
export function pathOf(strand: Strand, run: Run, course: Course): readonly Leg[] {
  const own = course.along.get(strand) ?? [];
  const { from } = strand;
  if (from.of !== 'part') return own;
  const before = run.strands.find((one) => one !== strand && one.items.some(({ placed }) => placed.id === from.id));
  if (!before) return own;
  const path = pathOf(before, run, course);
  return [...path.slice(0, path.findIndex(({ placed }) => placed.id === from.id) + 1), ...own];
}

/** Where a strand ends, seen from its opening [m]; undefined where nothing stands on it. */
export function endOfStrand({ start, strands }: Course, place: number): Vector | undefined {
  const last = strands[place]?.at(-1);
  return last && minus(last.to, start);
}
