import { MM_PER_INCH } from '../../quantity/length';
import type { NominalSize } from '../../quantity/size';
import { HEIGHT_SHARE_55, ISO_7_ROWS } from './iso-7';
import {
  BOTH_SEXES,
  type Range,
  type ThreadForm,
  type ThreadPart,
  type ThreadSeal,
  type ThreadStandard,
  rowOf,
} from './thread-standard';

/** Tolerances of ISO 228-1 by pitch [mm] (from memory): over the crests of the male, and across those of the female. */
function tolerancesMm(size: NominalSize, threadsPerInch: number): { readonly male: number; readonly female: number } {
  if (threadsPerInch === 28) return { male: 0.214, female: 0.282 };
  if (threadsPerInch === 19) return { male: 0.25, female: 0.445 };
  if (threadsPerInch === 14) return { male: 0.284, female: 0.541 };
  return { male: ['2-1/2', '3', '4'].includes(size) ? 0.434 : 0.36, female: 0.64 };
}

/** A male has a flat shoulder, a socket a flat rim, and a nut carries the washer inside. */
const SEALS: Readonly<Record<ThreadPart, ThreadSeal>> = { male: 'shoulder', female: 'rim', nut: 'washer' };
/** Thread ahead of the washer in a nut, in pitches (from memory): taps and nuts give four to five. A socket is as deep as one for R (common practice). */
const NUT_PITCHES = 4.5;
const MALE_PITCHES = 6;

/** ISO 228-1: the parallel thread on the diameters of ISO 7-1 at its gauge plane, d2 = d - 0.640327 P; male may be smaller, female larger. */
function form(size: NominalSize, part: ThreadPart): ThreadForm {
  const [, threadsPerInch, majorMm, gaugeMm, , allowanceMm] = rowOf(ISO_7_ROWS, size, 'g');
  const pitchMm = MM_PER_INCH / threadsPerInch;
  const heightMm = HEIGHT_SHARE_55 * pitchMm;
  const minorMm = majorMm - 2 * heightMm;
  const tolerance = tolerancesMm(size, threadsPerInch);
  const male = part === 'male';
  const acrossMm: Range = male ? [majorMm - tolerance.male, majorMm] : [minorMm, minorMm + tolerance.female];
  return {
    pitchMm,
    flankDeg: 55,
    taper: 0,
    seal: SEALS[part],
    crestMm: male ? majorMm : minorMm,
    pitchDiameterMm: majorMm - heightMm,
    rootMm: male ? minorMm : majorMm,
    usableLengthMm: part === 'female' ? gaugeMm + allowanceMm : (male ? MALE_PITCHES : NUT_PITCHES) * pitchMm,
    madeUpMm: NUT_PITCHES * pitchMm,
    acrossMm,
    firstCrestMm: acrossMm,
    gaugeToleranceTurns: 0,
    rounded: true,
  };
}

/** Parallel pipe thread of taps, unions and bungs: never seals on the thread, always on a washer, ring or cone. */
export const g: ThreadStandard = {
  id: 'g',
  token: 'G',
  name: 'ISO parallel pipe thread',
  source: { document: 'ISO 228-1', provenance: 'standard-table' },
  sizes: ISO_7_ROWS.map(([size]) => size),
  sexes: BOTH_SEXES,
  regions: ['UK', 'EU', 'ANZ'],
  threadsPerInch: (size) => rowOf(ISO_7_ROWS, size, 'g')[1],
  form,
};
