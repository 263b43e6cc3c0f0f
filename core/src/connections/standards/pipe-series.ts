import type { Source } from '../../provenance';
import type { Region } from '../../region';
import { MM_PER_INCH } from '../../quantity/length';
import type { NominalSize } from '../../quantity/size';
import type { PipePart } from '../end';
import type { Material } from '../material';

/** One size of a pipe series and of the socket that takes it, in mm. */
export interface PipeSize {
  readonly size: NominalSize;
  /** Where it is sold, where that is not everywhere its series is. */
  readonly regions?: readonly Region[];
  /** Outside diameter; of a rectangular pipe its longer side. */
  readonly outsideMm: number;
  /** The shorter side of a rectangular pipe. */
  readonly shortSideMm?: number;
  /** Bore at the least wall. */
  readonly boreMm: number;
  readonly socketMouthMm: number;
  readonly socketBottomMm: number;
  readonly socketDepthMm: number;
}

/** A series of pipe by outside diameter. Adding one is one such file and one registry line. */
export interface PipeSeries {
  readonly id: string;
  /** As written in an end: '1-1/2 IPS spigot'. */
  readonly token: string;
  readonly name: string;
  readonly regions: readonly Region[];
  readonly sources: readonly Source[];
  readonly sizes: readonly PipeSize[];
  /** The kinds of end that pipe of this series has and is taken by. */
  readonly parts: readonly PipePart[];
  /** Series on the same outside diameters, whose fittings take one another's pipe by design. */
  readonly family: string;
  /** Whether its sockets are made for pressure, or for drainage only. */
  readonly pressure: boolean;
  /** What it is made of where nothing else is said; series made in several materials leave it open. */
  readonly material?: Material;
  /** Its fittings take the pipe of this bore-controlled system from outside, size for size; it has no pipe of its own. */
  readonly takesHose?: string;
  /** Ribbed or folded outside: nothing seals on it. */
  readonly ribbed?: true;
}

/** @throws RangeError the series has no such size */
export function pipeSize(series: PipeSeries, size: NominalSize): PipeSize {
  const found = series.sizes.find((row) => row.size === size);
  if (!found) throw new RangeError(`pipeSize: ${series.name} has no ${size}`);
  return found;
}

// A straight-sided solvent or ring socket clears its pipe by up to this much (ISO 727-1 gives 0.1 to 0.3 mm, from memory).
const SOCKET_CLEARANCE_MM = 0.3;
const SOCKET_SQUEEZE_MM = 0.1;
/** A pipe's own tolerance on its outside diameter, where no table gives it (from memory). */
const OUTSIDE_TOLERANCE_MM = 0.1;

/** Without what adding decimals leaves behind, so that two tables of one figure agree. */
const tidy = (mm: number): number => Math.round(mm * 1e6) / 1e6;

/** Size, outside diameter, wall, depth of the socket; mm. */
export type RoundRow = readonly [NominalSize, outsideMm: number, wallMm: number, depthMm: number];

/** Rows of round pipe with straight-sided sockets. */
export const roundSizes = (rows: readonly RoundRow[], toleranceMm = OUTSIDE_TOLERANCE_MM): readonly PipeSize[] =>
  rows.map(([size, outsideMm, wallMm, depthMm]) => ({
    size,
    outsideMm,
    boreMm: outsideMm - 2 * wallMm,
    socketMouthMm: tidy(outsideMm + SOCKET_CLEARANCE_MM + toleranceMm),
    socketBottomMm: tidy(outsideMm - SOCKET_SQUEEZE_MM - toleranceMm),
    socketDepthMm: depthMm,
  }));

/** Size, outside diameter, least wall, mouth, bottom and least depth of the tapering socket; inches. */
export type TaperedSocketRow = readonly [
  NominalSize,
  outsideIn: number,
  leastWallIn: number,
  mouthIn: number,
  bottomIn: number,
  depthIn: number,
];

/** Rows of inch pipe with tapering sockets, in which the pipe jams part of the way. */
export const taperedSocketSizes = (rows: readonly TaperedSocketRow[]): readonly PipeSize[] =>
  rows.map(([size, outsideIn, leastWallIn, mouthIn, bottomIn, depthIn]) => ({
    size,
    outsideMm: outsideIn * MM_PER_INCH,
    boreMm: (outsideIn - 2 * leastWallIn) * MM_PER_INCH,
    socketMouthMm: mouthIn * MM_PER_INCH,
    socketBottomMm: bottomIn * MM_PER_INCH,
    socketDepthMm: depthIn * MM_PER_INCH,
  }));
