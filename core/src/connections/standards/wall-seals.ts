import { MM_PER_INCH } from '../../quantity/length';
import type { NominalSize } from '../../quantity/size';
import type { Source } from '../../provenance';

/** What stands in a drilled hole: the hole it wants, the wall it grips and the flat it sits on, in mm. */
export interface WallSealSize {
  readonly size: NominalSize;
  /** Hole sizes differ between makers: the range, and the hole most of them ask for. */
  readonly holeMm: readonly [number, number];
  readonly typicalHoleMm: number;
  /** Wall thickness it grips, least and most. */
  readonly gripMm: readonly [number, number];
  readonly flangeMm: number;
  /** Least radius of a curved wall it still seals on. */
  readonly leastRadiusMm: number;
}

export const WALL_SEAL_SOURCE: Source = {
  document: 'bulkhead and gasket hole ranges of the trade; measure the shank in hand',
  provenance: 'from-memory',
};

/** A flat washer follows a curve only if the radius is about four flanges (common practice). */
const RADIUS_PER_FLANGE = 4;

interface BulkheadRow {
  readonly size: NominalSize;
  readonly holeIn: readonly [number, number];
  readonly typicalIn: number;
  readonly flangeIn: readonly [number, number];
  readonly gripMostIn: number;
}

const GRIP_LEAST_IN = 0.06;

const BULKHEAD_ROWS: readonly BulkheadRow[] = [
  { size: '1/2', holeIn: [1.125, 1.625], typicalIn: 1.375, flangeIn: [1.75, 2.4], gripMostIn: 0.75 },
  { size: '3/4', holeIn: [1.375, 1.75], typicalIn: 1.625, flangeIn: [2, 2.8], gripMostIn: 0.75 },
  { size: '1', holeIn: [1.75, 2.125], typicalIn: 1.875, flangeIn: [2.4, 3.3], gripMostIn: 0.9 },
  { size: '1-1/4', holeIn: [2.125, 2.75], typicalIn: 2.375, flangeIn: [2.9, 3.9], gripMostIn: 1 },
  { size: '1-1/2', holeIn: [2.375, 2.875], typicalIn: 2.5, flangeIn: [3.1, 4.2], gripMostIn: 1 },
  { size: '2', holeIn: [2.875, 3.375], typicalIn: 3.125, flangeIn: [3.7, 5], gripMostIn: 1.25 },
  { size: '3', holeIn: [4.125, 4.75], typicalIn: 4.25, flangeIn: [5.2, 6.8], gripMostIn: 1.5 },
];

interface GasketRow {
  readonly size: NominalSize;
  readonly holeIn: readonly [number, number];
  readonly leastTankDiameterIn: number;
  readonly gripMostIn: number;
}

const GASKET_ROWS: readonly GasketRow[] = [
  { size: '1/2', holeIn: [1, 1.25], leastTankDiameterIn: 6, gripMostIn: 0.5 },
  { size: '3/4', holeIn: [1.25, 1.5], leastTankDiameterIn: 8, gripMostIn: 0.5 },
  { size: '1', holeIn: [1.625, 1.75], leastTankDiameterIn: 10, gripMostIn: 0.5 },
  { size: '1-1/4', holeIn: [2, 2.125], leastTankDiameterIn: 12, gripMostIn: 0.5 },
  { size: '1-1/2', holeIn: [2.25, 2.5], leastTankDiameterIn: 12, gripMostIn: 0.5 },
  { size: '2', holeIn: [2.875, 3], leastTankDiameterIn: 14, gripMostIn: 0.5 },
  { size: '3', holeIn: [4, 4.125], leastTankDiameterIn: 24, gripMostIn: 0.9 },
];

const GASKET_GRIP_LEAST_IN = 0.08;
/** The outer lip of a push-through gasket overlaps its hole by about this much all round (value from memory). */
const GASKET_LIP_IN = 0.3;

const mm = (inches: number): number => inches * MM_PER_INCH;
const range = ([least, most]: readonly [number, number]): readonly [number, number] => [mm(least), mm(most)];

const BULKHEADS: readonly WallSealSize[] = BULKHEAD_ROWS.map((row) => ({
  size: row.size,
  holeMm: range(row.holeIn),
  typicalHoleMm: mm(row.typicalIn),
  gripMm: [mm(GRIP_LEAST_IN), mm(row.gripMostIn)],
  flangeMm: mm((row.flangeIn[0] + row.flangeIn[1]) / 2),
  leastRadiusMm: RADIUS_PER_FLANGE * mm(row.flangeIn[0]),
}));

const GASKETS: readonly WallSealSize[] = GASKET_ROWS.map((row) => ({
  size: row.size,
  holeMm: range(row.holeIn),
  typicalHoleMm: mm(row.holeIn[0]),
  gripMm: [mm(GASKET_GRIP_LEAST_IN), mm(row.gripMostIn)],
  flangeMm: mm(row.holeIn[0] + 2 * GASKET_LIP_IN),
  leastRadiusMm: mm(row.leastTankDiameterIn) / 2,
}));

export const WALL_SEALS: Readonly<Record<'bulkhead' | 'gasket', readonly WallSealSize[]>> = {
  bulkhead: BULKHEADS,
  gasket: GASKETS,
};

/** @throws RangeError the style has no such size */
export function wallSealSize(style: 'bulkhead' | 'gasket', size: NominalSize): WallSealSize {
  const found = WALL_SEALS[style].find((row) => row.size === size);
  if (!found) throw new RangeError(`wallSealSize: no ${size} ${style}`);
  return found;
}

/** Sizes for which there is anything to stand in a hole. */
export const WALL_SEAL_SIZES: readonly NominalSize[] = [
  ...new Set(Object.values(WALL_SEALS).flatMap((rows) => rows.map(({ size }) => size))),
];
