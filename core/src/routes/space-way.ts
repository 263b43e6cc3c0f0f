import { looksSomewhere } from '../assembly/pointing';
import type { End } from '../connections/end';
import { mate } from '../connections/mate';
import { type Part, overallMm } from '../fittings/part';
import { sizeInInches } from '../quantity/size';
import type { ChainLink } from './chain-edits';
import type { Route } from './find-routes';

/** A way in space, part by part: the bends say where they point, pieces that follow from both ends have no length. */
export interface SpaceWay extends Omit<Route, 'links'> {
  readonly links: readonly ChainLink[];
}

/** Pipe is taken that differs from the end by less than this, in doublings (our judgement). */
export const MOST_APART = 0.6;

/** How far a part is from an end in size, in doublings: less than nothing where it is smaller. */
export const largerThan = (end: End, part: Pick<Part, 'size'>): number =>
  Math.log2(sizeInInches(part.size) / ('size' in end ? sizeInInches(end.size) : 1));

/** Nearest in size to an end first, the cheapest of one size. */
export const byNearness =
  (end: End) =>
  (a: Part, b: Part): number =>
    Math.abs(largerThan(end, a)) - Math.abs(largerThan(end, b)) || a.priceUsd - b.priceUsd;

/** Past a row of straight parts [m], and the end that is open there; undefined where one of them turns. */
export function straightOn(
  start: End,
  links: readonly ChainLink[],
): { readonly end: End; readonly reachM: number } | undefined {
  let end = start;
  let reachM = 0;
  for (const { part, endIn, endOut } of links) {
    const [near, far] = [part.ends[endIn]?.end, part.ends[endOut]?.end];
    if (!near || !far || looksSomewhere(part)) return undefined;
    reachM += overallMm(part) / 1000 - mate(end, near).engagementMm / 1000;
    end = far;
  }
  return { end, reachM };
}

/** How far the foot of a pipe lies before an end, with the straight parts between [m]; undefined where one of them turns. */
export function reachOf(start: End, links: readonly ChainLink[], pipe: Part): number | undefined {
  const spigot = pipe.ends[0]?.end;
  const past = straightOn(start, links);
  return spigot && past && past.reachM - mate(past.end, spigot).engagementMm / 1000;
}
