import type { PipeEnd, PipePart } from '../../connections/end';
import type { Material } from '../../connections/material';
import { pipeOf, pipeSeries } from '../../connections/standards/pipes';
import type { Source } from '../../provenance';
import { MM_PER_INCH } from '../../quantity/length';
import { KPA_PER_PSI } from '../../quantity/pressure';
import type { NominalSize } from '../../quantity/size';
import type { Line } from '../line';

/** Size; take-off of a quarter bend and of an eighth bend; stop of a coupling; body of a union. */
type SocketRow = readonly [NominalSize, quarter: number, eighth: number, stop: number, union: number];

/** Inches. PVC Schedule 40 sockets (typical, value from memory; ASTM D2466 fixes the socket, not the body). */
const SCHEDULE_40_IN: readonly SocketRow[] = [
  ['1/2', 0.5, 0.25, 0.09, 0.924],
  ['3/4', 0.5625, 0.3125, 0.09, 1.162],
  ['1', 0.6875, 0.34, 0.09, 1.15],
  ['1-1/4', 0.9375, 0.4, 0.12, 1.324],
  ['1-1/2', 1.0625, 0.4375, 0.12, 1.312],
  ['2', 1.3125, 0.625, 0.12, 1.588],
  ['2-1/2', 1.5, 0.6875, 0.19, 1.95],
  ['3', 1.875, 0.75, 0.19, 2.35],
  ['4', 2.375, 1, 0.19, 2.9],
];

function row(size: NominalSize): SocketRow {
  const found = SCHEDULE_40_IN.find(([own]) => own === size);
  if (!found) throw new RangeError(`socketed: no Schedule 40 fitting of ${size}`);
  return found;
}

export const socketTakeOffMm = (size: NominalSize, degrees: number): number =>
  row(size)[degrees > 45 ? 1 : 2] * MM_PER_INCH * (degrees < 45 ? degrees / 45 : 1);
export const socketStopMm = (size: NominalSize): number => row(size)[3] * MM_PER_INCH;
export const socketUnionMm = (size: NominalSize): number => row(size)[4] * MM_PER_INCH;

const TYPICAL: Source = { document: 'typical body lengths of the trade', provenance: 'from-memory' };

/** Pressures of PVC pipe at 23 C [psi] (ASTM D1785, 2000 psi design stress; from memory). Moulded fittings are rated with their pipe. */
const SCHEDULE_40_PSI = [600, 480, 450, 370, 330, 280, 300, 260, 220];
const SCHEDULE_80_PSI = [850, 690, 630, 520, 470, 400, 420, 370, 320];
const byRow =
  (psi: readonly number[]) =>
  (size: NominalSize): number =>
    (psi[SCHEDULE_40_IN.findIndex(([own]) => own === size)] ?? 0) * KPA_PER_PSI;

interface Socketed {
  readonly mark: string;
  readonly series: string;
  readonly material: Material;
  readonly part?: PipePart;
  readonly sizes?: readonly NominalSize[];
  readonly ratedKpa: (size: NominalSize) => number | null;
  readonly priceFactor: number;
}

const ends =
  (series: string, part: PipePart) =>
  (size: NominalSize): PipeEnd => ({ kind: 'pipe', series, size, part });

function inch({ mark, series, material, sizes, ratedKpa, priceFactor }: Socketed): Line {
  return {
    mark,
    material,
    sizes: sizes ?? SCHEDULE_40_IN.map(([size]) => size),
    takes: ends(series, 'socket'),
    enters: ends(series, 'spigot'),
    takeOffMm: socketTakeOffMm,
    stopMm: socketStopMm,
    unionMm: socketUnionMm,
    ratedKpa,
    priceFactor,
    source: TYPICAL,
  };
}

const ISO_264: Source = { document: 'ISO 264 (laying lengths of PVC sockets)', provenance: 'standard-formula' };
/** Beyond the corner of the bend, and between two sockets, by ISO 264 and common practice [mm]. */
const CORNER_MM = 1;
const METRIC_STOP_MM = 3;
const UNION_SHARE = 0.55;

/**
 * Lines by outside diameter: half the diameter times the tangent of half the bend, and a millimetre.
 * @source ISO 264 for pressure sockets; drain fittings are taken to be laid out alike (common practice)
 */
function metric({ mark, series, material, part = 'socket', sizes, ratedKpa, priceFactor }: Socketed): Line {
  const outsideMm = (size: NominalSize): number => pipeOf({ series, size }).outsideMm;
  return {
    mark,
    material,
    sizes: sizes ?? pipeSeries(series).sizes.map(({ size }) => size),
    takes: ends(series, part),
    enters: ends(series, 'spigot'),
    takeOffMm: (size, degrees) => (outsideMm(size) / 2) * Math.tan((degrees * Math.PI) / 360) + CORNER_MM,
    stopMm: () => METRIC_STOP_MM,
    unionMm: (size) => outsideMm(size) * UNION_SHARE,
    ratedKpa,
    priceFactor,
    source: ISO_264,
  };
}

const drainage = (): null => null;
const always = (kpa: number) => (): number => kpa;

export const SCHEDULE_40 = inch({
  mark: 'S',
  series: 'ips-40',
  material: 'pvc',
  ratedKpa: byRow(SCHEDULE_40_PSI),
  priceFactor: 1,
});
export const SCHEDULE_80 = inch({
  mark: 'S8',
  series: 'ips-80',
  material: 'pvc',
  ratedKpa: byRow(SCHEDULE_80_PSI),
  priceFactor: 2.8,
});
export const DRAIN_US = inch({
  mark: 'D',
  series: 'dwv',
  material: 'pvc',
  sizes: ['1-1/4', '1-1/2', '2', '3', '4'],
  ratedKpa: drainage,
  priceFactor: 0.9,
});
export const DRAIN_US_ABS = inch({
  mark: 'DA',
  series: 'dwv',
  material: 'abs',
  sizes: ['1-1/2', '2', '3', '4'],
  ratedKpa: drainage,
  priceFactor: 0.95,
});
export const SEWER_US = metric({ mark: 'W', series: 'd3034', material: 'pvc', ratedKpa: drainage, priceFactor: 0.6 });
export const SEWER_US_RING = metric({
  mark: 'WR',
  series: 'd3034',
  material: 'pvc',
  part: 'push-fit',
  ratedKpa: drainage,
  priceFactor: 0.8,
});
export const THIN_DRAIN_US = metric({
  mark: 'W2',
  series: 'd2729',
  material: 'pvc',
  ratedKpa: drainage,
  priceFactor: 0.4,
});
export const CPVC_US = metric({
  mark: 'CV',
  series: 'cts',
  material: 'cpvc',
  ratedKpa: always(400 * KPA_PER_PSI),
  priceFactor: 1.4,
});
/** PN 16 to 90 mm, PN 10 above (EN ISO 1452-3, from memory). */
export const METRIC_PRESSURE = metric({
  mark: 'J',
  series: 'en',
  material: 'pvc',
  ratedKpa: (size) => (size === '110' ? 1000 : 1600),
  priceFactor: 1.1,
});
export const ANZ_PRESSURE = metric({
  mark: 'Z',
  series: 'anz',
  material: 'pvc',
  ratedKpa: always(1200),
  priceFactor: 1.2,
});
export const ANZ_DRAIN = metric({
  mark: 'ZD',
  series: 'anz-dwv',
  material: 'pvc',
  ratedKpa: drainage,
  priceFactor: 0.7,
});
export const ANZ_STORM = metric({
  mark: 'ZS',
  series: 'anz-storm',
  material: 'pvc',
  ratedKpa: drainage,
  priceFactor: 0.5,
});
export const WASTE_SOLVENT = metric({
  mark: 'Q',
  series: 'uk-waste',
  material: 'pvc',
  ratedKpa: drainage,
  priceFactor: 0.8,
});
export const WASTE_PUSH_FIT = metric({
  mark: 'QP',
  series: 'uk-push-fit',
  material: 'polypropylene',
  part: 'push-fit',
  ratedKpa: drainage,
  priceFactor: 0.8,
});
export const WASTE_COMPRESSION = metric({
  mark: 'QC',
  series: 'uk-push-fit',
  material: 'polypropylene',
  part: 'compression',
  ratedKpa: drainage,
  priceFactor: 1.4,
});
export const OVERFLOW_PIPE = metric({
  mark: 'QO',
  series: 'uk-overflow',
  material: 'pvc',
  ratedKpa: drainage,
  priceFactor: 0.7,
});
export const SOIL_SOLVENT = metric({
  mark: 'SL',
  series: 'soil',
  material: 'pvc',
  ratedKpa: drainage,
  priceFactor: 0.6,
});
export const SOIL_PUSH_FIT = metric({
  mark: 'SP',
  series: 'soil',
  material: 'pvc',
  part: 'push-fit',
  ratedKpa: drainage,
  priceFactor: 0.7,
});
/** PN 16 (EN 1254-2, ISO 17885; from memory). */
export const COPPER_COMPRESSION = metric({
  mark: 'CU',
  series: 'copper-metric',
  material: 'brass',
  part: 'compression',
  ratedKpa: always(1600),
  priceFactor: 6,
});
export const COPPER_PUSH_FIT = metric({
  mark: 'CF',
  series: 'copper-metric',
  material: 'polypropylene',
  part: 'push-fit',
  sizes: ['15', '22', '28'],
  ratedKpa: always(1000),
  priceFactor: 5,
});
export const COPPER_ANZ_COMPRESSION = metric({
  mark: 'CZ',
  series: 'copper-anz',
  material: 'brass',
  part: 'compression',
  sizes: ['15', '20', '25'],
  ratedKpa: always(1600),
  priceFactor: 6,
});
export const CTS_PUSH_FIT = metric({
  mark: 'CX',
  series: 'cts',
  material: 'brass',
  part: 'push-fit',
  sizes: ['1/2', '3/4', '1'],
  ratedKpa: always(200 * KPA_PER_PSI),
  priceFactor: 8,
});
export const POLY_COMPRESSION = metric({
  mark: 'PE',
  series: 'pe',
  material: 'polypropylene',
  part: 'compression',
  ratedKpa: always(1600),
  priceFactor: 4,
});
/** Compression fittings for Schedule 40 pipe, used to mend a line that cannot be pulled apart. */
export const SCHEDULE_40_COMPRESSION = metric({
  mark: 'SC',
  series: 'ips-40',
  material: 'pvc',
  part: 'compression',
  sizes: ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'],
  ratedKpa: always(150 * KPA_PER_PSI),
  priceFactor: 3.4,
});
/** Soft-soldered fittings of copper (EN 1254-1, ASME B16.22; from memory). */
export const COPPER_SOLDER = metric({
  mark: 'CUS',
  series: 'copper-metric',
  material: 'copper',
  ratedKpa: always(1600),
  priceFactor: 3,
});
export const CTS_SOLDER = metric({
  mark: 'CTS',
  series: 'cts',
  material: 'copper',
  ratedKpa: always(200 * KPA_PER_PSI),
  priceFactor: 3,
});
/** Pressed fittings with their rubber in a bead (EN 1254-7, ASME B16.51; from memory). */
export const COPPER_PRESS = metric({
  mark: 'CUP',
  series: 'copper-metric',
  material: 'copper',
  part: 'press',
  ratedKpa: always(1600),
  priceFactor: 6,
});
export const CTS_PRESS = metric({
  mark: 'CTP',
  series: 'cts',
  material: 'copper',
  part: 'press',
  ratedKpa: always(200 * KPA_PER_PSI),
  priceFactor: 6,
});
export const COPPER_ANZ_PRESS = metric({
  mark: 'CZP',
  series: 'copper-anz',
  material: 'copper',
  part: 'press',
  ratedKpa: always(1600),
  priceFactor: 6,
});
/** Inserts for cross-linked tube: ASTM F1807 under a crimp ring, ASTM F1960 under an expansion ring (from memory; 100 psi at 82 C). */
export const PEX_CRIMP = metric({
  mark: 'XC',
  series: 'cts',
  material: 'brass',
  part: 'crimp',
  sizes: ['1/2', '3/4', '1'],
  ratedKpa: always(160 * KPA_PER_PSI),
  priceFactor: 2.4,
});
export const PEX_EXPANSION = metric({
  mark: 'XE',
  series: 'cts',
  material: 'brass',
  part: 'expansion',
  sizes: ['1/2', '3/4', '1'],
  ratedKpa: always(160 * KPA_PER_PSI),
  priceFactor: 3,
});
/** Compression fittings with a stiffener inside, for American polyethylene pipe (from memory). */
export const PE_IPS_COMPRESSION = metric({
  mark: 'EI',
  series: 'pe-ips',
  material: 'brass',
  part: 'compression',
  ratedKpa: always(200 * KPA_PER_PSI),
  priceFactor: 9,
});
export const PE_CTS_COMPRESSION = metric({
  mark: 'EC',
  series: 'pe-cts',
  material: 'brass',
  part: 'compression',
  ratedKpa: always(200 * KPA_PER_PSI),
  priceFactor: 9,
});
/** Compression fittings that take rural polyethylene pipe from outside (from memory). */
export const RURAL_COMPRESSION = metric({
  mark: 'RC',
  series: 'rural-outside',
  material: 'polypropylene',
  part: 'compression',
  ratedKpa: always(800),
  priceFactor: 4,
});
export const EU_DRAIN = metric({
  mark: 'EP',
  series: 'eu-drain',
  material: 'polypropylene',
  part: 'push-fit',
  ratedKpa: drainage,
  priceFactor: 0.6,
});
