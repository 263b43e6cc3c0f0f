import { type Station } from '@herrero/core';

/**
 * The station where work goes on: trouble first, then what is not begun or under way; else the last one. Site can wait:
 * a drum with a tap needs no roof and no heights.
 */
export function stationToOpen(stations: readonly Station[]): Station {
  const open = stations.filter((station) => station.open);
  const others = open.filter(({ id }) => id !== 'site');
  const found =
    open.find(({ peg }) => peg === 'trouble') ??
    others.find(({ peg }) => peg === 'not-begun') ??
    others.find(({ peg }) => peg === 'under-way') ??
    open.at(-1);
  if (!found) throw new RangeError('stationToOpen: no station has a screen');
  return found;
}
