import { isFlexible } from '../fittings/flexible';
import { drainM3s, leaderM3s } from '../hydraulics/gravity';
import { stormM3s } from '../hydraulics/free-flow';
import { lineReachOf } from '../hydraulics/line-flow';
import { freeRunM3s } from '../hydraulics/pipe-flow';
import { isByLength } from '../fittings/part';
import type { CheckContext } from '../derived/context';
import { siteFigure } from '../job/job';
import type { StrandItem } from '../derived/run';
import { runoffOf } from '../site/roof-materials';
import { type GutterRun, gutterRuns } from './gutter-run';
import { isSteep } from './steep';

/** What the way from one gutter carries, and by which of its pieces. */
export interface WayCapacity extends GutterRun {
  /** What the design rain brings off the roof [m3/s]. */
  readonly stormM3s: number;
  /** What the way takes at most, all its pieces taken one by one [m3/s]; undefined where nothing of it is known. */
  readonly carriesM3s: number | undefined;
  /** The piece that takes the least. */
  readonly narrowest: StrandItem | undefined;
  /** A hose that a diverter fills: it takes its share, and the rest goes on down the pipe. */
  readonly throttled: { readonly item: StrandItem; readonly shareM3s: number; readonly carriesM3s: number } | undefined;
  /** Over a year of so much rain this comes in, as a share of it. */
  readonly runoff: number;
}

const DRAIN_FILL = 1;

/** What the pieces of a way carry, each by the law that holds for how it lies. */
export const wayCapacities = (context: CheckContext): readonly WayCapacity[] =>
  gutterRuns(context).map((way) => {
    const { roof, items, legs } = way;
    const storm = stormM3s(roof.planAreaM2, siteFigure(context.job, 'stormMmPerH'));
    const leastFall = siteFigure(context.job, 'fallShare');
    const diverter = items.findIndex(({ part }) => part.diverts !== undefined);
    const pieces = items.flatMap((item, place) => {
      const leg = legs[place];
      // What lies between a diverter and the tank runs full, under the height of the diverter.
      if (!leg || !isByLength(item.part) || (diverter >= 0 && place < diverter)) return [];
      const lengthM = item.placed.lengthM ?? 0;
      const riseM = Math.abs(leg.to.up - leg.from.up);
      const bore = item.part.boreMm / 1000;
      const steep = lengthM > 0 && isSteep(riseM, lengthM);
      const fall = lengthM > 0 ? Math.max(riseM / lengthM, leastFall) : leastFall;
      return [{ item, m3s: steep ? leaderM3s(bore) : drainM3s(bore, fall, DRAIN_FILL) }];
    });
    const narrowest = pieces.toSorted((a, b) => a.m3s - b.m3s)[0];
    return {
      ...way,
      stormM3s: storm,
      carriesM3s: narrowest?.m3s,
      narrowest: narrowest?.item,
      throttled: diverter < 0 ? undefined : throttle(way, diverter, storm),
      runoff: runoffOf(roof.material),
    };
  });

/** The hose between a diverter and the tank: what it carries under the height that the diverter stands above the opening. */
function throttle({ items, legs, hole }: GutterRun, diverter: number, storm: number): WayCapacity['throttled'] {
  const own = items.slice(0, diverter);
  const hose = own.find(({ part }) => isByLength(part) && isFlexible(part));
  const [first, top] = [legs[0], legs[diverter]];
  if (!hose || !first || !top) return undefined;
  const headM = top.through.up - first.to.up;
  const carriesM3s = freeRunM3s(Math.max(headM, hole.face === 'top' ? 0 : LEAST_HEAD_M), own.map(lineReachOf));
  return { item: hose, shareM3s: storm * (items[diverter]?.part.diverts ?? 1), carriesM3s };
}

/** The cup of a diverter stands full over its outlet [m] (typical, from memory). */
const LEAST_HEAD_M = 0.05;
