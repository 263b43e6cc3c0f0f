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
  parts: ['spigot', 'socket', 'compression', 'push-fit'],
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
  parts: ['spigot', 'compression', 'push-fit'],
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
  parts: ['spigot', 'compression', 'push-fit'],
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
