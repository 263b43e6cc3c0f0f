import type { Source } from '../../provenance';
import type { NominalSize } from '../../quantity/size';

/** One size of a pipe series and of the socket that takes it, in mm. */
export interface PipeSize {
  readonly size: NominalSize;
  readonly outsideMm: number;
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
  readonly sources: readonly Source[];
  readonly sizes: readonly PipeSize[];
}

/** @throws RangeError the series has no such size */
export function pipeSize(series: PipeSeries, size: NominalSize): PipeSize {
  const found = series.sizes.find((row) => row.size === size);
  if (!found) throw new RangeError(`pipeSize: ${series.name} has no ${size}`);
  return found;
}
