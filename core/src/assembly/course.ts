import { type Part, ownLengthM, overallMm, reachMmOf } from '../fittings/part';
import type { RunSight } from '../derived/context';
import { HEADINGS, type Heading, type PlacedPart } from '../job/job';
import { baseLevelM } from '../derived/set-out';
import { holeById, tankOf } from '../job/lookup';
import type { Run, Strand, StrandItem } from '../derived/run';
import { runViews } from '../derived/run-view';
import { memoize } from '../quantity/memoize';
import { isFlexible } from './flexible';
import { HEADING_VECTORS, type Vector, along, dot, plus, squareTo, times, turned, unit } from './vector';

/** What had to be assumed of a leg, because nobody has said it. */
export type Assumed = 'length' | 'direction' | 'rise';

/** Where one part of a run lies: from its near end by its bend to its far end. */
export interface Leg {
  readonly placed: PlacedPart;
  readonly part: Part;
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
}

/** How a run really goes: the legs of each of its strands, in their order. */
export interface Course {
  readonly strands: readonly (readonly Leg[])[];
  /** The same by strand. */
  readonly along: ReadonlyMap<Strand, readonly Leg[]>;
  /** The opening: on the outside of the wall, its height above the finished ground. */
  readonly start: Vector;
}

/** A length that nobody has measured is drawn like this [m]. */
export const UNKNOWN_LENGTH_M = 0.5;
const SQUARE = 90;
const { out: OUT, up: UP, down: DOWN, back: BACK } = HEADING_VECTORS;
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

const startHeading = (face: Run['penetration']['face']): Vector =>
  face === 'top' ? UP : face === 'bottom' ? DOWN : OUT;

/**
 * Lays a run out as it really goes: from the outside of the wall, turned at each bend, rising and falling with its pipes.
 *
 * Fittings go straight on by what they measure less what they stand in their neighbours; a bend turns in its middle
 * towards where it points. A pipe that rises goes on level for the rest of its length.
 */
export function courseOf({ penetration, strands }: Run, context: RunSight): Course {
  const { job } = context;
  const tank = tankOf(job, penetration);
  const start: Vector = {
    out: 0,
    right: 0,
    up: (tank ? baseLevelM(tank, job) : 0) + (penetration.face === 'bottom' ? 0 : penetration.heightM),
  };
  const branches = new Map<string, { readonly from: Vector; readonly heading: Vector }>();
  const unsure = new Set<string>();
  const wallM = tank?.wallM ?? 0;
  const legsOf = (strand: Strand): readonly Leg[] => {
    const { from } = strand;
    const inside = from.of === 'part' && isInside(from, context);
    const begin =
      from.of === 'part' && !inside
        ? branches.get(`${from.id} ${from.end}`)
        : inside
          ? { from: along(start, BACK, wallM), heading: BACK }
          : { from: start, heading: startHeading(penetration.face) };
    if (!begin) return [];
    const target = targetOf(strand, penetration, start, context);
    const legs: Leg[] = [];
    let sure = from.of !== 'part' || inside || !unsure.has(from.id);
    let { from: at, heading } = begin;
    for (const [place, item] of strand.items.entries()) {
      const inWall = place === 0 && from.of === 'hole' ? inWallM(item, wallM) : undefined;
      const standsInM = inWall ?? (context.judgedOf(item.jointIn?.id)?.mating.engagementMm ?? 0) / 1000;
      const leg = legOf(item, along(at, heading, -standsInM), heading, target, sure);
      legs.push(leg);
      sure &&= leg.assumed.length === 0;
      if (!sure) unsure.add(item.placed.id);
      for (const [end, branch] of leg.branches) branches.set(`${item.placed.id} ${end}`, branch);
      at = leg.to;
      heading = leg.headingOut;
    }
    return legs;
  };
  const laid = strands.map((strand) => [strand, legsOf(strand)] as const);
  return { strands: laid.map(([, legs]) => legs), along: new Map(laid), start };
}

/** The opening of the same tank in which a strand ends: where its bends lead, even when nobody has said so. */
function targetOf({ end }: Strand, near: Run['penetration'], start: Vector, { job }: RunSight): Vector | undefined {
  const far = end.at === 'hole' ? holeById(job, end.id) : undefined;
  return far && far.tankId === near.tankId && far.face === near.face
    ? { out: 0, right: far.aroundM - near.aroundM, up: start.up + far.heightM - near.heightM }
    : undefined;
}

const isInside = (from: { readonly id: string; readonly end: number }, { index }: RunSight): boolean =>
  index.placed(from.id)?.part.ends[from.end]?.position === 'inside';

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
    HEADING_VECTORS[square ? points : usualHeading(heading, target && plus(target, times(from, -1)))];
  const reachM = (end: number | undefined): number =>
    end === undefined || part.reachMm === undefined ? long / 2 : reachMmOf(part, end) / 1000;
  const through = along(from, heading, reachM(inEnd));
  const goesOn = ownLengthM(part, placed) !== undefined;
  const straight = goesOn ? slopeOf(placed, part, heading, long) : undefined;
  const headingOut = straight?.heading ?? (bend > 0 ? (turned(heading, side(), bend) ?? heading) : heading);
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
      ...(goesOn && placed.riseM === null && isFlexible(part) ? (['rise'] as const) : []),
    ],
  };
}

/** How much higher the far end lies of what has its outlet below its inlet [m]: walked from its outlet it rises. */
const dropM = ({ dropMm = 0, ends }: Part, inEnd: number): number =>
  (ends[inEnd]?.position === 'inlet' ? -dropMm : dropMm) / 1000;

/** How a pipe goes that rises or falls by so much: its step, and the level heading that it goes on with. */
function slopeOf(
  { riseM, points }: PlacedPart,
  part: Part,
  heading: Vector,
  long: number,
): { readonly step: Vector; readonly heading: Vector } {
  if (riseM === null) return { step: heading, heading };
  const level = unit({ ...heading, up: 0 }) ?? (points === null ? OUT : HEADING_VECTORS[points]);
  const rise = Math.max(-1, Math.min(1, riseM / long));
  const step = plus(times(level, Math.sqrt(1 - rise ** 2)), times(UP, rise));
  return { step, heading: isFlexible(part) ? level : step };
}

const courseIn = memoize((scope: RunSight) =>
  scope.runs.map((run) => [run.penetration.id, courseOf(run, scope)] as const),
);

/** The courses of all runs of a job, by opening; worked out once. */
export const coursesOf: (context: RunSight) => ReadonlyMap<string, Course> = memoize(
  (context: RunSight) => new Map(runViews(context).flatMap(({ dry }) => courseIn(dry))),
);

/** Where a strand ends, seen from its opening [m]; undefined where nothing stands on it. */
export function endOfStrand({ start, strands }: Course, place: number): Vector | undefined {
  const last = strands[place]?.at(-1);
  return last && plus(last.to, times(start, -1));
}
