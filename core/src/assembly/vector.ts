import type { Heading } from '../job/job';

/**
 * A place or a direction as somebody sees it who stands before the opening and looks at the tank [m]: out towards them,
 * right to their right, up.
 */
export interface Vector {
  readonly out: number;
  readonly right: number;
  readonly up: number;
}

export const HEADING_VECTORS: Readonly<Record<Heading, Vector>> = {
  out: { out: 1, right: 0, up: 0 },
  back: { out: -1, right: 0, up: 0 },
  right: { out: 0, right: 1, up: 0 },
  left: { out: 0, right: -1, up: 0 },
  up: { out: 0, right: 0, up: 1 },
  down: { out: 0, right: 0, up: -1 },
};

export const times = (a: Vector, by: number): Vector => ({ out: a.out * by, right: a.right * by, up: a.up * by });
export const plus = (a: Vector, b: Vector): Vector => ({
  out: a.out + b.out,
  right: a.right + b.right,
  up: a.up + b.up,
});
export const minus = (a: Vector, b: Vector): Vector => plus(a, times(b, -1));
export const along = (from: Vector, heading: Vector, byM: number): Vector => plus(from, times(heading, byM));
export const dot = (a: Vector, b: Vector): number => a.out * b.out + a.right * b.right + a.up * b.up;
export const lengthOf = (a: Vector): number => Math.hypot(a.out, a.right, a.up);
export const distance = (a: Vector, b: Vector): number => lengthOf(minus(a, b));

/** Shorter than this there is no direction left. */
const NOTHING = 1e-9;

/** Of length one; undefined where there is no direction. */
export function unit(a: Vector): Vector | undefined {
  const length = lengthOf(a);
  return length < NOTHING ? undefined : times(a, 1 / length);
}

/** What of `a` stands square on `axis`, of length one; undefined where `a` runs along the axis. */
export const squareTo = (axis: Vector, a: Vector): Vector | undefined => unit(plus(a, times(axis, -dot(axis, a))));

/** From `heading` towards `side` by so many degrees; undefined where `side` runs along the heading. */
export function turned(heading: Vector, side: Vector, degrees: number): Vector | undefined {
  const square = squareTo(heading, side);
  const angle = (degrees * Math.PI) / 180;
  return square && plus(times(heading, Math.cos(angle)), times(square, Math.sin(angle)));
}

/** Between two directions [degrees]. */
export const angleOf = (a: Vector, b: Vector): number =>
  (Math.acos(Math.max(-1, Math.min(1, dot(a, b) / (lengthOf(a) * lengthOf(b))))) * 180) / Math.PI;

export const cross = (a: Vector, b: Vector): Vector => ({
  out: a.right * b.up - a.up * b.right,
  right: a.up * b.out - a.out * b.up,
  up: a.out * b.right - a.right * b.out,
});

/** `side` turned about a heading by so many degrees, clockwise for who looks along it (Rodrigues). */
export function rolled(heading: Vector, side: Vector, degrees: number): Vector {
  const axis = degrees === 0 ? undefined : unit(heading);
  if (!axis) return side;
  const angle = (degrees * Math.PI) / 180;
  const turnedBy = plus(times(side, Math.cos(angle)), times(cross(axis, side), Math.sin(angle)));
  return plus(turnedBy, times(axis, dot(axis, side) * (1 - Math.cos(angle))));
}
