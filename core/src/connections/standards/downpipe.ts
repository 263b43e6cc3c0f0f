import { MM_PER_INCH } from '../../quantity/length';
import type { NominalSize } from '../../quantity/size';
import type { Region } from '../../region';
import type { PipeSeries, PipeSize } from './pipe-series';

const US: readonly Region[] = ['US'];
const UK: readonly Region[] = ['UK'];
const EU: readonly Region[] = ['EU'];
const ANZ: readonly Region[] = ['ANZ'];

/**
 * Where it is sold; outside of the pipe, longer and shorter side where it is rectangular [mm] (from memory: measure the end
 * you enter).
 */
const ROWS: readonly (readonly [NominalSize, readonly Region[], outsideMm: number, shortSideMm?: number])[] = [
  ['2x3', US, 3.25 * MM_PER_INCH, 2.375 * MM_PER_INCH],
  ['3x4', US, 4.25 * MM_PER_INCH, 2.75 * MM_PER_INCH],
  ['65', UK, 65, 65],
  ['3', US, 3 * MM_PER_INCH],
  ['4', US, 4 * MM_PER_INCH],
  ['50', UK, 50],
  ['68', UK, 68],
  ['75', EU, 75],
  ['80', EU, 80],
  ['90', ANZ, 90],
  ['100', [...EU, ...ANZ], 100],
];

const WALL_MM = 1.6;
const LAP_MM = 50;
/** A downpipe socket is loose so that it can drain outwards nowhere and still be pushed up (from memory). */
const LOOSE_MM = 1.5;

const toSize = ([size, regions, outsideMm, shortSideMm]: (typeof ROWS)[number]): PipeSize => ({
  size,
  regions,
  outsideMm,
  ...(shortSideMm === undefined ? {} : { shortSideMm }),
  boreMm: outsideMm - 2 * WALL_MM,
  socketMouthMm: outsideMm + LOOSE_MM,
  socketBottomMm: outsideMm - 0.5,
  socketDepthMm: LAP_MM,
});

/** Downpipe and downspout: lapped in the direction of flow, for falling water only. */
export const downpipe: PipeSeries = {
  id: 'downpipe',
  regions: ['US', 'UK', 'EU', 'ANZ'],
  token: 'downpipe',
  name: 'downpipe',
  sources: [{ document: 'downpipes of the trade, EN 12200 family', provenance: 'from-memory' }],
  sizes: ROWS.map(toSize),
  parts: ['spigot', 'dry-hub'],
  family: 'downpipe',
  pressure: false,
};
