import { formOf } from './forms';
import { volumeAtM3 } from './level';
import type { Planks, Tank } from './tank';
import { tankType } from './tank-types';

/** Water at 4 C, near enough for what stands on the ground. */
export const WATER_KG_M3 = 1000;
const GRAVITY_M_S2 = 9.80665;

/** Empty weight, by its surface [kg] (typical wall weights, value from memory). */
export const emptyKg = (tank: Tank): number => formOf(tank).surfaceM2(tank) * tankType(tank.type).wallKgPerM2;

/** Full to the brim: water and tank [kg]. */
export const fullKg = (tank: Tank): number => volumeAtM3(tank, tank.brimM) * WATER_KG_M3 + emptyKg(tank);

/** What a full tank presses on what it stands on [kPa]. */
export const footKpa = (tank: Tank): number => (fullKg(tank) * GRAVITY_M_S2) / formOf(tank).footM2(tank) / 1000;

/**
 * Softwood of strength class C16 (EN 338: bending 16 MPa, stiffness 8 GPa), outdoors under a load that stays
 * (EN 1995-1-1: k_mod 0.5, gamma_M 1.3, gamma_G 1.35); values from memory.
 */
const BENDING_PA = (16e6 * 0.5) / 1.3;
const STIFFNESS_PA = 8e9;
const LOAD_FACTOR = 1.35;
/** Sag of a span that a plastic floor still follows (common practice). */
const SAG_SHARE = 1 / 300;

export interface PlankCheck {
  /** Load on one plank [N/m]. */
  readonly loadNM: number;
  readonly bendingMpa: number;
  readonly bearsMpa: number;
  readonly sagM: number;
  readonly mostSagM: number;
  readonly holds: boolean;
}

/**
 * Planks as beams on two supports under an even load: M = w L2 / 8, sag = 5 w L4 / 384 E I (closed formulae).
 *
 * @param kg      what stands on them
 * @param lengthM how much of each plank the tank covers
 */
export function checkPlanks({ count, widthM, thickM, spanM }: Planks, kg: number, lengthM: number): PlankCheck {
  const loadNM = (kg * GRAVITY_M_S2) / count / lengthM;
  const bendingPa = (LOAD_FACTOR * loadNM * spanM ** 2) / 8 / ((widthM * thickM ** 2) / 6);
  const sagM = (5 * loadNM * spanM ** 4) / (384 * STIFFNESS_PA * ((widthM * thickM ** 3) / 12));
  const mostSagM = spanM * SAG_SHARE;
  return {
    loadNM,
    bendingMpa: bendingPa / 1e6,
    bearsMpa: BENDING_PA / 1e6,
    sagM,
    mostSagM,
    holds: bendingPa <= BENDING_PA && sagM <= mostSagM,
  };
}

/** A hollow block of 16 x 8 x 8 in, 400 x 200 x 200 mm with its joint (ASTM C90 nominal sizes). */
export const BLOCK = { longM: 0.4, wideM: 0.2, highM: 0.2 } as const;

/** Feet that belong to the tank: what it stands up by on the ground as it comes. */
const feetM = ({ type }: Tank): number => {
  const { base, defaults } = tankType(type);
  return base === 'ground' ? defaults.plinthM : 0;
};

/** How high it is said to stand on what it stands on, beside its own feet [m]. */
export const standM = (tank: Tank): number => Math.max(0, tank.plinthM - feetM(tank));

/** Whole courses of blocks under it; one at least. */
export const coursesHigh = (tank: Tank): number =>
  Math.max(1, Math.round((standM(tank) - planksM(tank)) / BLOCK.highM));

const planksM = ({ base, planks }: Tank): number => (base === 'planks' ? (planks?.thickM ?? 0) : 0);

/** How high its base comes to stand on those blocks, and on the planks across them [m]. */
export const onBlocksM = (tank: Tank): number => feetM(tank) + coursesHigh(tank) * BLOCK.highM + planksM(tank);
