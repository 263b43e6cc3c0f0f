import { MM_PER_INCH } from '../../quantity/length';
import type { NominalSize } from '../../quantity/size';
import { type PipeSeries, type RoundRow, roundSizes } from './pipe-series';

/** CTS: outside is the nominal size and an eighth (ASTM D2846, B88, F876). Wall of CPVC SDR 11; socket depths from memory. */
const CTS: readonly (readonly [NominalSize, outsideIn: number, wallIn: number, depthIn: number])[] = [
  ['1/2', 0.625, 0.068, 0.5],
  ['3/4', 0.875, 0.08, 0.7],
  ['1', 1.125, 0.102, 0.9],
  ['1-1/4', 1.375, 0.125, 1.1],
  ['1-1/2', 1.625, 0.148, 1.3],
  ['2', 2.125, 0.193, 1.7],
];

/** Copper tube size: copper, PEX and CPVC of the United States share these outside diameters. */
export const cts: PipeSeries = {
  id: 'cts',
  regions: ['US'],
  token: 'CTS',
  name: 'copper tube size',
  sources: [
    { document: 'ASTM B88, D2846, F876', provenance: 'standard-table' },
    { document: 'socket depths', provenance: 'from-memory' },
  ],
  sizes: roundSizes(
    CTS.map(([size, outsideIn, wallIn, depthIn]): RoundRow => [
      size,
      outsideIn * MM_PER_INCH,
      wallIn * MM_PER_INCH,
      depthIn * MM_PER_INCH,
    ]),
  ),
  parts: ['spigot', 'socket', 'compression', 'push-fit', 'press', 'crimp', 'expansion'],
  family: 'cts',
  pressure: true,
};

/** Metric copper, and the plastic tube made to its outside diameters. */
export const copperMetric: PipeSeries = {
  id: 'copper-metric',
  regions: ['UK', 'EU'],
  token: 'CU',
  name: 'metric copper tube',
  sources: [{ document: 'EN 1057', provenance: 'from-memory' }],
  sizes: roundSizes([
    ['15', 15, 0.7, 18],
    ['22', 22, 0.9, 21],
    ['28', 28, 0.9, 23],
    ['35', 35, 1.2, 26],
    ['42', 42, 1.2, 29],
    ['54', 54, 1.2, 34],
  ]),
  parts: ['spigot', 'socket', 'compression', 'push-fit', 'press'],
  family: 'copper-metric',
  pressure: true,
  material: 'copper',
};

/** Copper of Australia and New Zealand: called by its nominal size, made to inch outside diameters. */
export const copperAnz: PipeSeries = {
  id: 'copper-anz',
  regions: ['ANZ'],
  token: 'CU-ANZ',
  name: 'AS 1432 copper tube',
  sources: [{ document: 'AS 1432 type B', provenance: 'from-memory' }],
  sizes: roundSizes([
    ['15', 12.7, 0.91, 15],
    ['20', 19.05, 1.02, 18],
    ['25', 25.4, 1.22, 22],
    ['32', 31.75, 1.22, 24],
    ['40', 38.1, 1.22, 28],
    ['50', 50.8, 1.22, 32],
  ]),
  parts: ['spigot', 'socket', 'compression', 'push-fit', 'press'],
  family: 'copper-anz',
  pressure: true,
  material: 'copper',
};

/** Blue or black polyethylene by outside diameter, SDR 11, in compression fittings. */
export const polyethylene: PipeSeries = {
  id: 'pe',
  regions: ['UK', 'EU', 'ANZ'],
  token: 'PE',
  name: 'metric polyethylene pipe',
  sources: [{ document: 'ISO 4427-2', provenance: 'standard-table' }],
  sizes: roundSizes([
    ['20', 20, 2, 45],
    ['25', 25, 2.3, 52],
    ['32', 32, 3, 62],
    ['40', 40, 3.7, 75],
    ['50', 50, 4.6, 88],
    ['63', 63, 5.8, 105],
  ]),
  parts: ['spigot', 'compression', 'saddle'],
  family: 'pe',
  pressure: true,
  material: 'polyethylene',
};

const inches = (rows: readonly (readonly [NominalSize, outsideIn: number, wallIn: number, depthIn: number])[]) =>
  roundSizes(
    rows.map(([size, ...lengths]): RoundRow => {
      const [outsideMm = 0, wallMm = 0, depthMm = 0] = lengths.map((inch) => inch * MM_PER_INCH);
      return [size, outsideMm, wallMm, depthMm];
    }),
  );

/** American polyethylene pipe on the outside diameters of iron pipe, SDR 11; depths in compression fittings from memory. */
export const polyethyleneIps: PipeSeries = {
  id: 'pe-ips',
  regions: ['US'],
  token: 'PE-IPS',
  name: 'polyethylene pipe of iron pipe size',
  sources: [{ document: 'ASTM D3035', provenance: 'from-memory' }],
  sizes: inches([
    ['1/2', 0.84, 0.076, 1.5],
    ['3/4', 1.05, 0.095, 1.7],
    ['1', 1.315, 0.12, 2],
    ['1-1/4', 1.66, 0.151, 2.2],
    ['1-1/2', 1.9, 0.173, 2.4],
    ['2', 2.375, 0.216, 2.8],
  ]),
  parts: ['spigot', 'compression', 'saddle'],
  family: 'pe-ips',
  pressure: true,
  material: 'polyethylene',
};

/** American polyethylene tube on the outside diameters of copper tube, SDR 9; depths in compression fittings from memory. */
export const polyethyleneCts: PipeSeries = {
  id: 'pe-cts',
  regions: ['US'],
  token: 'PE-CTS',
  name: 'polyethylene tube of copper tube size',
  sources: [{ document: 'ASTM D2737', provenance: 'from-memory' }],
  sizes: inches([
    ['3/4', 0.875, 0.097, 1.6],
    ['1', 1.125, 0.125, 1.9],
    ['1-1/4', 1.375, 0.153, 2.1],
    ['1-1/2', 1.625, 0.181, 2.3],
    ['2', 2.125, 0.236, 2.7],
  ]),
  parts: ['spigot', 'compression'],
  family: 'pe-cts',
  pressure: true,
  material: 'polyethylene',
};

/** What takes rural polyethylene pipe from outside; its sizes are those of the bore, its outside differs between makers. */
export const ruralOutside: PipeSeries = {
  id: 'rural-outside',
  regions: ['ANZ'],
  token: 'RURAL-PE',
  name: 'rural polyethylene pipe',
  sources: [
    { document: 'rural polyethylene pipe of the trade; wall differs between makers', provenance: 'from-memory' },
  ],
  sizes: roundSizes([
    ['3/4', 23.5, 2.15, 45],
    ['1', 30.5, 2.5, 55],
    ['1-1/4', 37.5, 2.75, 65],
    ['1-1/2', 44.5, 3.1, 72],
    ['2', 58.5, 3.75, 88],
  ]),
  parts: ['compression', 'saddle'],
  family: 'rural-outside',
  takesHose: 'rural',
  pressure: true,
  material: 'polypropylene',
};
