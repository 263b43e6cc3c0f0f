import { type Plan, type Station } from '@herrero/core';

/** The station where work goes on: trouble first, then what is under way or not begun; else the last one. */
export function stationToOpen({ stations }: Plan): Station {
  const open = stations.filter((station) => station.open);
  const found =
    open.find(({ peg }) => peg === 'trouble') ??
    open.find(({ peg }) => peg === 'not-begun') ??
    open.find(({ peg }) => peg === 'under-way') ??
    open.at(-1);
  if (!found) throw new RangeError('stationToOpen: no station has a screen');
  return found;
}
