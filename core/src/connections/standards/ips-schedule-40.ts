import { MM_PER_INCH } from '../../quantity/length';
import type { NominalSize } from '../../quantity/size';
import type { PipeSeries, PipeSize } from './pipe-series';

interface Row {
  readonly size: NominalSize;
  readonly outsideIn: number;
  readonly leastWallIn: number;
  readonly socketMouthIn: number;
  readonly socketBottomIn: number;
  readonly socketDepthIn: number;
}

/** Pipe: ASTM D1785 (outside diameter, least wall). Sockets: ASTM D2466 (mouth, bottom, least depth). Standard-table, recalled. */
const TABLE: readonly Row[] = [
  {
    size: '1/2',
    outsideIn: 0.84,
    leastWallIn: 0.109,
    socketMouthIn: 0.848,
    socketBottomIn: 0.836,
    socketDepthIn: 0.688,
  },
  {
    size: '3/4',
    outsideIn: 1.05,
    leastWallIn: 0.113,
    socketMouthIn: 1.058,
    socketBottomIn: 1.046,
    socketDepthIn: 0.719,
  },
  { size: '1', outsideIn: 1.315, leastWallIn: 0.133, socketMouthIn: 1.325, socketBottomIn: 1.31, socketDepthIn: 0.875 },
  {
    size: '1-1/4',
    outsideIn: 1.66,
    leastWallIn: 0.14,
    socketMouthIn: 1.67,
    socketBottomIn: 1.655,
    socketDepthIn: 0.938,
  },
  {
    size: '1-1/2',
    outsideIn: 1.9,
    leastWallIn: 0.145,
    socketMouthIn: 1.912,
    socketBottomIn: 1.894,
    socketDepthIn: 1.094,
  },
  {
    size: '2',
    outsideIn: 2.375,
    leastWallIn: 0.154,
    socketMouthIn: 2.387,
    socketBottomIn: 2.369,
    socketDepthIn: 1.156,
  },
  {
    size: '2-1/2',
    outsideIn: 2.875,
    leastWallIn: 0.203,
    socketMouthIn: 2.889,
    socketBottomIn: 2.868,
    socketDepthIn: 1.75,
  },
  { size: '3', outsideIn: 3.5, leastWallIn: 0.216, socketMouthIn: 3.516, socketBottomIn: 3.492, socketDepthIn: 1.875 },
];

const toMm = (row: Row): PipeSize => ({
  size: row.size,
  outsideMm: row.outsideIn * MM_PER_INCH,
  boreMm: (row.outsideIn - 2 * row.leastWallIn) * MM_PER_INCH,
  socketMouthMm: row.socketMouthIn * MM_PER_INCH,
  socketBottomMm: row.socketBottomIn * MM_PER_INCH,
  socketDepthMm: row.socketDepthIn * MM_PER_INCH,
});

/** Iron pipe size, Schedule 40: solvent-welded pressure pipe and its sockets. */
export const ipsSchedule40: PipeSeries = {
  id: 'ips-40',
  token: 'IPS',
  name: 'Schedule 40 pipe',
  sources: [
    { document: 'ASTM D1785', provenance: 'standard-table' },
    { document: 'ASTM D2466', provenance: 'standard-table' },
  ],
  sizes: TABLE.map(toMm),
};
