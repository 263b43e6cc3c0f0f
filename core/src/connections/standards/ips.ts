import type { PipeSeries, TaperedSocketRow } from './pipe-series';
import { taperedSocketSizes } from './pipe-series';

/** Pipe: ASTM D1785 (outside diameter, least wall). Sockets: ASTM D2466 (mouth, bottom, least depth). Standard-table, recalled. */
const SCHEDULE_40: readonly TaperedSocketRow[] = [
  ['1/2', 0.84, 0.109, 0.848, 0.836, 0.688],
  ['3/4', 1.05, 0.113, 1.058, 1.046, 0.719],
  ['1', 1.315, 0.133, 1.325, 1.31, 0.875],
  ['1-1/4', 1.66, 0.14, 1.67, 1.655, 0.938],
  ['1-1/2', 1.9, 0.145, 1.912, 1.894, 1.094],
  ['2', 2.375, 0.154, 2.387, 2.369, 1.156],
  ['2-1/2', 2.875, 0.203, 2.889, 2.868, 1.75],
  ['3', 3.5, 0.216, 3.516, 3.492, 1.875],
  ['4', 4.5, 0.237, 4.518, 4.491, 2],
];

/** ASTM D1785 walls and ASTM D2467 depths on the same outside diameters. */
const SCHEDULE_80: readonly TaperedSocketRow[] = [
  ['1/2', 0.84, 0.147, 0.848, 0.836, 0.875],
  ['3/4', 1.05, 0.154, 1.058, 1.046, 1],
  ['1', 1.315, 0.179, 1.325, 1.31, 1.125],
  ['1-1/4', 1.66, 0.191, 1.67, 1.655, 1.25],
  ['1-1/2', 1.9, 0.2, 1.912, 1.894, 1.375],
  ['2', 2.375, 0.218, 2.387, 2.369, 1.5],
  ['2-1/2', 2.875, 0.276, 2.889, 2.868, 1.75],
  ['3', 3.5, 0.3, 3.516, 3.492, 1.875],
  ['4', 4.5, 0.337, 4.518, 4.491, 2.25],
];

/** ASTM D2665; depths of its hubs from memory. */
const DWV: readonly TaperedSocketRow[] = [
  ['1-1/4', 1.66, 0.14, 1.67, 1.655, 0.6875],
  ['1-1/2', 1.9, 0.145, 1.912, 1.894, 0.6875],
  ['2', 2.375, 0.154, 2.387, 2.369, 0.75],
  ['3', 3.5, 0.216, 3.516, 3.492, 1.5],
  ['4', 4.5, 0.237, 4.518, 4.491, 1.75],
];

/** Iron pipe size, Schedule 40: solvent-welded pressure pipe and its sockets. */
export const ipsSchedule40: PipeSeries = {
  id: 'ips-40',
  regions: ['US'],
  token: 'IPS',
  name: 'Schedule 40 pipe',
  sources: [
    { document: 'ASTM D1785', provenance: 'standard-table' },
    { document: 'ASTM D2466', provenance: 'standard-table' },
  ],
  sizes: taperedSocketSizes(SCHEDULE_40),
  parts: ['spigot', 'socket', 'compression', 'sleeve', 'saddle', 'loose-cap'],
  family: 'ips',
  pressure: true,
  material: 'pvc',
};

/** Iron pipe size, Schedule 80: thicker wall, deeper sockets. */
export const ipsSchedule80: PipeSeries = {
  id: 'ips-80',
  regions: ['US'],
  token: 'IPS80',
  name: 'Schedule 80 pipe',
  sources: [
    { document: 'ASTM D1785', provenance: 'standard-table' },
    { document: 'ASTM D2467', provenance: 'standard-table' },
  ],
  sizes: taperedSocketSizes(SCHEDULE_80),
  parts: ['spigot', 'socket'],
  family: 'ips',
  pressure: true,
  material: 'pvc',
};

/** Drain, waste and vent: iron pipe size outside, shallow hubs, no pressure. */
export const dwv: PipeSeries = {
  id: 'dwv',
  regions: ['US'],
  token: 'DWV',
  name: 'drain, waste and vent pipe',
  sources: [{ document: 'ASTM D2665', provenance: 'from-memory' }],
  sizes: taperedSocketSizes(DWV),
  parts: ['spigot', 'socket', 'sleeve'],
  family: 'ips',
  pressure: false,
  material: 'pvc',
};
