import { MM_PER_INCH } from '../../quantity/length';
import type { NominalSize } from '../../quantity/size';
import {
  BOTH_SEXES,
  type Range,
  type ThreadForm,
  type ThreadPart,
  type ThreadStandard,
  middle,
  rowOf,
} from './thread-standard';

interface Limits {
  readonly threadsPerInch: number;
  readonly male: { readonly crest: Range; readonly pitchDiameter: Range };
  readonly female: { readonly crest: Range; readonly pitchDiameter: Range; readonly rootLeast: number };
  readonly maleLength: number;
  /** Thread ahead of the washer seat, and the washer that stands in it. */
  readonly femaleDepth: number;
  readonly washer: number;
}

/**
 * Limits in inches. 3/4-11.5: ASME B1.20.7 (standard-table, recalled; lengths from memory).
 * 1-1/2-9 and 2-1/2-7.5: the fire hose threads of NFPA 1963 (from memory; tolerances taken as a tenth of the height).
 */
const ROWS: readonly (readonly [NominalSize, Limits])[] = [
  [
    '3/4',
    {
      threadsPerInch: 11.5,
      male: { crest: [1.0455, 1.0625], pitchDiameter: [0.9975, 1.006] },
      female: { crest: [0.9595, 0.9765], pitchDiameter: [1.016, 1.0245], rootLeast: 1.0725 },
      maleLength: 0.5625,
      femaleDepth: 0.53,
      washer: 0.125,
    },
  ],
  [
    '1-1/2',
    {
      threadsPerInch: 9,
      male: { crest: [1.968, 1.99], pitchDiameter: [1.9067, 1.9178] },
      female: { crest: [1.8577, 1.8799], pitchDiameter: [1.9298, 1.9409], rootLeast: 2.002 },
      maleLength: 1,
      femaleDepth: 0.875,
      washer: 0.25,
    },
  ],
  [
    '2-1/2',
    {
      threadsPerInch: 7.5,
      male: { crest: [3.0366, 3.0686], pitchDiameter: [2.966, 2.982] },
      female: { crest: [2.9104, 2.9424], pitchDiameter: [2.997, 3.013], rootLeast: 3.0836 },
      maleLength: 1,
      femaleDepth: 0.9375,
      washer: 0.25,
    },
  ],
];

const limits = (size: NominalSize): Limits => rowOf(ROWS, size, 'nh')[1];

/** The thread is made with an allowance, so the basic profile is taken in the middle of its limits. */
function form(size: NominalSize, part: ThreadPart): ThreadForm {
  const row = limits(size);
  const male = part === 'male';
  const { crest, pitchDiameter } = male ? row.male : row.female;
  const rootIn = male ? 2 * middle(pitchDiameter) - middle(crest) : row.female.rootLeast;
  const acrossMm: Range = [crest[0] * MM_PER_INCH, crest[1] * MM_PER_INCH];
  return {
    pitchMm: MM_PER_INCH / row.threadsPerInch,
    flankDeg: 60,
    taper: 0,
    seal: male ? 'none' : 'washer',
    crestMm: middle(crest) * MM_PER_INCH,
    pitchDiameterMm: middle(pitchDiameter) * MM_PER_INCH,
    rootMm: rootIn * MM_PER_INCH,
    usableLengthMm: (male ? row.maleLength : row.femaleDepth) * MM_PER_INCH,
    madeUpMm: (row.femaleDepth - row.washer) * MM_PER_INCH,
    acrossMm,
    firstCrestMm: acrossMm,
    gaugeToleranceTurns: 0,
    rounded: false,
  };
}

/** American hose thread: 3/4 garden hose, and the fire hose sizes some pumps carry. Runs loose and seals on a flat washer. */
export const nh: ThreadStandard = {
  id: 'nh',
  token: 'NH',
  name: 'American hose thread',
  source: { document: 'ASME B1.20.7', provenance: 'standard-table' },
  sizes: ROWS.map(([size]) => size),
  sexes: BOTH_SEXES,
  regions: ['US'],
  threadsPerInch: (size) => limits(size).threadsPerInch,
  form,
};
