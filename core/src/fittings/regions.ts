import type { End } from '../connections/end';
import { parseEnd } from '../connections/parse';
import { flangeDrilling } from '../connections/standards/flanges';
import { hoseOf, hoseSystem } from '../connections/standards/hose';
import { pipeOf, pipeSeries } from '../connections/standards/pipes';
import { threadStandard } from '../connections/standards/threads';
import { isMetricSize } from '../quantity/size';
import { REGIONS, type Region } from '../region';

/** Inch hose is sold in North America and, from 1 in, in Australia and New Zealand; metric hose everywhere else. */
const INCH_HOSE: readonly Region[] = ['US', 'ANZ'];
const METRIC_HOSE: readonly Region[] = ['UK', 'EU', 'ANZ'];

function regionsOfEnd(end: End): readonly Region[] {
  switch (end.kind) {
    case 'thread':
      return threadStandard(end.standard).regions;
    case 'pipe':
    case 'gasket':
      return pipeOf(end).regions ?? pipeSeries(end.series).regions;
    case 'flange':
      return flangeDrilling(end.drilling).regions;
    case 'hose':
      return end.system === 'hose'
        ? isMetricSize(end.size)
          ? METRIC_HOSE
          : INCH_HOSE
        : (hoseOf(end).regions ?? hoseSystem(end.system).regions);
    default:
      return REGIONS;
  }
}

/** Where a part with these ends is sold: where all of them are known, or, for an adapter between systems, any of them. */
export function regionsOfEnds(ends: readonly End[]): readonly Region[] {
  const each = ends.map(regionsOfEnd);
  const everywhere = REGIONS.filter((region) => each.every((regions) => regions.includes(region)));
  return everywhere.length > 0
    ? everywhere
    : REGIONS.filter((region) => each.some((regions) => regions.includes(region)));
}

/** Those of which the end, as text, is sold in a region first; each in the order in which they stand. */
export function soldFirst<One>(
  some: readonly One[],
  endOf: (one: One) => string,
  region: Region | null,
): readonly One[] {
  const isSold = (one: One): boolean => {
    const parsed = parseEnd(endOf(one));
    return region === null || !parsed.ok || regionsOfEnds([parsed.value]).includes(region);
  };
  return some.toSorted((a, b) => Number(isSold(b)) - Number(isSold(a)));
}
