import type { RunSight } from '../derived/context';
import { levelsOf } from '../derived/levels';
import { baseLevelM } from '../derived/set-out';
import { levelAtM } from '../walls/level';
import type { Tank } from '../walls/tank';
import { type LineFlow, flowAtM3s } from './line-flow';

/** What is left when nobody waits any longer, as a share of what can be drawn: the last of it comes ever slower, and never ends. */
const LEFT_SHARE = 0.02;
const SLICES = 24;

/**
 * How long a line takes to draw what it can from its tank, from full until a fiftieth of that is left [s]: the integral of volume
 * over flow. Near its end the flow goes with the root of what is left, so the slices are even in that root: twice as many
 * change the time by less than a hundredth. Undefined where nothing comes at all.
 *
 * @param slices  how many
 */
export function emptyingS(line: LineFlow, tank: Tank, context: RunSight, slices = SLICES): number | undefined {
  const { deadM3, usableM3 } = levelsOf(tank, context);
  const base = baseLevelM(tank, context.job);
  const from = Math.sqrt(LEFT_SHARE);
  const step = (1 - from) / slices;
  let seconds: number | undefined;
  for (let place = slices - 1; place >= 0; place--) {
    const root = from + (place + 0.5) * step;
    const surfaceM = base + levelAtM(tank, deadM3 + usableM3 * root ** 2);
    const flow = flowAtM3s(line, surfaceM);
    if (flow <= 0) break;
    seconds = (seconds ?? 0) + (usableM3 * 2 * root * step) / flow;
  }
  return seconds;
}
