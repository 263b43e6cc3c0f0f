/** A place seen from above [m]: x to the right of the plan, y up the plan. */
export interface PlanPoint {
  readonly x: number;
  readonly y: number;
}

/** A place or a direction of the job [m]: x and y as on the plan, z up from the finished ground at the tanks. */
export interface SpacePoint extends PlanPoint {
  readonly z: number;
}

/** Something in a place that looks somewhere: an opening, the end of a line. `looks` is of length one. */
export interface Looking {
  readonly at: SpacePoint;
  readonly looks: SpacePoint;
}

const DEGREES = 180 / Math.PI;
export const toRadians = (degrees: number): number => degrees / DEGREES;
export const toDegrees = (radians: number): number => radians * DEGREES;

export const planDistance = (a: PlanPoint, b: PlanPoint): number => Math.hypot(b.x - a.x, b.y - a.y);

/** Turned about the origin, counter-clockwise seen from above. */
export function turnedBy<Point extends PlanPoint>(point: Point, degrees: number): Point {
  const [cos, sin] = [Math.cos(toRadians(degrees)), Math.sin(toRadians(degrees))];
  return { ...point, x: point.x * cos - point.y * sin, y: point.x * sin + point.y * cos };
}

/** Which way one place lies from another, counter-clockwise from the x axis [degrees, from -180 to 180]. */
export const angleTo = (from: PlanPoint, to: PlanPoint): number => toDegrees(Math.atan2(to.y - from.y, to.x - from.x));

/** The same angle from 0 up to 360 [degrees]. */
export const wholeTurn = (degrees: number): number => ((degrees % 360) + 360) % 360;
