import type { End } from './end';
import { pipeSeries } from './standards/pipes';
import { threadStandard } from './standards/threads';

/**
 * An end as text: `3/4 NPT M`, `3/4 NH F swivel`, `1-1/2 IPS spigot`, `5/8 barb`, `5/8 hose bore`, `3 IPS gasket`,
 * `3/4 bulkhead shank`, `3 gasket rim`, `41.3 hole 6.4 wall` (with ` 584 radius` on a curved wall; mm).
 * `parseEnd` reads it back.
 */
export function formatEnd(end: End): string {
  switch (end.kind) {
    case 'thread':
      return `${end.size} ${threadStandard(end.standard).token} ${end.sex === 'male' ? 'M' : 'F'}${end.swivel ? ' swivel' : ''}`;
    case 'pipe':
      return `${end.size} ${pipeSeries(end.series).token} ${end.part}`;
    case 'hose':
      return end.part === 'barb' ? `${end.size} barb` : `${end.size} hose bore`;
    case 'gasket':
      return `${end.size} ${pipeSeries(end.series).token} gasket`;
    case 'wall-seal':
      return end.style === 'bulkhead' ? `${end.size} bulkhead shank` : `${end.size} gasket rim`;
    case 'hole':
      return `${tenth(end.diameterMm)} hole ${tenth(end.wallMm)} wall${end.wallRadiusMm === undefined ? '' : ` ${tenth(end.wallRadiusMm)} radius`}`;
  }
}

const tenth = (mm: number): string => `${Math.round(mm * 10) / 10}`;

/** An end in full words for an installer: 'thread 3/4 NPT male', 'socket for 1-1/2 Schedule 40 pipe'. */
export function describeEnd(end: End): string {
  switch (end.kind) {
    case 'thread':
      return `${end.size} ${threadStandard(end.standard).token} ${end.sex}${end.swivel ? ' swivel' : ''}`;
    case 'pipe':
      return end.part === 'socket'
        ? `socket for ${end.size} in ${pipeSeries(end.series).name}`
        : `${end.size} in ${pipeSeries(end.series).name}`;
    case 'hose':
      return end.part === 'barb' ? `${end.size} in hose tail` : `${end.size} in hose`;
    case 'gasket':
      return `gasket for ${end.size} in ${pipeSeries(end.series).name}`;
    case 'wall-seal':
      return end.style === 'bulkhead' ? `${end.size} in bulkhead shank` : `${end.size} in gasket groove`;
    case 'hole':
      return `hole ${tenth(end.diameterMm)} mm`;
  }
}
