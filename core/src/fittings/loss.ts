/** Roughness of commercial steel pipe [mm], on which the handbook's friction at full turbulence stands. */
const STEEL_ROUGHNESS_MM = 0.0457;

/**
 * Friction factor of clean commercial steel pipe at full turbulence, from which the loss of a fitting is taken as
 * K = f x (L/D).
 *
 * @param boreMm  bore, 5 to 200 mm
 * @source von Karman's law for a rough pipe; handbook tables of f by nominal size agree to 5 %
 */
export const roughFriction = (boreMm: number): number => 0.25 / Math.log10(STEEL_ROUGHNESS_MM / (3.7 * boreMm)) ** 2;

/** Equivalent length over bore of the shapes that fittings have (handbook L/D method, values from memory). */
export const LENGTH_OVER_BORE = {
  straight: 2,
  'bend-90': 30,
  'bend-90-sweep': 20,
  'bend-45': 16,
  'tee-run': 20,
  'ball-full-bore': 3,
  gate: 8,
  'swing-check': 100,
} as const;
export type LossShape = keyof typeof LENGTH_OVER_BORE;

/** Losses of whole fittings, on the velocity head in their least bore (handbook values, from memory). */
export const FIXED_LOSS = {
  'washer-tap': 6,
  'quarter-turn-tap': 1.5,
  'spring-check': 3,
  flap: 1,
  'foot-valve': 10,
  mesh: 1,
  barb: 0.8,
  'click-pair': 2,
  bulkhead: 0.5,
} as const;

/**
 * Loss of a sudden narrowing and widening, on the velocity head in the narrow bore.
 *
 * @param narrowMm   least bore
 * @param beforeMm,afterMm  bores before and after it, not narrower
 * @source Borda and Carnot: widening (1 - b2)^2, narrowing half of (1 - b2), with b2 the ratio of areas
 */
export function suddenChangeLoss(narrowMm: number, beforeMm: number, afterMm: number): number {
  const share = (wideMm: number): number => 1 - Math.min(1, (narrowMm / wideMm) ** 2);
  return 0.5 * share(beforeMm) + share(afterMm) ** 2;
}
