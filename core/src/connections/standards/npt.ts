import type { NominalSize } from '../../quantity/size';
import { MM_PER_INCH } from '../../quantity/length';
import type { ThreadForm, ThreadStandard } from './thread-standard';

interface NptSize {
  readonly size: NominalSize;
  readonly outsideIn: number;
  readonly threadsPerInch: number;
  /** Hand-tight engagement L1. */
  readonly handTightIn: number;
}

/** ASME B1.20.1, table 2: outside diameter of pipe D, threads per inch, hand-tight engagement L1 (standard-table, recalled). */
const TABLE: readonly NptSize[] = [
  { size: '1/2', outsideIn: 0.84, threadsPerInch: 14, handTightIn: 0.32 },
  { size: '3/4', outsideIn: 1.05, threadsPerInch: 14, handTightIn: 0.339 },
  { size: '1', outsideIn: 1.315, threadsPerInch: 11.5, handTightIn: 0.4 },
  { size: '1-1/4', outsideIn: 1.66, threadsPerInch: 11.5, handTightIn: 0.42 },
  { size: '1-1/2', outsideIn: 1.9, threadsPerInch: 11.5, handTightIn: 0.42 },
  { size: '2', outsideIn: 2.375, threadsPerInch: 11.5, handTightIn: 0.436 },
  { size: '2-1/2', outsideIn: 2.875, threadsPerInch: 8, handTightIn: 0.682 },
  { size: '3', outsideIn: 3.5, threadsPerInch: 8, handTightIn: 0.766 },
];

const TAPER = 1 / 16;

function row(size: NominalSize): NptSize {
  const found = TABLE.find((one) => one.size === size);
  if (!found) throw new RangeError(`npt: no size ${size}`);
  return found;
}

/**
 * Basic dimensions by the formulae of ASME B1.20.1: E0 = D - (0.05 D + 1.1) p, E1 = E0 + L1/16,
 * L2 = (0.80 D + 6.8) p, h = 0.8 p; made up = L1 + L3 with L3 = 3 p to 2 in, 2 p above.
 */
function form(size: NominalSize, sex: 'male' | 'female'): ThreadForm {
  const { outsideIn, threadsPerInch, handTightIn } = row(size);
  const pitchIn = 1 / threadsPerInch;
  const heightIn = 0.8 * pitchIn;
  const smallEndIn = outsideIn - (0.05 * outsideIn + 1.1) * pitchIn;
  const pitchDiameterIn = sex === 'male' ? smallEndIn : smallEndIn + handTightIn * TAPER;
  const wrenchTurns = outsideIn < 2.5 ? 3 : 2;
  const outward = sex === 'male' ? heightIn : -heightIn;
  return {
    pitchMm: pitchIn * MM_PER_INCH,
    flankDeg: 60,
    taper: TAPER,
    seal: 'taper',
    crestMm: (pitchDiameterIn + outward) * MM_PER_INCH,
    pitchDiameterMm: pitchDiameterIn * MM_PER_INCH,
    rootMm: (pitchDiameterIn - outward) * MM_PER_INCH,
    usableLengthMm: (0.8 * outsideIn + 6.8) * pitchIn * MM_PER_INCH,
    madeUpMm: (handTightIn + wrenchTurns * pitchIn) * MM_PER_INCH,
  };
}

/** American taper pipe thread: seals along its taper, with tape or paste in the clearance. */
export const npt: ThreadStandard = {
  id: 'npt',
  token: 'NPT',
  name: 'taper pipe thread',
  source: { document: 'ASME B1.20.1', provenance: 'standard-formula' },
  sizes: TABLE.map(({ size }) => size),
  threadsPerInch: (size) => row(size).threadsPerInch,
  form,
};
