import { type Looking, type PlanPoint, type SpacePoint, turnedBy } from '../quantity/space';
import { formOf, lookOf, spotOf } from './forms';
import type { Tank, WallPlace } from './tank';

/**
 * Where a tank stands: its middle on the plan, how far it is turned, its base over the finished ground.
 * Not turned its front looks down the plan and its mark up; turned counter-clockwise seen from above.
 */
export interface Standing {
  readonly at: PlanPoint;
  readonly turnDegrees: number;
  readonly baseM: number;
}

/** From the middle of a tank to a place on it, on the plan [m]; `turnDegrees` as it stands. */
export function fromMiddle(tank: Tank, place: WallPlace, turnDegrees: number): PlanPoint {
  const { leftM, frontM } = spotOf(tank, place);
  const form = formOf(tank);
  return turnedBy({ x: leftM - form.acrossM(tank) / 2, y: frontM - form.throughM(tank) / 2 }, turnDegrees);
}

/** Does a tank that stands so fill this point of the job? */
export function fillsPoint(tank: Tank, { at, turnDegrees, baseM }: Standing, point: SpacePoint): boolean {
  const form = formOf(tank);
  const off = turnedBy({ x: point.x - at.x, y: point.y - at.y }, -turnDegrees);
  const spot = {
    leftM: off.x + form.acrossM(tank) / 2,
    frontM: off.y + form.throughM(tank) / 2,
    upM: point.z - baseM,
  };
  return form.fills(tank, spot);
}

/** Where an opening is and which way it looks. */
export function openingIn(tank: Tank, place: WallPlace, { at, turnDegrees, baseM }: Standing): Looking {
  const { upM } = spotOf(tank, place);
  const off = fromMiddle(tank, place, turnDegrees);
  const { right, behind, up } = lookOf(tank, place);
  return {
    at: { x: at.x + off.x, y: at.y + off.y, z: baseM + upM },
    looks: turnedBy({ x: right, y: behind, z: up }, turnDegrees),
  };
}

/**
 * Where a place is on a tank that was turned over about the line from its left to its right, after it was measured: front
 * and back change, what was low is high.
 */
export function turnedOver(tank: Tank, place: WallPlace): WallPlace {
  const form = formOf(tank);
  const face = place.face === 'top' ? 'bottom' : place.face === 'bottom' ? 'top' : place.face;
  if (face !== place.face)
    return { ...place, face, heightM: face === 'top' ? tank.heightM : 0, depthM: form.throughM(tank) - place.depthM };
  const heightM = tank.heightM - place.heightM;
  if (face === 'front' || face === 'back')
    return {
      ...place,
      face: face === 'front' ? 'back' : 'front',
      heightM,
      aroundM: form.acrossM(tank) - place.aroundM,
    };
  if (face !== 'wall') return { ...place, heightM, aroundM: form.throughM(tank) - place.aroundM };
  // The mark now looks to the front; from the back one goes round the other way to meet the place.
  const half = Math.PI * (form.radiusM(tank, 'wall', place.heightM) ?? 0);
  return { ...place, heightM, aroundM: (3 * half - place.aroundM) % (2 * half || 1) };
}
