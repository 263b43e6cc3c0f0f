import type { NominalSize } from '../../../quantity/size';
import { defineWallSeal, inch, inches } from './wall-seal';

const GRIP_LEAST_IN = 0.08;
/** The outer lip of a push-through gasket overlaps its hole by about this much all round (value from memory). */
const LIP_MM = 7.6;

/** It follows a curve: on half of the radius that is surely flat enough it is used too, and wants a good place (common practice). */
const MAY_SHARE = 0.5;

/** Size, hole least and most, least tank diameter, thickest wall; inches, from memory. */
const INCH_ROWS: readonly (readonly [NominalSize, number, number, number, number])[] = [
  ['1/2', 1, 1.25, 6, 0.5],
  ['3/4', 1.25, 1.5, 8, 0.5],
  ['1', 1.625, 1.75, 10, 0.5],
  ['1-1/4', 2, 2.125, 12, 0.5],
  ['1-1/2', 2.25, 2.5, 12, 0.5],
  ['2', 2.875, 3, 14, 0.5],
  ['3', 4, 4.125, 24, 0.9],
  ['4', 5, 5.25, 30, 0.9],
];

/** For pipe of Europe, Australia and New Zealand: size, hole least and most, least tank diameter, in mm; from memory. */
const METRIC_ROWS: readonly (readonly [NominalSize, number, number, number])[] = [
  ['25', 34, 38, 250],
  ['32', 44, 48, 300],
  ['40', 51, 55, 300],
  ['50', 65, 70, 350],
  ['75', 86, 91, 450],
  ['90', 100, 105, 600],
  ['110', 121, 128, 700],
  ['125', 137, 143, 800],
  ['160', 174, 181, 1000],
];
const METRIC_GRIP_MM = [2, 13] as const;

/** A flexible ring that snaps into the hole; plain pipe is pushed through it from outside. */
export const gasket = defineWallSeal({
  id: 'gasket',
  words: ['gasket', 'rim'],
  called: 'gasket',
  walls: ['plastic'],
  side: 'no nut',
  inside: 'nothing: all from outside',
  why: 'The gasket snaps into the hole and the pipe spreads it. Measure the gasket before you saw: makers differ.',
  sizes: [
    ...INCH_ROWS.map(([size, least, most, tank, grip]) => ({
      size,
      holeMm: inches([least, most]),
      typicalHoleMm: inch(least),
      gripMm: inches([GRIP_LEAST_IN, grip]),
      flangeMm: inch(least) + 2 * LIP_MM,
      leastRadiusMm: inch(tank) / 2,
      mayRadiusMm: (inch(tank) / 2) * MAY_SHARE,
    })),
    ...METRIC_ROWS.map(([size, least, most, tank]) => ({
      size,
      holeMm: [least, most] as const,
      typicalHoleMm: least,
      gripMm: METRIC_GRIP_MM,
      flangeMm: least + 2 * LIP_MM,
      leastRadiusMm: tank / 2,
      mayRadiusMm: (tank / 2) * MAY_SHARE,
    })),
  ],
});
