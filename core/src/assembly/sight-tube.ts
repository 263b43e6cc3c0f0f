import type { CheckContext } from '../derived/context';
import type { Strand, StrandItem } from '../derived/run';
import { levelsOf } from '../derived/levels';
import { baseLevelM } from '../derived/set-out';
import { endsClosed } from '../derived/shut';
import { strandsOf } from '../derived/strands';
import { isByLength } from '../fittings/part';
import type { Penetration } from '../job/job';
import { holeById, tankOf } from '../job/lookup';
import type { Tank } from '../walls/tank';
import { type Leg, coursesOf } from './course';
import { isFlexible } from '../fittings/flexible';

/** Its open end stands so far over the highest water (common practice) [m]. */
export const SIGHT_TUBE_OVER_M = 0.05;
/** A piece that rises by more than this share of its length stands upright. */
const UPRIGHT = 0.9;

/** The tube of an opening that shows how high the water stands. */
export interface SightTube {
  readonly strand: Strand;
  /** The piece that stands upright. */
  readonly item: StrandItem;
  /** How high it ends above the base [m]; null while the length of that piece is not known. */
  readonly topM: number | null;
  /** The least that it must reach [m above the base]. */
  readonly leastM: number;
  /** How long the piece must be for that [m]; undefined where no length brings it there, since it lies level. */
  readonly needsM: number | undefined;
  readonly closed: boolean;
}

/**
 * The tubes on an opening, also one that tees off an outlet: lines of pipe or hose that go to no place and no tap. Those that
 * come back into the tank end at the opening there. Hose hangs upright, and so does what nobody has said the direction of.
 */
export function sightTubesOf(hole: Penetration, context: CheckContext): readonly SightTube[] {
  const tank = tankOf(context.job, hole);
  const legs = coursesOf(context).get(hole.id)?.along;
  if (!tank || !legs) return [];
  const all = strandsOf(hole, context.runs).flatMap((strand) => tubeIn(strand, legs.get(strand) ?? [], tank, context));
  const rising = all.filter(({ strand, needsM }) => needsM !== undefined || strand.end.at === 'hole');
  // What lies level beside a tube, or on an opening that is an outlet too, is a line that is not finished yet.
  return rising.length > 0 || hole.roles.some((role) => role !== 'sight-tube') ? rising : all;
}

function tubeIn(strand: Strand, legs: readonly Leg[], tank: Tank, context: CheckContext): readonly SightTube[] {
  const { end, items } = strand;
  const back = end.at === 'hole' ? holeById(context.job, end.id) : undefined;
  if (end.at !== 'open' && end.at !== 'closed' && back?.tankId !== tank.id) return [];
  const pieces = items.flatMap((item, place) => {
    const leg = legs[place];
    return leg && isByLength(item.part) ? [{ item, leg, hangs: hangsFree(item, legs.slice(0, place + 1)) }] : [];
  });
  const upright =
    pieces.find(({ leg, hangs }) => !hangs && leg.headingIn.up > UPRIGHT) ??
    pieces.filter(({ hangs }) => hangs).toSorted((a, b) => lengthOf(b.item) - lengthOf(a.item))[0] ??
    pieces.at(-1);
  if (!upright) return [];
  const { item, leg, hangs } = upright;
  const rises = hangs ? 1 : leg.headingIn.up > UPRIGHT ? leg.headingIn.up : 0;
  const footM = leg.from.up - baseLevelM(tank, context.job);
  const { fullM } = levelsOf(tank, context);
  const leastM = back ? fullM : fullM + SIGHT_TUBE_OVER_M;
  const { lengthM } = item.placed;
  // A tube longer than its stock goes on behind a coupling: what stands on the first piece counts too.
  const last = hangs ? upright : (pieces.findLast(({ leg: other }) => other.headingIn.up > UPRIGHT) ?? upright);
  const aboveM = last === upright ? 0 : last.leg.to.up - leg.to.up;
  const isKnown = lengthM !== null && last.item.placed.lengthM !== null;
  const backM = back && (back.face === 'top' ? tank.heightM : back.heightM);
  return [
    {
      strand,
      item,
      topM: backM ?? (isKnown ? footM + rises * lengthM + aboveM : rises > 0 ? null : footM),
      leastM,
      needsM: rises > 0 && !back ? Math.max(0, leastM - footM - aboveM) / rises : undefined,
      closed: endsClosed(strand),
    },
  ];
}

const lengthOf = ({ placed }: StrandItem): number => placed.lengthM ?? Infinity;

/** Hose, or pipe after a bend of which nobody has said where it points: what shows the level is led upward. */
const hangsFree = ({ part }: StrandItem, legs: readonly Leg[]): boolean =>
  isFlexible(part) || legs.some(({ assumed }) => assumed.includes('direction'));
