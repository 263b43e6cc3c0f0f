import { formOf } from './forms';
import { WATER_KG_M3, emptyKg } from './stand';
import type { Tank } from './tank';

/** Ground under water weighs this much more than the water it displaces [kg/m3] (value from memory). */
const SUNK_GROUND_KG_M3 = 900;
/** Ground above the water [kg/m3] (value from memory). */
const GROUND_KG_M3 = 1700;

/** An empty buried tank in wet ground, by Archimedes. */
export interface Flotation {
  readonly liftKg: number;
  readonly heldKg: number;
  /** How much more would have to hold it down [kg]; 0 where it stays. */
  readonly missingKg: number;
}

/**
 * What lifts an empty buried tank and what holds it: the water its shell and its riser displace below the ground water, against its
 * own weight, the ground right above it, and its anchors. Friction along the wall is left out, which is careful.
 *
 * @param groundWaterM depth of the ground water below the finished ground
 */
export function flotation(tank: Tank, groundWaterM: number): Flotation {
  const wetM = Math.min(tank.heightM, Math.max(0, tank.buriedM - groundWaterM));
  // The shell is displaced like the inside of a tank without a wall, so the volume is that of the outside.
  const shell = { ...tank, wallM: 0, brimM: tank.heightM };
  const riserM2 = tank.riser ? (Math.PI / 4) * tank.riser.widthM ** 2 : 0;
  const wetRiserM = Math.min(tank.riser?.heightM ?? 0, Math.max(0, tank.buriedM - groundWaterM - tank.heightM));
  const liftKg = (formOf(tank).insideM3(shell, wetM) + riserM2 * wetRiserM) * WATER_KG_M3;
  const coverM = Math.max(0, tank.buriedM - tank.heightM);
  const wetCoverM = Math.max(0, coverM - groundWaterM);
  const coverKg =
    (formOf(tank).acrossM(tank) * formOf(tank).throughM(tank) - riserM2) *
    (wetCoverM * SUNK_GROUND_KG_M3 + (coverM - wetCoverM) * GROUND_KG_M3);
  const heldKg = emptyKg(tank) + coverKg + tank.anchorKg;
  return { liftKg, heldKg, missingKg: Math.max(0, liftKg - heldKg) };
}

/** How far the top of a buried tank's lid or riser stands over the finished ground [m]; below it negative. */
export const lidOverGroundM = (tank: Tank): number =>
  tank.plinthM + tank.heightM + (tank.riser?.heightM ?? 0) - tank.buriedM;

/** The lid stands at least this far over the finished ground (common practice) [m]. */
export const LEAST_OVER_GROUND_M = 0.075;
/** A way in that is not there yet is as wide as this (common practice) [m]. */
const WAY_IN_M = 0.6;

/** A riser that is put on a lid that is high enough already (common practice) [m]. */
const USUAL_RISER_M = 0.3;

/** The riser of a tank raised, or one put on as wide as its way in, so that its lid is as far over the ground as it has to be. */
export function highEnoughRiser(tank: Tank): NonNullable<Tank['riser']> {
  const { riser, accessM } = tank;
  const lacksM = LEAST_OVER_GROUND_M - lidOverGroundM(tank);
  return {
    heightM: lacksM > 0 ? (riser?.heightM ?? 0) + lacksM : (riser?.heightM ?? USUAL_RISER_M),
    widthM: riser?.widthM ?? (accessM > 0 ? accessM : WAY_IN_M),
  };
}
