import type { Material } from '../connections/material';
import type { PumpCurve } from '../fittings/part';
import { rootOf } from '../quantity/root';
import { GRAVITY_M_S2 } from './free-flow';

/** Kinematic viscosity of water at 15 C [m2/s] (handbook value, from memory). */
export const VISCOSITY_M2_S = 1.139e-6;

const SMOOTH_MM = 0.0015;
/** Height of the roughness of a wall [mm] (handbook values, from memory); smooth plastic where nothing is said. */
const ROUGHNESS_MM: Readonly<Partial<Record<Material, number>>> = {
  'vinyl-hose': 0.01,
  rubber: 0.01,
  stainless: 0.015,
  steel: 0.045,
  galvanised: 0.15,
  aluminium: 0.0015,
  concrete: 0.6,
};
export const roughnessM = (material: Material): number => (ROUGHNESS_MM[material] ?? SMOOTH_MM) / 1000;

/** A stretch of a line: a length with its friction, or a fitting with its loss on the velocity in its bore. */
export interface Reach {
  readonly boreM: number;
  readonly lengthM: number;
  readonly roughnessM: number;
  /** Velocity heads lost besides friction. */
  readonly lossK: number;
}

const areaM2 = (boreM: number): number => (Math.PI / 4) * boreM ** 2;
const LAMINAR = 2000;
const TURBULENT = 4000;
/** Each round of substitution gains about a digit on the estimate that it starts from. */
const ROUNDS = 8;

/** Colebrook and White's law, by repeated substitution from the estimate of Swamee and Jain. @param reynolds above 4000 */
function colebrook(reynolds: number, roughness: number): number {
  let root = -2 * Math.log10(roughness / 3.7 + 5.74 / reynolds ** 0.9);
  for (let round = 0; round < ROUNDS; round++) root = -2 * Math.log10(roughness / 3.7 + (2.51 * root) / reynolds);
  return 1 / root ** 2;
}

/** Reynolds numbers by which the slope of the turbulent law is taken at its lower end. */
const STEP = 0.5;

/**
 * Between laminar and turbulent: the one cubic with the value and the slope of 64/Re at its lower end and of Colebrook and White's
 * law at its upper, as open hydraulic engines have it (theirs ends on an estimate of that law, at most 2.6 % off it).
 */
function between(reynolds: number, roughness: number): number {
  const [low, high] = [64 / LAMINAR, colebrook(TURBULENT, roughness)];
  const slope =
    (LAMINAR * (colebrook(TURBULENT + STEP, roughness) - colebrook(TURBULENT - STEP, roughness))) / (2 * STEP);
  const t = (reynolds - LAMINAR) / (TURBULENT - LAMINAR);
  const left = (1 - t) ** 2;
  return low * (1 + 2 * t) * left - low * t * left + high * t ** 2 * (3 - 2 * t) + slope * t ** 2 * (t - 1);
}

/**
 * Darcy's friction factor: 64/Re while the flow is laminar, Colebrook and White's law while it is turbulent, and between
 * the two a cubic that goes on from both without a bend.
 *
 * @param reynolds   above 0
 * @param roughness  of the wall, as a share of the bore
 */
export function frictionFactor(reynolds: number, roughness: number): number {
  if (reynolds <= LAMINAR) return 64 / reynolds;
  if (reynolds >= TURBULENT) return colebrook(reynolds, roughness);
  return between(reynolds, roughness);
}

/** Head that a flow loses in a stretch [m]: Darcy and Weisbach, and its fitting losses. */
export function lossM(reach: Reach, flowM3s: number): number {
  const velocity = flowM3s / areaM2(reach.boreM);
  if (velocity <= 0) return 0;
  const friction =
    reach.lengthM === 0
      ? 0
      : (frictionFactor((velocity * reach.boreM) / VISCOSITY_M2_S, reach.roughnessM / reach.boreM) * reach.lengthM) /
        reach.boreM;
  return ((friction + reach.lossK) * velocity ** 2) / (2 * GRAVITY_M_S2);
}

/** Velocity head of a flow in a bore [m]. */
export const velocityHeadM = (flowM3s: number, boreM: number): number =>
  (flowM3s / areaM2(boreM)) ** 2 / (2 * GRAVITY_M_S2);

/** Head of a pump at a flow [m], straight between the points of its curve; beyond its most flow it gives none. */
export function pumpHeadM(curve: PumpCurve, flowM3s: number): number {
  const after = curve.findIndex(([flow]) => flow >= flowM3s);
  const [from, to] = [curve[after - 1], curve[after]];
  if (!to) return 0;
  if (!from) return to[1];
  return from[1] + ((to[1] - from[1]) * (flowM3s - from[0])) / (to[0] - from[0]);
}

/** However wide a line is, no faster than this goes through its narrowest place [m/s]: an upper bound to search under. */
const FASTEST_M_S = 40;

/** Stretches of one bore and one roughness lose what one of their length together loses. */
function alikeAsOne(reaches: readonly Reach[]): readonly Reach[] {
  const alike: Reach[] = [];
  for (const reach of reaches) {
    const place = alike.findIndex((one) => one.boreM === reach.boreM && one.roughnessM === reach.roughnessM);
    const one = alike[place];
    if (one) alike[place] = { ...one, lengthM: one.lengthM + reach.lengthM, lossK: one.lossK + reach.lossK };
    else alike.push(reach);
  }
  return alike;
}

/**
 * Flow of a line that runs free at its end [m3/s]: what head there is, is lost on the way or leaves as velocity.
 *
 * @param headM   from the surface of the water down to the end; a pump adds to it
 * @param reaches from the tank to the end; the last gives the bore at which it leaves
 * @returns 0 where neither height nor pump bring water to the end
 */
export function freeRunM3s(headM: number, reaches: readonly Reach[], pump?: PumpCurve): number {
  const last = reaches.at(-1);
  if (!last) return 0;
  const pipes = alikeAsOne(reaches.filter(({ lengthM }) => lengthM > 0));
  // Fittings and the velocity at the end all grow with the square of the flow: one figure stands for them.
  const others = reaches
    .filter(({ lengthM }) => lengthM === 0)
    .reduce((sum, { lossK, boreM }) => sum + lossK * velocityHeadM(1, boreM), velocityHeadM(1, last.boreM));
  const left = (flow: number): number =>
    headM +
    (pump ? pumpHeadM(pump, flow) : 0) -
    pipes.reduce((sum, reach) => sum + lossM(reach, flow), 0) -
    others * flow ** 2;
  if (left(0) <= 0) return 0;
  const fastest = FASTEST_M_S * areaM2(Math.min(...reaches.map(({ boreM }) => boreM)));
  // Without friction, and without a pump, no more than this comes.
  return rootOf(left, 0, pump ? fastest : Math.min(fastest, Math.sqrt(headM / others)));
}
