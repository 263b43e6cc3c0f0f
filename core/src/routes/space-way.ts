import { looksSomewhere } from '../assembly/pointing';
import type { End } from '../connections/end';
import { mate } from '../connections/mate';
import { type Part, overallMm } from '../fittings/part';
import type { ChainLink } from './chain-edits';
import type { Route } from './find-routes';

/** A way in space, part by part: the bends say where they point, pieces that follow from both ends have no length. */
export interface SpaceWay extends Omit<Route, 'links'> {
  readonly links: readonly ChainLink[];
}

/** Pipe is taken that differs from the end by less than this, in doublings (our judgement). */
export const MOST_APART = 0.6;

/** How far the foot of a pipe lies before an end, with the straight parts between [m]; undefined where one of them turns. */
export function reachOf(start: End, links: readonly ChainLink[], pipe: Part): number | undefined {
  const spigot = pipe.ends[0]?.end;
  let end = start;
  let reachM = 0;
  for (const { part, endIn, endOut } of links) {
    const [near, far] = [part.ends[endIn]?.end, part.ends[endOut]?.end];
    if (!near || !far || looksSomewhere(part)) return undefined;
    reachM += overallMm(part) / 1000 - mate(end, near).engagementMm / 1000;
    end = far;
  }
  return spigot && reachM - mate(end, spigot).engagementMm / 1000;
}
