import { MM_PER_INCH } from '../../quantity/length';
import type { NominalSize } from '../../quantity/size';
import { BOTH_SEXES, type ThreadForm, type ThreadPart, type ThreadStandard, rowOf } from './thread-standard';

/** Size, outside diameter of pipe D [in], threads per inch, hand-tight engagement L1 [in]. */
type NptRow = readonly [NominalSize, outsideIn: number, threadsPerInch: number, handTightIn: number];

/** ASME B1.20.1, table 2 (standard-table, recalled). */
export const NPT_ROWS: readonly NptRow[] = [
  ['1/8', 0.405, 27, 0.1615],
  ['1/4', 0.54, 18, 0.2278],
  ['3/8', 0.675, 18, 0.24],
  ['1/2', 0.84, 14, 0.32],
  ['3/4', 1.05, 14, 0.339],
  ['1', 1.315, 11.5, 0.4],
  ['1-1/4', 1.66, 11.5, 0.42],
  ['1-1/2', 1.9, 11.5, 0.42],
  ['2', 2.375, 11.5, 0.436],
  ['2-1/2', 2.875, 8, 0.682],
  ['3', 3.5, 8, 0.766],
  ['4', 4.5, 8, 0.844],
];

const TAPER = 1 / 16;
/** Product threads may gauge one turn large or small (ASME B1.20.1). */
const GAUGE_TOLERANCE_TURNS = 1;

/** Pitch diameter at the small end, E0 = D - (0.05 D + 1.1) p, and at the hand-tight plane, E1 = E0 + L1/16 [in] (ASME B1.20.1). */
export function nptPitchDiametersIn(size: NominalSize): { readonly e0: number; readonly e1: number } {
  const [, outsideIn, threadsPerInch, handTightIn] = rowOf(NPT_ROWS, size, 'npt');
  const e0 = outsideIn - (0.05 * outsideIn + 1.1) / threadsPerInch;
  return { e0, e1: e0 + handTightIn * TAPER };
}

/**
 * Basic dimensions by the formulae of ASME B1.20.1: E0, E1, L2 = (0.80 D + 6.8) p, h = 0.8 p; made up = L1 + L3 with
 * L3 = 3 p to 2 in, 2 p above. A turn of gauge tolerance moves a diameter by a sixteenth of the pitch.
 */
function form(size: NominalSize, part: ThreadPart): ThreadForm {
  const [, outsideIn, threadsPerInch, handTightIn] = rowOf(NPT_ROWS, size, 'npt');
  const { e0, e1 } = nptPitchDiametersIn(size);
  const pitchIn = 1 / threadsPerInch;
  const heightIn = 0.8 * pitchIn;
  const male = part === 'male';
  const outward = male ? heightIn : -heightIn;
  const pitchDiameterIn = male ? e0 : e1;
  const effectiveIn = (0.8 * outsideIn + 6.8) * pitchIn;
  const madeUpIn = handTightIn + (outsideIn < 2.5 ? 3 : 2) * pitchIn;
  const crestIn = pitchDiameterIn + outward;
  const toleranceIn = GAUGE_TOLERANCE_TURNS * pitchIn * TAPER;
  // Crests never stand over the outside of the pipe they are cut on: the last ones of L2 are flat there.
  const farIn = male ? Math.min(outsideIn, crestIn + effectiveIn * TAPER) : crestIn - madeUpIn * TAPER;
  const mm = (inches: number): number => inches * MM_PER_INCH;
  return {
    pitchMm: mm(pitchIn),
    flankDeg: 60,
    taper: TAPER,
    seal: 'taper',
    crestMm: mm(crestIn),
    pitchDiameterMm: mm(pitchDiameterIn),
    rootMm: mm(pitchDiameterIn - outward),
    usableLengthMm: mm(effectiveIn),
    madeUpMm: mm(madeUpIn),
    acrossMm: [mm(Math.min(crestIn, farIn)), mm(Math.max(crestIn, farIn))],
    firstCrestMm: [mm(crestIn - toleranceIn), mm(crestIn + toleranceIn)],
    gaugeToleranceTurns: GAUGE_TOLERANCE_TURNS,
    rounded: false,
  };
}

/** American taper pipe thread: seals along its taper, with tape or paste in the clearance. */
export const npt: ThreadStandard = {
  id: 'npt',
  token: 'NPT',
  name: 'American taper pipe thread',
  source: { document: 'ASME B1.20.1', provenance: 'standard-formula' },
  sizes: NPT_ROWS.map(([size]) => size),
  sexes: BOTH_SEXES,
  regions: ['US'],
  threadsPerInch: (size) => rowOf(NPT_ROWS, size, 'npt')[2],
  form,
};
