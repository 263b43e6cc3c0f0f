import { looksSomewhere } from '../assembly/pointing';
import type { End } from '../connections/end';
import { mate } from '../connections/mate';
import { type Part, overallMm } from '../fittings/part';
import { MM_PER_INCH } from '../quantity/length';
import { isMetricSize, sizeInInches } from '../quantity/size';
import type { ChainLink } from './chain-edits';
import type { Route } from './find-routes';

/** A way in space, part by part: the bends say where they point, pieces that follow from both ends have no length. */
export interface SpaceWay extends Omit<Route, 'links'> {
  readonly links: readonly ChainLink[];
}

/** Pipe is taken that differs from the end by less than this, in doublings (our judgement). */
export const MOST_APART = 0.6;

/** Of pipe that goes by its outside so much is bore (our judgement: drains have more of it, pressure pipe less). */
const BORE_OF_OUTSIDE = 0.9;

/** The bore that an end is made for, by its size [mm]: inches and hose go by it, metric pipe by its outside. */
const boreMmOf = (end: End): number => {
  if (!('size' in end)) return MM_PER_INCH;
  return sizeInInches(end.size) * MM_PER_INCH * (end.kind !== 'hose' && isMetricSize(end.size) ? BORE_OF_OUTSIDE : 1);
};

/** How far a part is from an end in bore, in doublings: less than nothing where it is smaller. */
export const largerThan = (end: End, { size, boreMm }: Pick<Part, 'size' | 'boreMm'>): number =>
  'size' in end && end.size === size ? 0 : Math.log2(boreMm / boreMmOf(end));

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
