import type { LineEnd } from './bends-between';
import { type Vector, cross, distance, lengthOf, plus, times } from './vector';

/** Handles of the curve, in shares of the distance, and as many radii: the shortest that bends no tighter is taken. */
const SHARES = [0.35, 0.5, 0.75, 1, 1.5, 2];
const RADII = [0, 1, 1.5, 2, 3];
const STEPS = 48;

/** A cubic curve that leaves one end the way it looks and comes to the other the way the line goes there. */
function curve(from: LineEnd, to: LineEnd, handleM: number): (share: number) => readonly [Vector, Vector, Vector] {
  const [a, d] = [from.at, to.at];
  const [b, c] = [plus(a, times(from.goes, handleM)), plus(d, times(to.goes, -handleM))];
  const mix = (...parts: readonly (readonly [Vector, number])[]): Vector =>
    parts.reduce((sum, [point, by]) => plus(sum, times(point, by)), times(a, 0));
  return (t) => {
    const s = 1 - t;
    return [
      mix([a, s ** 3], [b, 3 * s * s * t], [c, 3 * s * t * t], [d, t ** 3]),
      mix([a, -3 * s * s], [b, 3 * s * s - 6 * s * t], [c, 6 * s * t - 3 * t * t], [d, 3 * t * t]),
      mix([a, 6 * s], [b, 6 * t - 12 * s], [c, 6 * s - 12 * t], [d, 6 * t]),
    ];
  };
}

/**
 * How long a piece is that bends from one end to another and is nowhere bent tighter than it may be [m]; undefined where there
 * is no room for that. A smooth curve (cubic of Bezier), the shortest of some.
 *
 * @param radiusM  least radius of its axis
 */
export function bowedLengthM(from: LineEnd, to: LineEnd, radiusM: number): number | undefined {
  const apartM = distance(to.at, from.at);
  const handles = [...SHARES.map((share) => share * apartM), ...RADII.map((by) => by * radiusM)];
  const lengths = handles.flatMap((handleM) => {
    if (handleM <= 0) return [];
    const at = curve(from, to, handleM);
    let [longM, tightestM] = [0, Infinity];
    let last = from.at;
    for (let step = 0; step <= STEPS; step += 1) {
      const [point, speed, turn] = at(step / STEPS);
      longM += distance(point, last);
      last = point;
      const bend = lengthOf(cross(speed, turn));
      if (bend > 0) tightestM = Math.min(tightestM, lengthOf(speed) ** 3 / bend);
    }
    return tightestM >= radiusM ? [longM] : [];
  });
  return lengths.length > 0 ? Math.min(...lengths) : undefined;
}
