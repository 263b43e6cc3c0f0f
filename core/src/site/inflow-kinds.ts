/** Water that comes to the tanks from elsewhere than a roof. */
export const INFLOW_KINDS = ['mains', 'bore', 'tanker', 'condensate', 'reject', 'other'] as const;
export type InflowKind = (typeof INFLOW_KINDS)[number];

export interface InflowFacts {
  readonly name: string;
  /** While nobody has measured it [m3/s] (values from memory). */
  readonly usualM3s: number;
  /** Drinking water stands behind it: it must come in through an air gap. */
  readonly needsAirGap: boolean;
}

const LITRES_PER_MINUTE = 1 / 60_000;

export const INFLOWS: Readonly<Record<InflowKind, InflowFacts>> = {
  mains: { name: 'Mains top-up', usualM3s: 30 * LITRES_PER_MINUTE, needsAirGap: true },
  bore: { name: 'Bore or well', usualM3s: 30 * LITRES_PER_MINUTE, needsAirGap: true },
  tanker: { name: 'Tanker', usualM3s: 600 * LITRES_PER_MINUTE, needsAirGap: false },
  condensate: { name: 'Condensate from cooling', usualM3s: 0.1 * LITRES_PER_MINUTE, needsAirGap: false },
  reject: { name: 'Reject water of a filter', usualM3s: 1 * LITRES_PER_MINUTE, needsAirGap: false },
  other: { name: 'Another inflow', usualM3s: 10 * LITRES_PER_MINUTE, needsAirGap: false },
};

const LEAST_GAP_M = 0.0254;
const OPENINGS = 2;

/**
 * Least air gap between the end of a supply and the level at which the tank spills [m].
 *
 * @param openingM bore of the end of the supply
 * @source ASME A112.1.2: twice the effective opening, never under 1 in; local codes may ask for more
 */
export const leastAirGapM = (openingM: number): number => Math.max(LEAST_GAP_M, OPENINGS * openingM);
