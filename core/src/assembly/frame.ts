import type { RunSight } from '../derived/context';
import { placeUpM } from '../derived/heights';
import { baseLevelM, setOutOf, standingOf } from '../derived/set-out';
import type { Strand } from '../derived/run';
import { placeAt } from '../derived/strands';
import type { Penetration, Terminal } from '../job/job';
import { holeById, tankOf } from '../job/lookup';
import { type PlanPoint, type SpacePoint, toRadians, turnedBy } from '../quantity/space';
import { isUpright } from '../walls/forms';
import { PLACES } from '../site/place-kinds';
import { planKey } from '../walls/placing';
import { type Standing, openingIn } from '../walls/standing';
import type { Tank } from '../walls/tank';
import type { Vector } from './vector';

/**
 * How somebody sees the job who stands before an opening and looks at the tank: its `out` and `right` lie on the plan from
 * the opening on, its `up` is that of the job. Before an opening in a top or bottom one stands before the front.
 */
export interface Frame {
  readonly at: PlanPoint;
  readonly out: PlanPoint;
}

/** A tank that nobody has placed: what is on it is still where it is on it. */
const BY_ITSELF = { at: { x: 0, y: 0 }, turnDegrees: 0 };

const FRONT: PlanPoint = { x: 0, y: -1 };
/** Less than this there is no level direction left in the way a wall looks. */
const NOTHING = 1e-6;

/** The frame of an opening, and the opening in it: where it is, and the way it looks. */
export interface Opened {
  readonly frame: Frame;
  readonly at: Vector;
  readonly looks: Vector;
}

/** An opening as it stands in its own frame. Of a tank that has no place on the plan the frame is that of the tank. */
export function openedAt(hole: Penetration, tank: Tank, standing: Standing): Opened {
  const { at, looks } = openingIn(tank, hole, standing);
  const level = Math.hypot(looks.x, looks.y);
  const out =
    isUpright(hole.face) && level > NOTHING
      ? { x: looks.x / level, y: looks.y / level }
      : turnedBy(FRONT, standing.turnDegrees);
  const frame = { at, out };
  return { frame, at: toLocal(at, frame), looks: directionTo(looks, frame) };
}

/** How a tank stands, or as if it stood by itself. */
export const standsAs = (tank: Tank, { job }: RunSight): Standing =>
  standingOf(tank, job) ?? { ...BY_ITSELF, baseM: baseLevelM(tank, job) };

const rightOf = ({ x, y }: PlanPoint): PlanPoint => ({ x: -y, y: x });
const along = (a: PlanPoint, b: PlanPoint): number => a.x * b.x + a.y * b.y;

export function toLocal({ x, y, z }: SpacePoint, { at, out }: Frame): Vector {
  const off = { x: x - at.x, y: y - at.y };
  return { out: along(off, out), right: along(off, rightOf(out)), up: z };
}

export function toSpace({ out, right, up }: Vector, frame: Frame): SpacePoint {
  const side = rightOf(frame.out);
  return {
    x: frame.at.x + out * frame.out.x + right * side.x,
    y: frame.at.y + out * frame.out.y + right * side.y,
    z: up,
  };
}

/** A direction of the job as it is seen in a frame. */
export const directionTo = (looks: SpacePoint, { out }: Frame): Vector => ({
  out: along(looks, out),
  right: along(looks, rightOf(out)),
  up: looks.z,
});

/** A direction that is seen in a frame, in the space of the job. */
export const directionFrom = (looks: Vector, { out }: Frame): SpacePoint => toSpace(looks, { at: { x: 0, y: 0 }, out });

/** Where a run may end, seen from its opening. */
export interface Target {
  /** On the outside of a wall, or the mouth of what a place offers. */
  readonly at: Vector;
  /** The way it looks: what ends there goes in against it; undefined where nobody has said it. */
  readonly looks: Vector | undefined;
  /** Was all of it measured? */
  readonly sure: boolean;
}

/**
 * Where a strand ends, seen from the opening where its run begins; undefined where that is not known. Two openings of one
 * tank know it of each other wherever the tank stands; all else must stand on the plan.
 */
export function targetOf({ end }: Strand, near: Penetration, frame: Frame, context: RunSight): Target | undefined {
  const { job } = context;
  const tank = tankOf(job, near);
  if (!tank) return undefined;
  const seen = ({ at, looks }: SpaceEnd, sure: boolean): Target => ({
    at: toLocal(at, frame),
    looks: looks && directionTo(looks, frame),
    sure,
  });
  const far = end.at === 'hole' ? holeById(job, end.id) : undefined;
  if (far?.tankId === tank.id) return seen(openingIn(tank, far, standsAs(tank, context)), true);
  const standing = standingOf(tank, job);
  const there = standing && (far ? openingInSpace(far, context) : placeInSpace(placeAt(job, end), context));
  return there && seen(there, there.sure && standing.sure);
}

/** Something that a line may end at, where it is in the space of the job; `looks` undefined where nobody has said it. */
interface SpaceEnd {
  readonly at: SpacePoint;
  readonly looks: SpacePoint | undefined;
}

/** Where an opening is and looks; undefined where its tank does not stand on the plan. */
function openingInSpace(
  hole: Penetration,
  { job }: Pick<RunSight, 'job'>,
): (SpaceEnd & { readonly sure: boolean }) | undefined {
  const tank = tankOf(job, hole);
  const standing = tank && standingOf(tank, job);
  return standing && { ...openingIn(tank, hole, standing), sure: standing.sure };
}

/** Where a place is and the way it looks; undefined where it has no place on the plan or no height. */
export function placeInSpace(
  terminal: Terminal | undefined,
  { job }: Pick<RunSight, 'job'>,
): (SpaceEnd & { readonly sure: boolean }) | undefined {
  if (!terminal) return undefined;
  const { id } = terminal;
  const looks = looksOf(terminal);
  const place = setOutOf(job).places.get(planKey({ of: 'terminal', id }));
  const upM = placeUpM(job, id);
  if (!place?.at || upM === undefined) return undefined;
  return { at: { ...place.at, z: upM }, looks: looks ? lookingOf(looks) : undefined, sure: place.sure };
}

/** The way the end of a place looks: as it was said, or as such a place has it; null: not known. */
export const looksOf = ({ looks, kind }: Terminal): Terminal['looks'] => {
  const { looks: usual } = PLACES[kind];
  return looks ?? (usual ? { way: usual } : null);
};

/** A direction as it is said, of length one. */
const lookingOf = (looks: NonNullable<Terminal['looks']>): SpacePoint =>
  looks.way === 'up'
    ? { x: 0, y: 0, z: 1 }
    : looks.way === 'down'
      ? { x: 0, y: 0, z: -1 }
      : { x: Math.cos(toRadians(looks.degrees)), y: Math.sin(toRadians(looks.degrees)), z: 0 };
