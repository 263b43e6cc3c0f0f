import type { ThreadEnd } from '../../connections/end';
import type { Material } from '../../connections/material';
import { threadForm } from '../../connections/standards/threads';
import type { Source } from '../../provenance';
import { MM_PER_INCH } from '../../quantity/length';
import { KPA_PER_PSI } from '../../quantity/pressure';
import type { NominalSize } from '../../quantity/size';
import type { Line } from '../line';
import { socketStopMm, socketTakeOffMm, socketUnionMm } from './socketed';

/** Size; centre to end of a quarter bend and of an eighth bend; length of a coupling. */
type LengthRow = readonly [NominalSize, quarter: number, eighth: number, coupling: number];

/** Inches. ASME B16.3, class 150 malleable iron (standard-table, from memory); brass of class 125 differs by a few mm. */
const B16_3_IN: readonly LengthRow[] = [
  ['1/8', 0.69, 0.62, 0.96],
  ['1/4', 0.81, 0.73, 1.06],
  ['3/8', 0.95, 0.8, 1.16],
  ['1/2', 1.12, 0.88, 1.34],
  ['3/4', 1.31, 0.98, 1.52],
  ['1', 1.5, 1.12, 1.67],
  ['1-1/4', 1.75, 1.29, 1.93],
  ['1-1/2', 1.94, 1.43, 2.15],
  ['2', 2.25, 1.68, 2.53],
  ['2-1/2', 2.7, 1.95, 2.88],
  ['3', 3.08, 2.17, 3.18],
  ['4', 3.79, 2.61, 3.69],
];

/** Millimetres. EN 10242, types A1, A1/45 and M2 (standard-table, from memory; eighth bends above 2 in from memory only). */
const EN_10242_MM: readonly LengthRow[] = [
  ['1/8', 19, 16, 25],
  ['1/4', 21, 17, 27],
  ['3/8', 25, 20, 30],
  ['1/2', 28, 22, 36],
  ['3/4', 33, 25, 39],
  ['1', 38, 28, 45],
  ['1-1/4', 45, 33, 50],
  ['1-1/2', 50, 36, 55],
  ['2', 58, 43, 65],
  ['2-1/2', 69, 49, 74],
  ['3', 78, 55, 80],
  ['4', 96, 66, 94],
];

/** Street elbows: corner to the male end and to the female face. B16.3 in inches, EN 10242 type A4 in millimetres; from memory. */
type StreetRow = readonly [NominalSize, enters: number, takes: number];
const B16_3_STREET_IN: readonly StreetRow[] = [
  ['1/8', 1, 0.69],
  ['1/4', 1.19, 0.81],
  ['3/8', 1.44, 0.95],
  ['1/2', 1.63, 1.12],
  ['3/4', 1.89, 1.31],
  ['1', 2.14, 1.5],
  ['1-1/4', 2.45, 1.75],
  ['1-1/2', 2.69, 1.94],
  ['2', 3.26, 2.25],
  ['2-1/2', 3.86, 2.7],
  ['3', 4.51, 3.08],
  ['4', 5.69, 3.79],
];
const EN_10242_STREET_MM: readonly StreetRow[] = [
  ['1/8', 25, 19],
  ['1/4', 28, 21],
  ['3/8', 32, 25],
  ['1/2', 37, 28],
  ['3/4', 43, 33],
  ['1', 52, 38],
  ['1-1/4', 60, 45],
  ['1-1/2', 65, 50],
  ['2', 74, 58],
  ['2-1/2', 88, 69],
  ['3', 98, 78],
  ['4', 118, 96],
];
/** Reducing tees: middle to a face of the run, and to that of the branch. B16.3 in inches, EN 10242 type B1 in millimetres; from memory. */
type TeeRow = readonly [run: NominalSize, branch: NominalSize, runReach: number, branchReach: number];
const B16_3_TEES_IN: readonly TeeRow[] = [
  ['3/4', '1/2', 1.2, 1.22],
  ['1', '1/2', 1.26, 1.36],
  ['1', '3/4', 1.37, 1.45],
  ['1-1/4', '1/2', 1.34, 1.53],
  ['1-1/4', '3/4', 1.45, 1.62],
  ['1-1/4', '1', 1.58, 1.67],
  ['1-1/2', '1/2', 1.41, 1.66],
  ['1-1/2', '3/4', 1.52, 1.75],
  ['1-1/2', '1', 1.65, 1.8],
  ['1-1/2', '1-1/4', 1.82, 1.88],
  ['2', '3/4', 1.6, 1.97],
  ['2', '1', 1.73, 2.02],
  ['2', '1-1/4', 1.9, 2.1],
  ['2', '1-1/2', 2.02, 2.16],
];
const EN_10242_TEES_MM: readonly TeeRow[] = [
  ['3/4', '1/2', 30, 31],
  ['1', '1/2', 32, 34],
  ['1', '3/4', 35, 36],
  ['1-1/4', '1/2', 34, 38],
  ['1-1/4', '3/4', 36, 41],
  ['1-1/4', '1', 40, 42],
  ['1-1/2', '1/2', 36, 42],
  ['1-1/2', '3/4', 38, 44],
  ['1-1/2', '1', 42, 46],
  ['1-1/2', '1-1/4', 46, 48],
  ['2', '3/4', 40, 50],
  ['2', '1', 44, 52],
  ['2', '1-1/4', 48, 54],
  ['2', '1-1/2', 52, 55],
];

/** The tables that a line of screwed fittings is made by. */
interface Lengths {
  readonly rows: readonly LengthRow[];
  readonly street: readonly StreetRow[];
  readonly tees: readonly TeeRow[];
  readonly unitMm: number;
  readonly source: Source;
}

const ALL: readonly NominalSize[] = B16_3_IN.map(([size]) => size);
const upTo = (last: NominalSize, first: NominalSize = '1/8'): readonly NominalSize[] =>
  ALL.slice(ALL.indexOf(first), ALL.indexOf(last) + 1);

/** A union has about this much more between its threads than a coupling (typical, value from memory). */
const UNION_ADDS_MM = 12;
/** However short a fitting, this much is left between the ends of two threads. */
const LEAST_STOP_MM = 2;

interface Metal {
  readonly mark: string;
  readonly material: Material;
  readonly sizes: readonly NominalSize[];
  readonly ratedPsi: number;
  readonly priceFactor: number;
}

function threadedLine(
  standards: { readonly female: string; readonly male: string },
  { rows, street, tees, unitMm, source }: Lengths,
  { mark, material, sizes, ratedPsi, priceFactor }: Metal,
): Line {
  const takes = (size: NominalSize): ThreadEnd => ({ kind: 'thread', standard: standards.female, size, sex: 'female' });
  const row = (size: NominalSize): LengthRow => {
    const found = rows.find(([own]) => own === size);
    if (!found) throw new RangeError(`threadedLine: ${mark} has no ${size}`);
    return found;
  };
  const footMm = (size: NominalSize): number => threadForm(takes(size)).usableLengthMm;
  const stopMm = (size: NominalSize): number => Math.max(LEAST_STOP_MM, row(size)[3] * unitMm - 2 * footMm(size));
  return {
    mark,
    material,
    sizes,
    takes,
    enters: (size) => ({ kind: 'thread', standard: standards.male, size, sex: 'male' }),
    takeOffMm: (size, degrees) => row(size)[degrees > 45 ? 1 : 2] * unitMm - footMm(size),
    streetMm: (size) => {
      const [, enters, takesReach] = street.find(([own]) => own === size) ?? [size, Number.NaN, Number.NaN];
      return [enters * unitMm, takesReach * unitMm];
    },
    reducingTeeMm: (run, branch) => {
      const found = tees.find(([of, by]) => of === run && by === branch);
      return found && [found[2] * unitMm, found[3] * unitMm];
    },
    stopMm,
    unionMm: (size) => stopMm(size) + UNION_ADDS_MM,
    ratedKpa: () => ratedPsi * KPA_PER_PSI,
    priceFactor,
    source,
  };
}

const B16_3: Source = { document: 'ASME B16.3 class 150', provenance: 'from-memory' };
const EN_10242: Source = { document: 'EN 10242', provenance: 'from-memory' };
const NPT = { female: 'npt', male: 'npt' } as const;
const ISO = { female: 'rp', male: 'r' } as const;
const npt = (metal: Metal): Line =>
  threadedLine(
    NPT,
    { rows: B16_3_IN, street: B16_3_STREET_IN, tees: B16_3_TEES_IN, unitMm: MM_PER_INCH, source: B16_3 },
    metal,
  );
const iso = (metal: Metal): Line =>
  threadedLine(
    ISO,
    { rows: EN_10242_MM, street: EN_10242_STREET_MM, tees: EN_10242_TEES_MM, unitMm: 1, source: EN_10242 },
    metal,
  );

export const NPT_BRASS = npt({ mark: '', material: 'brass', sizes: upTo('2'), ratedPsi: 200, priceFactor: 5 });
export const NPT_STAINLESS = npt({ mark: 'N', material: 'stainless', sizes: upTo('4'), ratedPsi: 150, priceFactor: 6 });
export const NPT_GALVANISED = npt({
  mark: 'G',
  material: 'galvanised',
  sizes: upTo('4'),
  ratedPsi: 300,
  priceFactor: 2,
});
export const NPT_POLYPROPYLENE = npt({
  mark: 'PP',
  material: 'polypropylene',
  sizes: upTo('2', '1/4'),
  ratedPsi: 150,
  priceFactor: 1.6,
});
export const ISO_BRASS = iso({ mark: 'BB', material: 'brass', sizes: upTo('2'), ratedPsi: 230, priceFactor: 4.6 });
export const ISO_STAINLESS = iso({
  mark: 'BN',
  material: 'stainless',
  sizes: upTo('4'),
  ratedPsi: 150,
  priceFactor: 5.6,
});
export const ISO_GALVANISED = iso({
  mark: 'BG',
  material: 'galvanised',
  sizes: upTo('4'),
  ratedPsi: 360,
  priceFactor: 1.8,
});
export const ISO_POLYPROPYLENE = iso({
  mark: 'BP',
  material: 'polypropylene',
  sizes: upTo('3', '1/2'),
  ratedPsi: 145,
  priceFactor: 1.3,
});
export const ISO_NYLON = iso({
  mark: 'BY',
  material: 'nylon',
  sizes: upTo('2', '1/2'),
  ratedPsi: 145,
  priceFactor: 1.2,
});

/** A threaded fitting of PVC is about this much longer from its centre than a socketed one (common practice). */
const THREAD_ADDS_MM = 0.12 * MM_PER_INCH;
const THREADED_STOP_ADDS_MM = 0.15 * MM_PER_INCH;

/** Threads moulded in PVC bear half of what the pipe does (common practice). */
function pvcThreads(mark: string, priceFactor: number, ratedPsi: number, smallest: NominalSize): Line {
  const end =
    (sex: ThreadEnd['sex']) =>
    (size: NominalSize): ThreadEnd => ({ kind: 'thread', standard: 'npt', size, sex });
  return {
    mark,
    material: 'pvc',
    sizes: upTo('4', smallest),
    takes: end('female'),
    enters: end('male'),
    takeOffMm: (size, degrees) => socketTakeOffMm(size, degrees) + THREAD_ADDS_MM,
    stopMm: (size) => socketStopMm(size) + THREADED_STOP_ADDS_MM,
    unionMm: socketUnionMm,
    ratedKpa: () => ratedPsi * KPA_PER_PSI,
    priceFactor,
    source: { document: 'take-off of PVC sockets and an eighth of an inch', provenance: 'common-practice' },
  };
}

export const NPT_PVC = pvcThreads('V', 1.5, 130, '1/2');
export const NPT_PVC_80: Line = { ...pvcThreads('V8', 3.2, 200, '1/2'), grade: 'Schedule 80' };
