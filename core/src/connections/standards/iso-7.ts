import { MM_PER_INCH } from '../../quantity/length';
import type { NominalSize } from '../../quantity/size';
import {
  type Range,
  type Sex,
  type ThreadForm,
  type ThreadPart,
  type ThreadStandard,
  notMadeAs,
  rowOf,
} from './thread-standard';

/** Size, threads per inch, largest diameter at the gauge plane, gauge length, its tolerance, fitting allowance [mm]. */
type Row = readonly [
  NominalSize,
  threadsPerInch: number,
  majorMm: number,
  gaugeMm: number,
  gaugeToleranceMm: number,
  allowanceMm: number,
];

/** ISO 7-1 / EN 10226, table 1 (standard-table, recalled; 1/8 fitting allowance from memory). */
export const ISO_7_ROWS: readonly Row[] = [
  ['1/8', 28, 9.728, 4, 0.9, 2.5],
  ['1/4', 19, 13.157, 6, 1.3, 3.7],
  ['3/8', 19, 16.662, 6.4, 1.3, 3.7],
  ['1/2', 14, 20.955, 8.2, 1.8, 5],
  ['3/4', 14, 26.441, 9.5, 1.8, 5],
  ['1', 11, 33.249, 10.4, 2.3, 6.4],
  ['1-1/4', 11, 41.91, 12.7, 2.3, 6.4],
  ['1-1/2', 11, 47.803, 12.7, 2.3, 6.4],
  ['2', 11, 59.614, 15.9, 2.3, 7.5],
  ['2-1/2', 11, 75.184, 17.5, 3.5, 9.2],
  ['3', 11, 87.884, 20.6, 3.5, 9.2],
  ['4', 11, 113.03, 25.4, 3.5, 10.4],
];

const TAPER = 1 / 16;
/** Height of the 55 degree thread, as a share of the pitch (ISO 7-1, ISO 228-1). */
export const HEIGHT_SHARE_55 = 0.640327;
/** Turns past hand tight that bring a joint to its made-up length (common practice). */
const WRENCH_TURNS = 2;

type Shape = 'R' | 'Rc' | 'Rp';

/**
 * ISO 7-1: h = 0.640327 P, pitch diameter d2 = d - h, at the gauge plane. The small end of R lies the gauge length before
 * it; the gauge plane of Rc and Rp is their mouth. Useful thread = gauge length + fitting allowance.
 */
function form(shape: Shape, size: NominalSize): ThreadForm {
  const [, threadsPerInch, majorMm, gaugeMm, gaugeToleranceMm, allowanceMm] = rowOf(ISO_7_ROWS, size, shape);
  const pitchMm = MM_PER_INCH / threadsPerInch;
  const heightMm = HEIGHT_SHARE_55 * pitchMm;
  const male = shape === 'R';
  const taper = shape === 'Rp' ? 0 : TAPER;
  const shiftMm = male ? -gaugeMm * TAPER : 0;
  const pitchDiameterMm = majorMm - heightMm + shiftMm;
  const outwardMm = male ? heightMm : -heightMm;
  const crestMm = pitchDiameterMm + outwardMm;
  const usableLengthMm = gaugeMm + allowanceMm;
  const farMm = crestMm + (male ? 1 : -1) * usableLengthMm * taper;
  const toleranceMm = gaugeToleranceMm * TAPER;
  return {
    pitchMm,
    flankDeg: 55,
    taper,
    seal: 'taper',
    crestMm,
    pitchDiameterMm,
    rootMm: pitchDiameterMm - outwardMm,
    usableLengthMm,
    madeUpMm: Math.min(usableLengthMm, gaugeMm + WRENCH_TURNS * pitchMm),
    acrossMm: taper === 0 ? around(crestMm, toleranceMm) : [Math.min(crestMm, farMm), Math.max(crestMm, farMm)],
    firstCrestMm: around(crestMm, toleranceMm),
    gaugeToleranceTurns: gaugeToleranceMm / pitchMm,
    rounded: true,
  };
}

const around = (value: number, by: number): Range => [value - by, value + by];

const standard = (shape: Shape, sex: Sex, name: string): ThreadStandard => ({
  id: shape.toLowerCase(),
  token: shape,
  name,
  source: { document: 'ISO 7-1', provenance: 'standard-table' },
  sizes: ISO_7_ROWS.map(([size]) => size),
  sexes: [sex],
  regions: ['UK', 'EU', 'ANZ'],
  threadsPerInch: (size) => rowOf(ISO_7_ROWS, size, shape)[1],
  form: (size, part: ThreadPart) =>
    (part === 'male') === (sex === 'male') ? form(shape, size) : notMadeAs(shape, part),
});

/** Taper male of ISO 7-1: seals with tape in Rc or in Rp. */
export const r = standard('R', 'male', 'ISO taper pipe thread');
/** Taper female of ISO 7-1. */
export const rc = standard('Rc', 'female', 'ISO taper pipe thread');
/** Parallel female of ISO 7-1, made to take R. */
export const rp = standard('Rp', 'female', 'ISO parallel pipe thread for taper males');
