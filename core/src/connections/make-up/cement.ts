import type { NominalSize } from '../../quantity/size';
import { type Cement, wantsPrimer } from '../material';
import type { Need } from '../mating';

const ML_PER_QUART = 946.353;
/** Largest outside diameter [mm] and joints that a quart of cement makes up to there (from memory). One joint is one socket. */
const JOINTS_PER_QUART: readonly (readonly [outsideMm: number, joints: number])[] = [
  [22, 300],
  [27, 200],
  [34, 125],
  [43, 110],
  [50, 90],
  [64, 60],
  [76, 50],
  [93, 40],
  [120, 30],
  [Number.POSITIVE_INFINITY, 10],
];
/** A quart of primer does twice the joints of a quart of cement (from memory). */
const PRIMER_SHARE = 0.5;

/** Cement for one socket on pipe of this outside diameter [ml]. */
export const cementMl = (outsideMm: number): number =>
  ML_PER_QUART / (JOINTS_PER_QUART.find(([most]) => outsideMm <= most)?.[1] ?? 10);

export function cementFor(size: NominalSize, cement: Cement, outsideMm: number): Need {
  const ml = cementMl(outsideMm);
  return { kind: 'cement', size, cement, ml, primerMl: wantsPrimer(cement) ? ml * PRIMER_SHARE : 0 };
}

/** Largest outside diameter [mm], minutes not to be moved, minutes before water at up to 160 psi; at 60 to 100 F, 40 to 60 F, 0 to 40 F. */
type SetRow = readonly [
  outsideMm: number,
  set: readonly [number, number, number],
  cure: readonly [number, number, number],
];

/** ASTM D2855 type table (from memory; two versions are about, this is the shorter). */
const SET_ROWS: readonly SetRow[] = [
  [43, [2, 5, 10], [15, 20, 30]],
  [64, [5, 10, 15], [30, 45, 60]],
  [Number.POSITIVE_INFINITY, [30, 120, 720], [90, 240, 4320]],
];

export type Temperature = 'warm' | 'cool' | 'cold';
const COLUMN: Readonly<Record<Temperature, 0 | 1 | 2>> = { warm: 0, cool: 1, cold: 2 };

/** How long a cemented joint must not be moved, and when it may see water, by the outside of the pipe [minutes]. */
export function setTimes(
  outsideMm: number,
  temperature: Temperature,
): { readonly setMin: number; readonly cureMin: number } {
  const [, set, cure] = SET_ROWS.find(([most]) => outsideMm <= most) ?? [0, [30, 120, 720], [90, 240, 4320]];
  return { setMin: set[COLUMN[temperature]], cureMin: cure[COLUMN[temperature]] };
}
