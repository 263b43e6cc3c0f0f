import type { RunSight } from '../derived/context';
import { levelsOf } from '../derived/levels';
import { baseLevelM } from '../derived/set-out';
import { levelAtM } from '../walls/level';
import type { Tank } from '../walls/tank';
import { type LineFlow, flowAtM3s } from './line-flow';

const SLICES = 12;

/**
 * How long a line takes to draw what it can from its tank, from full until it stops [s]: the sum over slices of the water
 * of volume over flow at the middle of the slice. Undefined where nothing comes at all.
 */
export function emptyingS(line: LineFlow, tank: Tank, context: RunSight): number | undefined {
  const { deadM3, usableM3 } = levelsOf(tank, context);
  const base = baseLevelM(tank, context.job);
  const slice = usableM3 / SLICES;
  let seconds = 0;
  let drawn = 0;
  for (let place = SLICES - 1; place >= 0; place--) {
    const surfaceM = base + levelAtM(tank, deadM3 + (place + 0.5) * slice);
    const flow = flowAtM3s(line, surfaceM);
    if (flow <= 0) break;
    seconds += slice / flow;
    drawn += slice;
  }
  return drawn === 0 ? undefined : seconds;
}
