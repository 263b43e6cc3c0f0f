import { type Part, outsideMmOf, reachMmOf } from '../fittings/part';
import type { RunSight, JudgedJoint } from '../derived/context';
import { tankOf } from '../job/lookup';
import { flatRadiusM } from '../derived/resolve';
import type { Run } from '../derived/run';
import { isUpright, spotOf } from '../walls/forms';
import type { Course, Leg } from './course';
import { natureOf } from './joint-nature';

/** How far a lever and the head of a tap stand out from the axis, and grow with the bore [mm] (typical, value from memory). */
const LEVER_MM = 45;
const LEVER_PER_BORE = 2;
const SPOUT_MM = 40;
const SPOUT_PER_BORE = 1.5;

/** Radius of the circle that a part sweeps when it is screwed on by one of its ends [mm]. */
export function swingMm(part: Part): number {
  const half = Math.max(0, ...part.ends.map((_, end) => reachMmOf(part, end)));
  const girth = outsideMmOf(part) / 2;
  return Math.max(
    girth,
    part.features.includes('ball-and-lever') ? LEVER_MM + LEVER_PER_BORE * part.boreMm : 0,
    part.features.includes('spout') ? SPOUT_MM + SPOUT_PER_BORE * part.boreMm : 0,
    part.features.includes('branch') && !part.features.includes('saddle') ? half : 0,
    bendSweepMm(half, girth, part.bendDegrees ?? 0),
  );
}

/**
 * How far the mouth of a bend reaches from the axis that it turns about [mm]: a disc of half its girth, out by the sine of
 * its leg; of its rim the point that lies furthest out or furthest aside.
 */
export function bendSweepMm(legMm: number, halfGirthMm: number, degrees: number): number {
  if (degrees <= 0) return 0;
  const angle = (degrees * Math.PI) / 180;
  const [out, tilted] = [legMm * Math.sin(angle), halfGirthMm * Math.abs(Math.cos(angle))];
  return Math.max(out + tilted, Math.hypot(out, halfGirthMm));
}

/** What a part would strike when it is screwed on, and how far off that is [m]. */
export interface NoRoom {
  readonly leg: Leg;
  readonly judged: JudgedJoint;
  readonly swingM: number;
  readonly roomM: number;
  readonly against: string;
  /** Can it be screwed on first and fixed with what carries it afterwards? */
  readonly carrier: Leg | undefined;
}

/** Nearer to the wall than this a part turns between what stands in the other openings [m] (our judgement). */
const AT_WALL_M = 0.15;
const STEEP = 0.5;

interface Obstacle {
  readonly name: string;
  readonly roomM: number;
}

function obstaclesOf(leg: Leg, { penetration }: Run, context: RunSight): readonly Obstacle[] {
  const tank = tankOf(context.job, penetration);
  if (!tank) return [];
  const level = Math.abs(leg.headingIn.up) < STEEP;
  const ground = level && leg.from.up > 0 ? [{ name: 'the ground', roomM: leg.from.up }] : [];
  if (!isUpright(penetration.face)) return ground;
  if (!level) return leg.from.out > 0 ? [{ name: 'the wall', roomM: leg.from.out }] : [];
  if (leg.from.out > AT_WALL_M) return ground;
  const own = spotOf(tank, penetration);
  const others = context.job.penetrations
    .filter((other) => other.id !== penetration.id && other.tankId === tank.id && other.face === penetration.face)
    .map((other): Obstacle => {
      const spot = spotOf(tank, other);
      const apartM = Math.hypot(spot.leftM - own.leftM, spot.frontM - own.frontM, spot.upM - own.upM);
      return { name: other.label, roomM: apartM - flatRadiusM(other, context.job, context.index) };
    });
  return [...ground, ...others];
}

/** Parts of a run that cannot be screwed on where they are, because something stands in the circle they sweep. */
export function withoutRoom(run: Run, course: Course, context: RunSight): readonly NoRoom[] {
  return run.strands.flatMap((strand) => {
    const legs = course.along.get(strand) ?? [];
    return legs.flatMap((leg, place): NoRoom[] => {
      const judged = context.judgedOf(strand.items[place]?.jointIn?.id);
      if (!judged || !leg.sure || leg.placed.existing || natureOf(judged) !== 'turns') return [];
      const swingM = swingMm(leg.part) / 1000;
      const [nearest] = obstaclesOf(leg, run, context).toSorted((a, b) => a.roomM - b.roomM);
      if (!nearest || nearest.roomM >= swingM) return [];
      const before = legs[place - 1];
      const fixed = context.judgedOf(strand.items[place - 1]?.jointIn?.id);
      const carrier = before && fixed && !['turns', 'in-wall'].includes(natureOf(fixed)) ? before : undefined;
      return [{ leg, judged, swingM, roomM: Math.max(0, nearest.roomM), against: nearest.name, carrier }];
    });
  });
}
