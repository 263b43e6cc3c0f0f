import { falling } from '../job/placed-part';
import { type BentWay, type LineEnd, type MadeBend, bendsBetween } from '../assembly/bends-between';
import type { Leg } from '../assembly/course';
import { isFlexible } from '../fittings/flexible';
import type { EndGap } from '../assembly/in-space';
import { looksSomewhere } from '../assembly/pointing';
import {
  type Vector,
  HEADING_VECTORS,
  cross,
  distance,
  dot,
  lengthOf,
  plus,
  squareTo,
  times,
  unit,
} from '../assembly/vector';
import { mate } from '../connections/mate';
import { type Service, holdsAtAll } from '../connections/mating';
import type { CheckContext } from '../derived/context';
import type { StrandItem } from '../derived/run';
import { setField } from '../edits/change-field';
import type { Proposal } from '../edits/proposal';
import type { Catalogue } from '../fittings/catalogue';
import { type Part, isByLength, reachMmOf, isSoldIn } from '../fittings/part';
import { HEADINGS, type Joint, type PlacedPart } from '../job/job';
import { memoizeBoth } from '../quantity/memoize';
import { type ChainLink, insertChain, turnedRound } from './chain-edits';

/** A bend of the catalogue that goes on to a pipe with both of its ends. */
export interface Fitted extends MadeBend {
  readonly part: Part;
  /** How far the pipe stands in it [m]. */
  readonly depthM: number;
}

/** So many ways are offered. */
const MOST_WAYS = 3;
/** A long sweep is taken where it is asked for, not to bridge a gap. */
const PLAIN = /^Elbow/;

const bendsOf = memoizeBoth((catalogue: Catalogue, pipe: Part): readonly Part[] =>
  catalogue.list.filter((part) => part.family === 'elbow' && part.size === pipe.size && PLAIN.test(part.name)),
);

/** A bend as it fits a pipe, where both of its joints hold what the water does there. */
function fitted(part: Part, pipe: Part, service: Service | undefined): readonly Fitted[] {
  const spigot = pipe.ends[0]?.end;
  const joints = spigot
    ? part.ends.map(({ end }) => mate(spigot, end, { a: pipe.material, b: part.material, service }))
    : [];
  const [near, far] = joints;
  if (!near || !far || !joints.every(({ verdict }) => holdsAtAll(verdict))) return [];
  const depthM = near.engagementMm / 1000;
  return [{ part, degrees: part.bendDegrees ?? 0, takeOffM: reachMmOf(part, 0) / 1000 - depthM, depthM }];
}

/** For each angle the cheapest bend that is sold where the work is and holds what the water does there. */
export function bendsFor(
  pipe: Part,
  { catalogue, job }: Pick<CheckContext, 'catalogue' | 'job'>,
  service: Service | undefined,
): readonly Fitted[] {
  const cheapest = new Map<number, Fitted>();
  for (const part of bendsOf(catalogue, pipe).filter((one) => isSoldIn(one, job.region)))
    for (const bend of fitted(part, pipe, service)) {
      const known = cheapest.get(bend.degrees);
      if (!known || part.priceUsd < known.part.priceUsd) cheapest.set(bend.degrees, bend);
    }
  return [...cheapest.values()];
}

/** Says which way a bend points that is met along one way and left along another. */
export type Pointing = (headingIn: Vector, headingOut: Vector) => Pick<PlacedPart, 'points' | 'rollDegrees'>;

/** The same seen by who stands before the opening from which the run is said. */
export function pointed(headingIn: Vector, headingOut: Vector): ReturnType<Pointing> {
  const side = squareTo(headingIn, headingOut);
  const axis = unit(headingIn);
  if (!side || !axis) return { points: null, rollDegrees: 0 };
  const ways = HEADINGS.flatMap((heading) => {
    const base = squareTo(headingIn, HEADING_VECTORS[heading]);
    if (!base) return [];
    const degrees = (Math.atan2(dot(cross(base, side), axis), dot(base, side)) * 180) / Math.PI;
    return [{ heading, degrees }];
  });
  const nearest = ways.toSorted((a, b) => Math.abs(a.degrees) - Math.abs(b.degrees))[0];
  if (!nearest) return { points: null, rollDegrees: 0 };
  const roll = Math.abs(nearest.degrees) < 0.01 ? 0 : Math.round(nearest.degrees * 1000) / 1000;
  return { points: nearest.heading, rollDegrees: roll };
}

/** Directions nearer to each other than this are one: a length along them cannot be told from the other's. */
const ALIKE = 0.1;

/** Which pieces may take their lengths from both ends: as many as point different ways, the longest first, then the last. */
function follow({ goes, cutsM }: BentWay<Fitted>): ReadonlySet<number> {
  const basis: Vector[] = [];
  const free = new Set<number>();
  const long = (place: number): number => cutsM[place] ?? 0;
  const longest = goes.map((_, place) => place).toSorted((a, b) => long(b) - long(a) || b - a);
  for (const place of longest) {
    const way = goes[place];
    if (!way) continue;
    const rest = basis.reduce((left, one) => plus(left, times(one, -dot(left, one))), way);
    const square = unit(rest);
    if (!square || lengthOf(rest) < ALIKE) continue;
    basis.push(square);
    free.add(place);
  }
  return free;
}

/** More than this a piece rises or falls, and is no level piece [share of its length]. */
const LEVEL = 0.03;

/**
 * A way as links: a piece of pipe, then each bend with the piece behind it. Pieces that follow have no length.
 *
 * @param fallShare  by how much every level piece behind a bend falls for its length; absent: it stays level
 * @param say        how bends are said to point, where the run is said from elsewhere
 */
export function bentLinks(
  way: BentWay<Fitted>,
  pipe: Part,
  fallShare?: number,
  say: Pointing = pointed,
): readonly [ChainLink, ...ChainLink[]] {
  const { bends, goes, cutsM } = way;
  const free = follow(way);
  const falls = (place: number): boolean => place > 0 && Math.abs(goes[place]?.up ?? 1) < LEVEL;
  const piece = (place: number): ChainLink => ({
    part: pipe,
    endIn: 0,
    endOut: 1,
    lengthM: free.has(place) ? null : (cutsM[place] ?? null),
    ...(fallShare !== undefined && falls(place) ? { said: { slope: falling(fallShare) } } : {}),
  });
  const behind = bends.flatMap(({ part }, place): readonly ChainLink[] => [
    {
      part,
      endIn: 0,
      endOut: 1,
      said: say(goes[place] ?? HEADING_VECTORS.out, goes[place + 1] ?? HEADING_VECTORS.out),
    },
    piece(place + 1),
  ]);
  return [piece(0), ...behind];
}

/**
 * Bends and pipe that close a gap: put in behind the last piece of pipe before the end, which is cut anew. What comes
 * before it stays as it is, what comes after goes with the end.
 */
export function bridges({ path, wanted, strand }: EndGap, whole: CheckContext): readonly Proposal[] {
  const own = path.slice(-strand.items.length);
  const at = own.findLastIndex(({ part, placed }) => isByLength(part) && !isFlexible(part) && !placed.existing);
  const piece = own[at];
  const tail = own.slice(at + 1);
  const joint = jointAfter(strand.items, at, strand.end);
  if (!piece || !joint || tail.some(({ part }) => looksSomewhere(part) || isFlexible(part))) return [];
  const made = bendsFor(piece.part, whole, whole.judgedOf(joint.id)?.service);
  const last = tail.at(-1);
  if (made.length === 0) return [];
  const tailM = last ? distance(last.to, piece.to) : 0;
  const from: LineEnd = { at: piece.from, goes: piece.headingIn };
  const to: LineEnd = { at: plus(wanted.at, times(wanted.goes, -tailM)), goes: wanted.goes };
  const leastM = 2 * Math.max(...made.map(({ depthM }) => depthM));
  return bendsBetween(from, to, made, leastM)
    .filter(({ bends }) => bends.length > 0)
    .slice(0, MOST_WAYS)
    .map((way) => proposalOf(way, piece, joint, whole));
}

/** The joint on the far side of a part of a strand. */
function jointAfter(items: readonly StrandItem[], at: number, end: EndGap['strand']['end']): Joint | undefined {
  return items[at + 1]?.jointIn ?? ('joint' in end ? end.joint : undefined);
}

function proposalOf(
  way: BentWay<Fitted>,
  { placed, part: pipe }: Leg,
  joint: Joint,
  { said, job }: CheckContext,
): Proposal {
  const { bends, cutsM } = way;
  const [{ lengthM = null }, ...links] = bentLinks(way, pipe);
  const moreM = cutsM.slice(1).reduce((sum, cut) => sum + cut, 0);
  const priceUsd = bends.reduce((sum, { part }) => sum + part.priceUsd, 0) + moreM * pipe.priceUsd;
  const outward = joint.a.of === 'part' && joint.a.id === placed.id;
  const chain = insertChain(job, joint.id, { links: outward ? links : turnedRound(links), priceUsd }, '');
  const own = said.parts.find(({ id }) => id === placed.id) ?? placed;
  return {
    ...chain,
    text: 'Put in {bends} and {pipe} of pipe',
    data: { bends: bendWords(bends), pipe: { lengthM: moreM } },
    edits: [...(own.lengthM === lengthM ? [] : [setField('parts', own, 'lengthM', lengthM)]), ...chain.edits],
  };
}

/** '2 elbows 45', 'an elbow and an elbow 22-1/2'. */
function bendWords(bends: readonly Fitted[]): string {
  const counts = new Map<string, number>();
  for (const { part } of bends) counts.set(part.name.toLowerCase(), (counts.get(part.name.toLowerCase()) ?? 0) + 1);
  return [...counts]
    .map(([name, count]) => (count === 1 ? `an ${name}` : `${count} ${name.replace('elbow', 'elbows')}`))
    .join(' and ');
}
