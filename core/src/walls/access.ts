import { acrossM, formOf, spotOf } from './forms';
import type { Tank, WallPlace } from './tank';
import { tankType } from './tank-types';

/** A hand passes an opening of this width (common practice); an arm follows it. */
export const HAND_M = 0.1;

/** How a hand gets from an opening to the inside of a hole. */
export interface Reach {
  /** Straight from the rim of the opening to the place [m]; undefined where no opening passes a hand. */
  readonly distanceM: number | undefined;
  /** Clear width of the widest opening [m]; 0: there is none. */
  readonly openingM: number;
  readonly armM: number;
  /** The tank is put together on site: what is inside is set before its top is on. */
  readonly beforeTop: boolean;
  readonly reaches: boolean;
}

/** An opening that hand and pump go through, in the top unless it says otherwise. */
export interface WayIn {
  readonly leftM: number;
  readonly frontM: number;
  readonly upM: number;
  readonly widthM: number;
}

/** The tank's own way in: its lid, or the whole top of an open tank. Undefined where it has none. */
export function ownWayIn(tank: Tank): WayIn | undefined {
  if (tank.accessM <= 0) return undefined;
  const form = formOf(tank);
  return {
    leftM: acrossM(tank) / 2,
    frontM: form.throughM(tank) / 2,
    upM: tank.heightM + (tank.riser?.heightM ?? 0),
    widthM: tankType(tank.type).openTop
      ? Math.max(tank.accessM, form.throughM(tank) - 2 * tank.wallM)
      : Math.min(tank.accessM, tank.riser?.widthM ?? Infinity),
  };
}

/** From the nearest point of its rim straight to the inside of a place: down by the heights, across what is left. */
const distanceM = (way: WayIn, tank: Tank, place: WallPlace): number => {
  const spot = spotOf(tank, place);
  const across = Math.max(0, Math.hypot(spot.leftM - way.leftM, spot.frontM - way.frontM) - way.widthM / 2);
  return Math.hypot(across, way.upM - spot.upM);
};

/**
 * Whether a hand reaches the inside of a hole. Never a person: what no arm reaches is done from outside, or drawn in on a
 * cord.
 *
 * @param waysIn every opening of the tank that is large enough to look at
 * @param armM   from the fingertips to the shoulder
 */
export function reachOf(tank: Tank, place: WallPlace, waysIn: readonly WayIn[], armM: number): Reach {
  const openingM = Math.max(0, ...waysIn.map(({ widthM }) => widthM));
  const distances = waysIn.filter(({ widthM }) => widthM >= HAND_M).map((way) => distanceM(way, tank, place));
  const nearest = distances.length === 0 ? undefined : Math.min(...distances);
  const beforeTop = tankType(tank.type).assembled;
  const reaches = beforeTop || (nearest !== undefined && nearest <= armM);
  return { distanceM: nearest, openingM, armM, beforeTop, reaches };
}
