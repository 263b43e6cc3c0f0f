import type { CheckContext, RunSight } from '../derived/context';
import { runViews } from '../derived/run-view';
import type { Run, Strand, StrandItem } from '../derived/run';
import { type Part, isByLength } from '../fittings/part';
import type { Job, PlacedPart } from '../job/job';
import { tankOf } from '../job/lookup';
import { gather } from '../quantity/gather';
import { memoize, reuseEqual } from '../quantity/memoize';
import { BEND_PLAY_DEGREES, type Course, type Leg, UNKNOWN_LENGTH_M, coursesOf, firstOpening, pathOf } from './course';
import type { LineEnd } from './bends-between';
import { isFlexible } from '../fittings/flexible';
import { type Target, targetOf } from './frame';
import { solveLeastSquares } from './least-squares';
import {
  type Vector,
  HEADING_VECTORS,
  along,
  angleOf,
  distance,
  dot,
  lengthOf,
  minus,
  plus,
  times,
  unit,
} from './vector';

/** By how much the end of a strand misses where it shall end. */
export interface EndGap {
  readonly strand: Strand;
  /** From where it ends to where it should: on in the way it last went level, to the right of that, and up [m]. */
  readonly alongM: number;
  readonly acrossM: number;
  readonly upM: number;
  readonly distanceM: number;
  /** Between the way it goes and the way it should go in [degrees]; undefined where nobody said how the place looks. */
  readonly degrees: number | undefined;
  /** A hose in it is too short to reach, however it lies. */
  readonly hose: boolean;
  /** Was everything that this rests on measured? */
  readonly sure: boolean;
  /** From the opening to its end. */
  readonly path: readonly Leg[];
  /** Where the far end of its last part should be, and the way it should go there. */
  readonly wanted: LineEnd;
  /** Pieces of given length that lie along the gap, the straightest first: one of them could be cut otherwise. */
  readonly cuts: readonly Leg[];
}

/** Less than this is no gap; less than that a tape may be out [m] (our judgement). */
export const NO_GAP_M = 0.002;
const TAPE_OUT_M = 0.01;
/** The joint of a bend on either side gives so much. */
export const ASKEW_DEGREES = 2 * BEND_PLAY_DEGREES;

/** How the end of a strand comes to where it shall end; `tape`: as near as a tape can be out. */
export type Meeting = 'meets' | 'tape' | 'askew' | 'apart' | 'hose-short';

/** Does it meet, and if not, what is wrong first? */
export function meetingOf({ distanceM, degrees = 0, hose }: Pick<EndGap, 'distanceM' | 'degrees' | 'hose'>): Meeting {
  if (hose) return 'hose-short';
  if (distanceM > TAPE_OUT_M) return 'apart';
  if (degrees > ASKEW_DEGREES) return 'askew';
  return distanceM > NO_GAP_M ? 'tape' : 'meets';
}

/** A piece that would have to be shorter than what it stands in. */
export interface TooShort {
  readonly leg: Leg;
  readonly lengthM: number;
  readonly leastM: number;
}

/** What follows from the places of both ends of a run. */
export interface InSpace {
  /** Lengths of pieces that nobody has given, by the id of the part [m]. */
  readonly lengths: ReadonlyMap<string, number>;
  readonly tooShort: readonly TooShort[];
  /** Pieces whose length follows once another piece of the same line has one: they need not be asked for. */
  readonly follow: ReadonlySet<string>;
  readonly gaps: readonly EndGap[];
}

/** A rigid piece whose length the plan may work out. */
const isFree = ({ placed, part }: Leg): boolean =>
  isByLength(part) &&
  !isFlexible(part) &&
  placed.lengthM === null &&
  placed.lengthKind === 'computed' &&
  !placed.existing;

/** Where the far end of the last part is when it has gone in as far as it goes. */
function wantedEnd({ part }: Leg, strand: Strand, target: Target, heading: Vector, context: RunSight): Vector {
  const { end } = strand;
  if (end.at === 'hole' && part.wallFaceMm !== undefined) {
    const hole = context.job.penetrations.find(({ id }) => id === end.id);
    const wallM = tankOf(context.job, hole)?.wallM ?? 0;
    return along(target.at, target.looks ?? times(heading, -1), -(part.wallFaceMm / 1000 + wallM));
  }
  const standsInM = ('joint' in end ? (context.judgedOf(end.joint.id)?.mating.engagementMm ?? 0) : 0) / 1000;
  return along(target.at, target.looks ?? times(heading, -1), -standsInM);
}

/** A strand that is known to its end, and where that should be. */
interface Reaching {
  readonly strand: Strand;
  readonly path: readonly Leg[];
  readonly last: Leg;
  readonly target: Target;
  readonly wanted: LineEnd;
  /** From where it is drawn to end to where it should [m]. */
  readonly missing: Vector;
}

/** What is assumed of it keeps nothing from being worked out but its own length. */
const isKnown = (leg: Leg): boolean =>
  leg.assumed.length === 0 || (leg.assumed.every((one) => one === 'length') && isFree(leg));

function reachingOf(run: Run, course: Course, context: RunSight): readonly Reaching[] {
  if (firstOpening(run, context) !== run.penetration) return [];
  return run.strands.flatMap((strand): readonly Reaching[] => {
    const last = course.along.get(strand)?.at(-1);
    const target = last && targetOf(strand, run.penetration, course.frame, context);
    if (!last || !target) return [];
    const wanted = wantedEnd(last, strand, target, last.headingOut, context);
    return [
      {
        strand,
        path: pathOf(strand, run, course),
        last,
        target,
        wanted: { at: wanted, goes: target.looks ? times(target.looks, -1) : last.headingOut },
        missing: minus(wanted, last.to),
      },
    ];
  });
}

const stepOf = ({ from, to }: Leg): Vector => unit(minus(to, from)) ?? HEADING_VECTORS.out;
const AXES = ['out', 'right', 'up'] as const;

/** As far as a piece stands in what is at its two ends [m]. */
const leastOf = ({ placed }: Leg, context: RunSight): number =>
  gather(context.joints, ({ joint: { a, b }, mating }) =>
    [a, b].some((ref) => ref.of === 'part' && ref.id === placed.id) ? [mating.engagementMm / 1000] : [],
  ).reduce((sum, one) => sum + one, 0);

/** Works a run out from its ends: its lengths where they follow, and by how much it misses where they do not. */
function workOut(run: Run, course: Course, context: RunSight): InSpace {
  const reaching = reachingOf(run, course, context);
  const rigid = reaching.filter(({ path }) => path.every(isKnown) && path.every(({ part }) => !isFlexible(part)));
  const free = [
    ...new Map(rigid.flatMap(({ path }) => path.filter(isFree).map((leg) => [leg.placed.id, leg]))).values(),
  ];
  const columns = free.map((leg) => {
    const step = stepOf(leg);
    return rigid.flatMap(({ path }) => AXES.map((axis) => (path.includes(leg) ? step[axis] : 0)));
  });
  const { values, ask, left } = solveLeastSquares(
    columns,
    rigid.flatMap(({ missing }) => AXES.map((axis) => missing[axis])),
  );
  const found = free.flatMap((leg, place) => {
    const more = values[place];
    return more === undefined
      ? []
      : [{ leg, lengthM: UNKNOWN_LENGTH_M + more, leastM: Math.max(leastOf(leg, context), MILLIMETRE_M) }];
  });
  // What would have no length at all is no piece, whatever it stands in.
  const fits = ({ lengthM, leastM }: TooShort): boolean => lengthM >= leastM - MILLIMETRE_M && lengthM >= MILLIMETRE_M;
  const gaps = rigid.map((one, place) => {
    const [out = 0, right = 0, up = 0] = left.slice(place * AXES.length);
    return gapOf(one, { out, right, up }, false);
  });
  const hoses = reaching.flatMap((one) => {
    const shortM = hoseShortM(one);
    if (shortM === undefined) return [];
    const towards = unit(one.missing) ?? HEADING_VECTORS.out;
    return [gapOf(one, times(towards, shortM), true)];
  });
  return {
    lengths: new Map(found.filter(fits).map(({ leg, lengthM }) => [leg.placed.id, lengthM])),
    tooShort: found.filter((one) => !fits(one)),
    follow: new Set(
      free.filter((_, place) => values[place] === undefined && !ask.includes(place)).map(({ placed }) => placed.id),
    ),
    gaps: [...gaps, ...hoses],
  };
}

const MILLIMETRE_M = 0.001;

/** How much too short a line with a hose in it is to reach its end, however it lies [m]; undefined where it may reach, or a length is not known. */
function hoseShortM({ path, last, missing }: Reaching): number | undefined {
  const at = path.findIndex(({ part }) => isFlexible(part));
  const hose = path[at];
  if (!hose || !path.slice(0, at).every((leg) => leg.assumed.length === 0)) return undefined;
  const rest = path.slice(at);
  if (rest.some(({ assumed }) => assumed.includes('length'))) return undefined;
  const longM = rest.reduce((sum, leg) => sum + distance(leg.through, leg.from) + distance(leg.to, leg.through), 0);
  const wanted = plus(last.to, missing);
  const shortM = distance(wanted, hose.from) - longM;
  return shortM > 0 ? shortM : undefined;
}

function gapOf(
  { strand, path, last, target: { looks, sure }, wanted }: Reaching,
  missing: Vector,
  hose: boolean,
): EndGap {
  const level = path.findLast(({ headingOut }) => Math.abs(headingOut.up) < STEEP)?.headingOut;
  const onward = (level && unit({ ...level, up: 0 })) ?? HEADING_VECTORS.out;
  // To the right hand of who walks along it.
  const right = { out: onward.right, right: -onward.out, up: 0 };
  return {
    strand,
    alongM: dot(missing, onward),
    acrossM: dot(missing, right),
    upM: missing.up,
    distanceM: lengthOf(missing),
    degrees: looks && !hose ? angleOf(last.headingOut, times(looks, -1)) : undefined,
    hose,
    sure,
    path,
    wanted,
    cuts: cutsAlong(path, unit(missing)),
  };
}

/** Less than this share of a piece along a gap does not close it. */
const LEAST_SHARE = 0.5;

function cutsAlong(path: readonly Leg[], gap: Vector | undefined): readonly Leg[] {
  const share = (leg: Leg): number => (gap ? Math.abs(dot(stepOf(leg), gap)) : 0);
  return path
    .filter((leg) => isByLength(leg.part) && !isFlexible(leg.part) && !leg.placed.existing && !isFree(leg))
    .filter((leg) => share(leg) > LEAST_SHARE)
    .toSorted((a, b) => share(b) - share(a));
}

/** So upright a leg says nothing of a level direction. */
const STEEP = 0.99;

const inSpaceOfRun = memoize((dry: RunSight): readonly (readonly [string, InSpace])[] =>
  dry.runs.flatMap((run) => {
    const course = coursesOf(dry).get(run.penetration.id);
    return course ? [[run.penetration.id, workOut(run, course, dry)] as const] : [];
  }),
);

/** What follows from the places of the ends of every run, by opening; worked out once. */
export const inSpaceOf: (context: RunSight) => ReadonlyMap<string, InSpace> = memoize(
  (context: RunSight) => new Map(runViews(context).flatMap(({ dry }) => inSpaceOfRun(dry))),
);

const cutAgain = reuseEqual<PlacedPart, PlacedPart>((one, other) => one.lengthM === other.lengthM);

/** Every piece of the job that has no length and must be given one, in walking order. */
export function lengthsToAsk(
  context: CheckContext,
): readonly { readonly run: Run; readonly strand: Strand; readonly item: StrandItem }[] {
  const follow = new Set([...inSpaceOf(context).values()].flatMap((one) => [...one.follow]));
  const seen = new Set<string>();
  return gather(context.runs, (run) =>
    gather(run.strands, (strand) =>
      strand.items
        .filter(({ part, placed: { id, lengthM } }) => {
          if (lengthM !== null || !isByLength(part) || follow.has(id) || seen.has(id)) return false;
          seen.add(id);
          return true;
        })
        .map((item) => ({ run, strand, item })),
    ),
  );
}

/** The same job with every length that follows from the places of its ends. */
export function withLengths(job: Job, context: CheckContext): Job {
  const lengths = new Map([...inSpaceOf(context).values()].flatMap((one) => [...one.lengths]));
  if (lengths.size === 0) return job;
  return {
    ...job,
    parts: job.parts.map((placed) => {
      const lengthM = lengths.get(placed.id);
      return lengthM === undefined ? placed : cutAgain(placed, { ...placed, lengthM });
    }),
  };
}

/** Is the length of this part worked out from the places of the ends of its run? */
export const isLengthFound = (
  part: Part,
  said: Pick<PlacedPart, 'lengthM'>,
  planned: Pick<PlacedPart, 'lengthM'>,
): boolean => isByLength(part) && said.lengthM === null && planned.lengthM !== null;
