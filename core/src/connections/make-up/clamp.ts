import { MM_PER_INCH } from '../../quantity/length';
import type { Need } from '../mating';
import type { Range } from '../standards/thread-standard';

/** Worm-drive clamps by number: the range of outside diameters they close on [in] (SAE J1508, from memory). */
const NUMBERED: readonly (readonly [number: number, Range])[] = [
  [4, [0.25, 0.625]],
  [6, [0.4375, 0.78]],
  [8, [0.5, 0.90625]],
  [10, [0.5625, 1.0625]],
  [12, [0.6875, 1.25]],
  [16, [0.8125, 1.5]],
  [20, [0.8125, 1.75]],
  [24, [1.0625, 2]],
  [28, [1.3125, 2.25]],
  [32, [1.5625, 2.5]],
  [36, [1.8125, 2.75]],
  [40, [2.0625, 3]],
  [44, [2.3125, 3.25]],
  [48, [2.5625, 3.5]],
  [56, [3.0625, 4]],
  [64, [3.5, 4.5]],
  [72, [4, 5]],
  [88, [5.125, 6]],
  [104, [6.125, 7]],
];

/** Bands of clamps sold by their range [mm] (DIN 3017, from memory). */
const METRIC: readonly Range[] = [
  [8, 12],
  [10, 16],
  [12, 22],
  [16, 27],
  [20, 32],
  [25, 40],
  [32, 50],
  [40, 60],
  [50, 70],
  [60, 80],
  [70, 90],
  [80, 100],
  [90, 110],
  [100, 120],
  [110, 130],
  [120, 140],
  [130, 150],
  [140, 160],
  [150, 170],
  [160, 180],
];

/** Worm drives on what is so large outside, as a joint asks for them. @throws RangeError none closes there */
export const wormDrives = (aroundMm: number, count: number): Need => ({
  kind: 'clamp',
  name: `worm-drive clamp no. ${clampFor(aroundMm).number}`,
  count,
  aroundMm,
});

export interface Clamp {
  readonly number: number;
  readonly rangeMm: Range;
  readonly metricMm: Range;
}

/** Where in its range a clamp is best taken: a little below the middle, so that it can follow rubber that settles (common practice). */
const BEST_PLACE = 0.45;
const offBest = ([least, most]: Range, outsideMm: number): number =>
  Math.abs((outsideMm - least) / (most - least) - BEST_PLACE);

/**
 * The clamps that close on an outside diameter, taken where it lies best in their range.
 *
 * @param outsideMm outside of the hose once it is on the barb, 8 to 177 mm
 * @throws RangeError no clamp closes there
 */
export function clampFor(outsideMm: number): Clamp {
  const inches = NUMBERED.map(([number, range]) => ({
    number,
    rangeMm: [range[0] * MM_PER_INCH, range[1] * MM_PER_INCH] as const,
  }));
  const holds = ([least, most]: Range): boolean => outsideMm >= least && outsideMm <= most;
  const [best] = inches
    .filter(({ rangeMm }) => holds(rangeMm))
    .sort((a, b) => offBest(a.rangeMm, outsideMm) - offBest(b.rangeMm, outsideMm));
  const [metricMm] = METRIC.filter(holds).toSorted((a, b) => offBest(a, outsideMm) - offBest(b, outsideMm));
  if (!best || !metricMm) throw new RangeError(`clampFor: none closes on ${outsideMm} mm`);
  return { ...best, metricMm };
}
