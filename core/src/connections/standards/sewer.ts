import { MM_PER_INCH } from '../../quantity/length';
import { type PipeSeries, type RoundRow, roundSizes } from './pipe-series';

const inches = (rows: readonly RoundRow[]): readonly RoundRow[] =>
  rows.map(([size, outside, wall, depth]) => [size, outside * MM_PER_INCH, wall * MM_PER_INCH, depth * MM_PER_INCH]);

/** Sewer pipe SDR 35; depth of its hubs from memory. */
export const d3034: PipeSeries = {
  id: 'd3034',
  regions: ['US'],
  token: 'D3034',
  name: 'sewer pipe SDR 35',
  sources: [{ document: 'ASTM D3034', provenance: 'standard-table' }],
  sizes: roundSizes(
    inches([
      ['4', 4.215, 0.12, 3],
      ['6', 6.275, 0.18, 4],
    ]),
  ),
  parts: ['spigot', 'socket', 'push-fit', 'sleeve'],
  family: 'sewer',
  pressure: false,
  material: 'pvc',
};

/** Thin-walled drain pipe, often pushed together dry. */
export const d2729: PipeSeries = {
  id: 'd2729',
  regions: ['US'],
  token: 'D2729',
  name: 'thin drain pipe',
  sources: [{ document: 'ASTM D2729', provenance: 'from-memory' }],
  sizes: roundSizes(
    inches([
      ['3', 3.25, 0.07, 2],
      ['4', 4.215, 0.075, 2.5],
      ['6', 6.275, 0.1, 3],
    ]),
  ),
  parts: ['spigot', 'socket', 'dry-hub', 'sleeve'],
  family: 'sewer',
  pressure: false,
  material: 'pvc',
};

/** Ribbed land drain, joined by snap couplings. */
export const corrugated: PipeSeries = {
  id: 'corrugated',
  regions: ['US'],
  token: 'corrugated',
  name: 'corrugated drain pipe',
  sources: [{ document: 'ASTM F667', provenance: 'from-memory' }],
  sizes: roundSizes(
    inches([
      ['3', 3.6, 0.3, 2],
      ['4', 4.65, 0.325, 2],
    ]),
    2,
  ),
  parts: ['spigot', 'dry-hub'],
  family: 'corrugated',
  pressure: false,
  material: 'polyethylene',
  ribbed: true,
};
