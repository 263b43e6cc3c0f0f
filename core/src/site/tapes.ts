import { type PlanPoint, angleTo, planDistance, toDegrees, wholeTurn } from '../quantity/space';

/** A tape held at a point: what it reaches lies on a circle about it. */
export interface Reach {
  readonly at: PlanPoint;
  /** From there to what is placed, with what the program adds to the reading [m]. */
  readonly radiusM: number;
}

/** Flatter than this two tapes do not say where they cross [degrees] (our judgement). */
export const FLAT_DEGREES = 20;

/** Where two tapes cross: seen from the first towards the second, to its left and to its right. */
export type Crossing =
  | { readonly meets: true; readonly left: PlanPoint; readonly right: PlanPoint; readonly degrees: number }
  /** They do not meet: so much is missing between them, or one lies inside the reach of the other by so much [m]. */
  | { readonly meets: false; readonly shortM: number };

/**
 * Two circles, by the law of cosines: e along the line from the first to the second, f square to it.
 * `degrees`: the angle at which the tapes meet.
 */
export function crossingOf(first: Reach, second: Reach): Crossing {
  const apart = planDistance(first.at, second.at);
  const [a, b] = [first.radiusM, second.radiusM];
  const shortM = Math.max(apart - a - b, Math.abs(a - b) - apart);
  if (shortM > 0 || apart === 0) return { meets: false, shortM: Math.max(shortM, 0) };
  const e = (a ** 2 - b ** 2 + apart ** 2) / (2 * apart);
  const f = Math.sqrt(Math.max(0, a ** 2 - e ** 2));
  const [ux, uy] = [(second.at.x - first.at.x) / apart, (second.at.y - first.at.y) / apart];
  const at = (side: number): PlanPoint => ({
    x: first.at.x + e * ux - side * f * uy,
    y: first.at.y + e * uy + side * f * ux,
  });
  const cosine = a * b === 0 ? 1 : (a ** 2 + b ** 2 - apart ** 2) / (2 * a * b);
  return { meets: true, left: at(1), right: at(-1), degrees: toDegrees(Math.acos(Math.min(1, Math.max(-1, cosine)))) };
}

/** Do two tapes cross so flat that a small error of one moves the place far? */
export const isFlat = (degrees: number): boolean => degrees < FLAT_DEGREES || degrees > 180 - FLAT_DEGREES;

/** How far the place is out, as a root of mean squares, when each of two tapes is out by `tapeM` [m]. */
export const placeErrorM = (degrees: number, tapeM: number): number =>
  (tapeM * Math.SQRT2) / Math.sin((degrees * Math.PI) / 180);

/** How far a reading is from the place that others make [m]; positive: it was read too long. */
export const offBy = ({ at, radiusM }: Reach, place: PlanPoint): number => radiusM - planDistance(at, place);

/**
 * The two ways a tank about `middle` can be turned so that a point at `radiusM` from the middle is `tapeM` from `from`:
 * the angles from the middle to that point [degrees, counter-clockwise from the x axis]. Undefined where the tape cannot
 * reach it.
 */
export function anglesByTape(
  middle: PlanPoint,
  radiusM: number,
  from: PlanPoint,
  tapeM: number,
): readonly [number, number] | undefined {
  const away = planDistance(middle, from);
  const cosine = (away ** 2 + radiusM ** 2 - tapeM ** 2) / (2 * away * radiusM);
  if (!(Math.abs(cosine) <= 1)) return undefined;
  const w = toDegrees(Math.acos(cosine));
  const towards = angleTo(middle, from);
  return [wholeTurn(towards + w), wholeTurn(towards - w)];
}
