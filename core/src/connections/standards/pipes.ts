import type { NominalSize } from '../../quantity/size';
import type { PipeEnd } from '../end';
import { downpipe } from './downpipe';
import { dwv, ipsSchedule40, ipsSchedule80 } from './ips';
import type { PipeSeries, PipeSize } from './pipe-series';
import { corrugated, d2729, d3034 } from './sewer';
import {
  anzDwv,
  anzPressure,
  anzStorm,
  enPressure,
  euDrain,
  soil,
  ukOverflow,
  ukPushFitWaste,
  ukWaste,
} from './solvent-metric';
import { copperAnz, copperMetric, cts, polyethylene, polyethyleneCts, polyethyleneIps, ruralOutside } from './tube';

/** Every pipe series Herrero knows. A new one: its file, and a line here. */
export const PIPE_SERIES: readonly PipeSeries[] = [
  ipsSchedule40,
  ipsSchedule80,
  dwv,
  d3034,
  d2729,
  cts,
  polyethylene,
  polyethyleneIps,
  polyethyleneCts,
  ruralOutside,
  enPressure,
  anzPressure,
  anzDwv,
  anzStorm,
  ukWaste,
  ukPushFitWaste,
  ukOverflow,
  soil,
  euDrain,
  copperMetric,
  copperAnz,
  corrugated,
  downpipe,
];

interface Known {
  readonly series: PipeSeries;
  readonly bySize: ReadonlyMap<NominalSize, PipeSize>;
}

const BY_ID: ReadonlyMap<string, Known> = new Map(
  PIPE_SERIES.map((series) => [series.id, { series, bySize: new Map(series.sizes.map((row) => [row.size, row])) }]),
);

/** @throws RangeError no series is registered under this id */
export function pipeSeries(id: string): PipeSeries {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`pipeSeries: none called ${id}`);
  return found.series;
}

/** The dimensions of the pipe that an end is, or is made for. @throws RangeError the series has no such size */
export function pipeOf({ series, size }: Pick<PipeEnd, 'series' | 'size'>): PipeSize {
  const found = BY_ID.get(series)?.bySize.get(size);
  if (!found) throw new RangeError(`pipeOf: ${series} has no ${size}`);
  return found;
}
