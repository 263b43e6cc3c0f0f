/** SI conventional value (3rd CGPM, 1901). */
export const GRAVITY_M_S2 = 9.80665;
const AIR_KG_M3 = 1.2;

/** What a hose pump on a tanker fills at [m3/s] (value from memory). */
export const TANKER_M3S = 0.01;
/** What a float valve of 3/4 in lets in at the pressure of the mains [m3/s] (value from memory). */
export const FLOAT_VALVE_M3S = 0.0005;

const circleM2 = (diameterM: number): number => (Math.PI / 4) * diameterM ** 2;

/** Coefficient of a drowned opening with a sharp edge, and of an upright pipe's rim as a weir (values from memory). */
const ORIFICE = 0.6;
const RIM_WEIR_SI = 1.84;

/**
 * Flow through a drowned opening [m3/s]: Q = C A sqrt(2 g H), closed formula.
 * @param headM from the middle of the opening to the surface
 */
export const orificeM3s = (diameterM: number, headM: number, coefficient = ORIFICE): number =>
  headM <= 0 ? 0 : coefficient * circleM2(diameterM) * Math.sqrt(2 * GRAVITY_M_S2 * headM);

/** An even number of steps; the integrand is smooth in the angle, so that few are enough. */
const SIMPSON_STEPS = 20;

/**
 * Out through a round hole with a sharp edge in a side [m3/s]: C sqrt(2 g) times the integral of sqrt(H - z) b(z) over the wet part, with
 * b = 2 sqrt(z (D - z)) and z as the square of a sine.
 *
 * @param headM from the lowest point of the hole to the surface
 */
export function sharpEdgeM3s(diameterM: number, headM: number): number {
  if (headM <= 0 || diameterM <= 0) return 0;
  const wetM = Math.min(headM, diameterM);
  const at = (angle: number): number => {
    const z = wetM * Math.sin(angle) ** 2;
    const width = 2 * Math.sqrt(z * (diameterM - z));
    return Math.sqrt(Math.max(0, headM - z)) * width * wetM * Math.sin(2 * angle);
  };
  const step = Math.PI / 2 / SIMPSON_STEPS;
  let sum = at(0) + at(Math.PI / 2);
  for (let place = 1; place < SIMPSON_STEPS; place++) sum += (place % 2 === 0 ? 2 : 4) * at(place * step);
  return ORIFICE * Math.sqrt(2 * GRAVITY_M_S2) * ((sum * step) / 3);
}

/** Over the rim of an upright pipe [m3/s]: the smaller of the weir round it and the drowned opening. */
export const standpipeM3s = (diameterM: number, headM: number): number =>
  headM <= 0 ? 0 : Math.min(RIM_WEIR_SI * Math.PI * diameterM * headM ** 1.5, orificeM3s(diameterM, headM));

/** Loss at the entry of a pipe that ends flush with the wall, in velocity heads (value from memory). */
const ENTRY_LOSS = 0.5;
const HALVINGS = 50;

/**
 * Out through the side of a tank by a short pipe that runs free [m3/s].
 *
 * While the pipe is not full the water passes through critical depth at its mouth: depth plus (1 + entry loss) times the
 * velocity head make the head above its lowest point, Q = A sqrt(g A / T). Once drowned it is an orifice. Where both are
 * possible the smaller rules.
 *
 * @param headM from the lowest point of the bore to the surface
 */
export function sideOverflowM3s(diameterM: number, headM: number): number {
  if (headM <= 0 || diameterM <= 0) return 0;
  const radius = diameterM / 2;
  const section = (depth: number): { readonly area: number; readonly top: number } => {
    const half = Math.acos(1 - depth / radius);
    return { area: radius ** 2 * (half - Math.sin(half) * Math.cos(half)), top: 2 * radius * Math.sin(half) };
  };
  let [low, high] = [0, diameterM * (1 - 1e-9)];
  for (let step = 0; step < HALVINGS; step++) {
    const depth = (low + high) / 2;
    const { area, top } = section(depth);
    if (depth + ((1 + ENTRY_LOSS) * area) / (2 * top) < headM) low = depth;
    else high = depth;
  }
  const { area, top } = section(low);
  const critical = area * Math.sqrt((GRAVITY_M_S2 * area) / top);
  return headM > diameterM ? Math.min(critical, orificeM3s(diameterM, headM - radius)) : critical;
}

/** A bulkhead with a full-bore valve wide open (value from memory). */
const OUTLET = 0.7;

/** Drawn off by gravity through an open outlet [m3/s]. */
export const outletM3s = (diameterM: number, headM: number): number => orificeM3s(diameterM, headM, OUTLET);

/** Less than this a thin wall bears before it is sucked in [Pa]: 25 mm of water (value from memory). */
const VACUUM_PA = 250;
const VENT = 0.5;

/** Air that a plain vent passes before the tank feels it [m3/s]; a screened one needs twice the area (common practice). */
export const ventM3s = (diameterM: number): number =>
  VENT * circleM2(diameterM) * Math.sqrt((2 * VACUUM_PA) / AIR_KG_M3);

/** Rain on roofs [m3/s]: one millimetre on one square metre is one litre. */
export const stormM3s = (areaM2: number, mmPerH: number): number => (areaM2 * mmPerH) / 1000 / 3600;
