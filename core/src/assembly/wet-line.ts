import type { RunSight } from '../derived/context';
import type { Run, Strand } from '../derived/run';
import { type Leg, coursesOf } from './course';
import { isFlexible } from '../fittings/flexible';

/** A place in a line at which it stops falling or rising. */
export interface Turn {
  readonly leg: Leg;
  /** A hump, in which air stays, or a dip, in which water stays. */
  readonly kind: 'hump' | 'dip';
  /** So much it stands over, or lies under, the lower or higher of its two sides [m]. */
  readonly byM: number;
}

interface Point {
  readonly up: number;
  readonly leg: Leg;
}

/** A turn of less than this share of the bore holds neither air nor water. */
const OF_BORE = 1;

/** Does a piece change the way of the water: a bend, or a hose that rises or falls as it lies? */
const bends = ({ part, placed }: Leg): boolean =>
  part.bendDegrees !== undefined || part.features.includes('branch') || (isFlexible(part) && placed.slope !== null);

/**
 * The points at which a strand may turn, those at one height once. Where two pieces stand in one another their ends lie
 * past each other: only bends, hoses and the two ends of the strand are looked at.
 */
const pointsOf = (legs: readonly Leg[]): readonly Point[] => {
  const all = legs.flatMap((leg, place): Point[] => {
    const hose = isFlexible(leg.part) && bends(leg);
    return [
      ...(place === 0 || hose ? [{ up: leg.from.up, leg }] : []),
      ...(bends(leg) && !hose ? [{ up: leg.through.up, leg }] : []),
      ...(place === legs.length - 1 || hose ? [{ up: leg.to.up, leg }] : []),
    ];
  });
  return all.filter(({ up }, place) => place === 0 || Math.abs(up - (all[place - 1]?.up ?? 0)) > 1e-6);
};

/**
 * Where a strand goes up and down again, or down and up again, by more than its bore. Only of a course that is sure: from
 * the first piece whose place had to be assumed on, nothing is said.
 */
export function turnsOf(run: Run, strand: Strand, context: RunSight): readonly Turn[] {
  const legs = coursesOf(context).get(run.penetration.id)?.along.get(strand) ?? [];
  const until = legs.findIndex(({ sure, assumed }) => !sure || assumed.length > 0);
  const points = pointsOf(until < 0 ? legs : legs.slice(0, until));
  return points.flatMap((point, index): readonly Turn[] => {
    const [before, after] = [points.slice(0, index), points.slice(index + 1)];
    const rises = (points[index - 1]?.up ?? point.up) < point.up && (points[index + 1]?.up ?? point.up) < point.up;
    const falls = (points[index - 1]?.up ?? point.up) > point.up && (points[index + 1]?.up ?? point.up) > point.up;
    if (before.length === 0 || after.length === 0 || (!rises && !falls)) return [];
    const kind = rises ? 'hump' : 'dip';
    const sign = rises ? 1 : -1;
    const far = (side: readonly Point[]): number => Math.max(...side.map(({ up }) => sign * (point.up - up)));
    const byM = Math.min(far(before), far(after));
    return byM * 1000 > OF_BORE * point.leg.part.boreMm ? [{ leg: point.leg, kind, byM }] : [];
  });
}
