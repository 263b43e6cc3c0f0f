import { MM_PER_INCH } from '../../quantity/length';
import type { NominalSize } from '../../quantity/size';
import { NPT_ROWS, nptPitchDiametersIn } from './npt';
import {
  BOTH_SEXES,
  type Range,
  type ThreadForm,
  type ThreadPart,
  type ThreadStandard,
  middle,
  rowOf,
} from './thread-standard';

/** Limits in inches: male over crests and pitch diameter, female across crests and pitch diameter. */
type LimitsRow = readonly [NominalSize, maleCrest: Range, malePitch: Range, femaleCrest: Range, femalePitch: Range];

/** ASME B1.20.1, free-fitting mechanical joints (from memory). */
const NPSM_ROWS: readonly LimitsRow[] = [
  ['1/8', [0.39, 0.397], [0.3689, 0.3725], [0.358, 0.364], [0.3736, 0.3783]],
  ['1/4', [0.517, 0.526], [0.4859, 0.4903], [0.468, 0.481], [0.4916, 0.4974]],
  ['3/8', [0.653, 0.662], [0.6211, 0.6256], [0.603, 0.612], [0.627, 0.6329]],
  ['1/2', [0.813, 0.823], [0.7718, 0.7769], [0.747, 0.759], [0.7784, 0.7851]],
  ['3/4', [1.024, 1.034], [0.982, 0.9873], [0.958, 0.97], [0.9889, 0.9958]],
  ['1', [1.281, 1.293], [1.2311, 1.2369], [1.201, 1.211], [1.2386, 1.2462]],
  ['1-1/4', [1.626, 1.638], [1.5756, 1.5816], [1.546, 1.555], [1.5834, 1.5912]],
  ['1-1/2', [1.865, 1.877], [1.8144, 1.8205], [1.785, 1.794], [1.8223, 1.8302]],
  ['2', [2.339, 2.351], [2.2882, 2.2944], [2.259, 2.268], [2.2963, 2.3044]],
  ['2-1/2', [2.826, 2.841], [2.7526, 2.76], [2.708, 2.727], [2.7622, 2.772]],
  ['3', [3.452, 3.467], [3.3786, 3.3862], [3.334, 3.353], [3.3885, 3.3984]],
  ['4', [4.451, 4.466], [4.3771, 4.3847], [4.333, 4.352], [4.3871, 4.397]],
];

/** Height of the thread as made, 0.65 p (hose and mechanical series, from memory). */
const HEIGHT_SHARE = 0.65;
/** Thread ahead of the washer in a coupling nut: about the hand-tight length of NPT, which such nuts are made to take (from memory). */
const washerDepthIn = (size: NominalSize): number => rowOf(NPT_ROWS, size, 'nps')[3];
const tpiOf = (size: NominalSize): number => rowOf(NPT_ROWS, size, 'nps')[2];
const mm = (inches: number): number => inches * MM_PER_INCH;
const mmRange = ([least, most]: Range): Range => [mm(least), mm(most)];

function straight(
  size: NominalSize,
  male: boolean,
  crestIn: Range,
  pitchDiameterIn: Range,
  seal: ThreadForm['seal'],
): ThreadForm {
  const pitchIn = 1 / tpiOf(size);
  const heightIn = HEIGHT_SHARE * pitchIn;
  const depthIn = washerDepthIn(size);
  return {
    pitchMm: mm(pitchIn),
    flankDeg: 60,
    taper: 0,
    seal,
    crestMm: mm(middle(crestIn)),
    pitchDiameterMm: mm(middle(pitchDiameterIn)),
    rootMm: mm(middle(pitchDiameterIn) + (male ? -heightIn : heightIn)),
    usableLengthMm: mm(male ? depthIn + 2 * pitchIn : depthIn),
    madeUpMm: mm(depthIn),
    acrossMm: mmRange(crestIn),
    firstCrestMm: mmRange(crestIn),
    gaugeToleranceTurns: 0,
    rounded: false,
  };
}

const npsmForm = (size: NominalSize, part: ThreadPart): ThreadForm => {
  const [, maleCrest, malePitch, femaleCrest, femalePitch] = rowOf(NPSM_ROWS, size, 'npsm');
  return part === 'male'
    ? straight(size, true, maleCrest, malePitch, 'none')
    : straight(size, false, femaleCrest, femalePitch, 'washer');
};

/** American straight pipe thread for free-fitting mechanical joints: a swivel nut with its washer. */
export const npsm: ThreadStandard = {
  id: 'npsm',
  token: 'NPSM',
  name: 'American straight pipe thread',
  source: { document: 'ASME B1.20.1', provenance: 'from-memory' },
  sizes: NPSM_ROWS.map(([size]) => size),
  sexes: BOTH_SEXES,
  regions: ['US'],
  threadsPerInch: tpiOf,
  form: npsmForm,
};

/** ASME B1.20.7: largest diameter over the crests of the hose nipple [in] (from memory). */
const NPSH_ROWS: readonly (readonly [NominalSize, maleCrestMostIn: number])[] = [
  ['1/2', 0.8248],
  ['3/4', 1.0353],
  ['1', 1.2951],
  ['1-1/4', 1.6399],
  ['1-1/2', 1.8788],
  ['2', 2.3528],
];
/** Tolerance of a diameter, and the play between nipple and coupling [in]; 11-1/2 to the inch is as 3/4 NH (from memory). */
const npshToleranceIn = (size: NominalSize): number => (tpiOf(size) > 12 ? 0.007 : 0.0085);
const npshAllowanceIn = (size: NominalSize): number => (tpiOf(size) > 12 ? 0.0075 : 0.01);

function npshForm(size: NominalSize, part: ThreadPart): ThreadForm {
  const [, crestMostIn] = rowOf(NPSH_ROWS, size, 'npsh');
  const toleranceIn = npshToleranceIn(size);
  const { e1 } = nptPitchDiametersIn(size);
  if (part === 'male')
    return straight(size, true, [crestMostIn - toleranceIn, crestMostIn], [e1 - toleranceIn, e1], 'none');
  const pitchLeastIn = e1 + npshAllowanceIn(size);
  const crestLeastIn = pitchLeastIn - HEIGHT_SHARE / tpiOf(size);
  return straight(
    size,
    false,
    [crestLeastIn, crestLeastIn + 2 * toleranceIn],
    [pitchLeastIn, pitchLeastIn + toleranceIn],
    'washer',
  );
}

/** American straight hose thread on the pitch of pipe: pumps, wash-down and building fire hose. */
export const npsh: ThreadStandard = {
  id: 'npsh',
  token: 'NPSH',
  name: 'American straight hose thread',
  source: { document: 'ASME B1.20.7', provenance: 'from-memory' },
  sizes: NPSH_ROWS.map(([size]) => size),
  sexes: BOTH_SEXES,
  regions: ['US'],
  special: true,
  threadsPerInch: tpiOf,
  form: npshForm,
};

const DRUM_SIZES: readonly NominalSize[] = ['3/4', '2'];

/** The bung has a gasket under its shoulder; the opening of the drum has a flat rim and nothing inside. */
const drumForm = (size: NominalSize, part: ThreadPart): ThreadForm => {
  if (!DRUM_SIZES.includes(size)) throw new RangeError(`nps: no size ${size}`);
  const made = npsmForm(size, part);
  return part === 'male'
    ? { ...made, seal: 'shoulder' }
    : { ...made, seal: 'rim', usableLengthMm: npsmForm(size, 'male').usableLengthMm };
};

/** The fine bungs of a drum: straight pipe thread, sealed by the gasket of the bung. */
export const nps: ThreadStandard = {
  id: 'nps',
  token: 'NPS',
  name: 'fine drum bung thread',
  source: { document: 'drum bungs on the series of ASME B1.20.1', provenance: 'from-memory' },
  sizes: DRUM_SIZES,
  sexes: BOTH_SEXES,
  regions: ['US', 'UK', 'EU', 'ANZ'],
  special: true,
  threadsPerInch: tpiOf,
  form: drumForm,
};
