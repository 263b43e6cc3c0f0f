import { dequal } from 'dequal';
import type { LineEnd } from '../assembly/bends-between';
import { BEND_PLAY_DEGREES } from '../assembly/course';
import { looksSomewhere } from '../assembly/pointing';
import { angleOf, dot, minus } from '../assembly/vector';
import type { End } from '../connections/end';
import { mate } from '../connections/mate';
import type { Catalogue } from '../fittings/catalogue';
import { type Part, reachMmOf } from '../fittings/part';
import { memoizeBoth } from '../quantity/memoize';
import type { Pointing } from './bridge';
import { type ChainLink, turnedRound } from './chain-edits';
import type { Route } from './find-routes';
import type { PlacedEnd } from './space-ends';
import { type SpaceWay, straightOn } from './space-way';

/** To come to a pipe round an elbow that is screwed on so many ways are tried: nipples differ in length. */
export const BY_ELBOW = { require: ['elbow'], limit: 12 } as const;

/** The same part in every length in which it is made: nipples of one size and material. */
const madeAlike = memoizeBoth((catalogue: Catalogue, part: Part): readonly Part[] =>
  catalogue.list.filter(
    (one) =>
      one === part ||
      (one.family === part.family &&
        one.material === part.material &&
        one.size === part.size &&
        dequal(one.ends, part.ends) &&
        !looksSomewhere(one)),
  ),
);

/** How near a middle must come to the line that it slides to [m]: what joints give. */
const NEAR_M = 0.002;

/**
 * Round an elbow that goes on by itself, without a pipe before it, and on in one piece: the drop of a manifold. What stands
 * before the elbow is taken in the length that brings its middle over the line that it goes down to.
 */
export function onElbow(
  { open, at, looks }: PlacedEnd,
  end: LineEnd,
  pipe: Part,
  far: Route,
  nears: readonly Route[],
  catalogue: Catalogue,
  say: Pointing,
): readonly SpaceWay[] {
  const awayM = dot(minus(end.at, at), looks);
  return nears.flatMap((near): readonly SpaceWay[] => {
    const place = near.links.findIndex(({ part }) => looksSomewhere(part));
    const bend = near.links[place];
    if (!bend || Math.abs((bend.part.bendDegrees ?? 0) - angleOf(looks, end.goes)) > BEND_PLAY_DEGREES) return [];
    const behind = near.links.slice(place + 1);
    if (behind.some(({ part }) => looksSomewhere(part))) return [];
    const turned: ChainLink = { ...bend, said: say(looks, end.goes) };
    return straightTo(near.links.slice(0, place), catalogue)
      .filter((before) => Math.abs((middleM(open.end, before, bend) ?? Infinity) - awayM) < NEAR_M)
      .map((before) => ({
        links: [
          ...before,
          turned,
          ...behind,
          { part: pipe, endIn: 0, endOut: 1, lengthM: null },
          ...turnedRound(far.links),
        ],
        priceUsd: near.priceUsd + far.priceUsd,
        smallestBoreMm: Math.min(near.smallestBoreMm, far.smallestBoreMm, pipe.boreMm),
        cost: 0,
      }));
  });
}

/** A row of straight parts with its last in each of its lengths; an empty row is itself. */
function straightTo(links: readonly ChainLink[], catalogue: Catalogue): readonly (readonly ChainLink[])[] {
  const last = links.at(-1);
  if (!last) return [links];
  return madeAlike(catalogue, last.part).map((part) => [...links.slice(0, -1), { ...last, part }]);
}

/** From an end past straight parts to the middle of a bend [m]; undefined where one of them is not straight. */
function middleM(start: End, before: readonly ChainLink[], { part, endIn }: ChainLink): number | undefined {
  const past = straightOn(start, before);
  const near = part.ends[endIn]?.end;
  return past && near && past.reachM - mate(past.end, near).engagementMm / 1000 + reachMmOf(part, endIn) / 1000;
}
