import { ipsSchedule40 } from './ips-schedule-40';
import type { PipeSeries } from './pipe-series';

/** Every pipe series Herrero knows. A new one: its file, and a line here. */
export const PIPE_SERIES: readonly PipeSeries[] = [ipsSchedule40];

const BY_ID = new Map(PIPE_SERIES.map((series) => [series.id, series]));

/** @throws RangeError no series is registered under this id */
export function pipeSeries(id: string): PipeSeries {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`pipeSeries: none called ${id}`);
  return found;
}
