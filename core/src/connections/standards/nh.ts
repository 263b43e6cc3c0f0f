import type { NominalSize } from '../../quantity/size';
import { MM_PER_INCH } from '../../quantity/length';
import type { ThreadForm, ThreadStandard } from './thread-standard';

const THREADS_PER_INCH = 11.5;

/** ASME B1.20.7, limits of the 3/4-11.5NH garden hose thread in inches (standard-table, recalled). */
const LIMITS_IN = {
  male: { crest: [1.0455, 1.0625], pitchDiameter: [0.9975, 1.006] },
  female: { crest: [0.9595, 0.9765], pitchDiameter: [1.016, 1.0245], rootLeast: 1.0725 },
} as const;

/** Length of the male thread and depth of the female to its washer seat in inches (value from memory). */
const MALE_LENGTH_IN = 0.5625;
const FEMALE_DEPTH_IN = 0.53;
/** The flat washer stands in the seat before the male (value from memory). */
const WASHER_IN = 0.125;

const middle = ([least, most]: readonly [number, number]): number => (least + most) / 2;

/** The thread is made with an allowance, so the basic profile is taken in the middle of its limits. */
function form(size: NominalSize, sex: 'male' | 'female'): ThreadForm {
  if (size !== '3/4') throw new RangeError(`nh: no size ${size}`);
  const { crest, pitchDiameter } = LIMITS_IN[sex];
  const rootIn = sex === 'male' ? 2 * middle(pitchDiameter) - middle(crest) : LIMITS_IN.female.rootLeast;
  return {
    pitchMm: MM_PER_INCH / THREADS_PER_INCH,
    flankDeg: 60,
    taper: 0,
    seal: 'washer',
    crestMm: middle(crest) * MM_PER_INCH,
    pitchDiameterMm: middle(pitchDiameter) * MM_PER_INCH,
    rootMm: rootIn * MM_PER_INCH,
    usableLengthMm: (sex === 'male' ? MALE_LENGTH_IN : FEMALE_DEPTH_IN) * MM_PER_INCH,
    madeUpMm: (FEMALE_DEPTH_IN - WASHER_IN) * MM_PER_INCH,
  };
}

/** American garden hose thread: runs loose and seals on a flat washer in the female, never on the thread. */
export const nh: ThreadStandard = {
  id: 'nh',
  token: 'NH',
  name: 'garden hose thread',
  source: { document: 'ASME B1.20.7', provenance: 'standard-table' },
  sizes: ['3/4'],
  threadsPerInch: () => THREADS_PER_INCH,
  form,
};
