import type { LineEnd } from '../assembly/bends-between';
import { bowedLengthM } from '../assembly/bowed';
import { freedomOfPart } from '../assembly/freedom';
import { plus, times } from '../assembly/vector';
import type { End } from '../connections/end';
import type { CheckContext } from '../derived/context';
import { type Part, isSoldIn } from '../fittings/part';
import { turnedRound } from './chain-edits';
import type { Route } from './find-routes';
import type { PlacedEnd } from './space-ends';
import { MOST_APART, type SpaceWay, byNearness, largerThan, reachOf } from './space-way';
import type { OpenEnd } from './way-index';

/** More of a hose than the curve is long, so that it hangs easy (our judgement); cut in steps of so much [m]. */
const EASY = 1.05;
const CUT_STEP_M = 0.01;
/** So many kinds of hose are tried. */
const MOST_HOSES = 2;

/** Hose and coiled pipe that is sold there, nearest in size to an end first. */
export const hosesFor = (end: End, { catalogue, job }: CheckContext): readonly Part[] =>
  catalogue.list
    .filter((part) => part.family === 'hose' && isSoldIn(part, job.region))
    .filter((part) => Math.abs(largerThan(end, part)) < MOST_APART)
    .toSorted(byNearness(end))
    .slice(0, MOST_HOSES);

/** The same two ends by a piece that bends: cut so long that it is nowhere bent tighter than it may be. */
export function throughHose(
  ends: readonly [PlacedEnd, PlacedEnd],
  hose: Part,
  on: (end: OpenEnd, pipe: Part) => Route | undefined,
): readonly SpaceWay[] {
  const [from, to] = ends;
  const freedom = freedomOfPart(hose);
  const [near, far] = [on(from.open, hose), on(to.open, hose)];
  const nearM = near && reachOf(from.open.end, near.links, hose);
  const farM = far && reachOf(to.open.end, far.links, hose);
  if (!near || !far || nearM === undefined || farM === undefined || freedom.is !== 'bends') return [];
  const first: LineEnd = { at: plus(from.at, times(from.looks, nearM)), goes: from.looks };
  const last: LineEnd = { at: plus(to.at, times(to.looks, farM)), goes: times(to.looks, -1) };
  const curveM = bowedLengthM(first, last, freedom.radiusM);
  if (curveM === undefined) return [];
  const lengthM = Math.ceil((curveM * EASY) / CUT_STEP_M) * CUT_STEP_M;
  return [
    {
      links: [...near.links, { part: hose, endIn: 0, endOut: 1, lengthM }, ...turnedRound(far.links)],
      priceUsd: near.priceUsd + far.priceUsd + lengthM * hose.priceUsd,
      smallestBoreMm: Math.min(near.smallestBoreMm, far.smallestBoreMm, hose.boreMm),
      cost: 0,
    },
  ];
}
