import type { End } from '../connections/end';
import { formatEnd } from '../connections/format';
import { judge } from '../connections/mate';
import { holdsAtAll } from '../connections/mating';
import { CAPABILITIES, type Capability } from '../fittings/capability';
import type { Catalogue } from '../fittings/catalogue';
import type { Part } from '../fittings/part';
import { type Gap, findGap } from './find-gap';
import { Heap } from './heap';
import { type EdgeCosts, edgeCosts } from './edge-costs';
import { type RouteWishes, type Weighing, priceInChain, weigh } from './leans';
import { type Meeting, type OpenEnd, type WayIndex, wayIndex } from './way-index';

/** One part of a route: which of its ends faces the start. */
export interface RouteLink {
  readonly part: Part;
  readonly endIn: number;
  readonly endOut: number;
}

/** A chain of parts in which every joint holds. */
export interface Route {
  readonly links: readonly RouteLink[];
  /** What its parts cost; what is sold by length counts with a short piece. */
  readonly priceUsd: number;
  /** Infinite where no part stands between. */
  readonly smallestBoreMm: number;
  /** What it was ranked by; means nothing beyond one search. */
  readonly cost: number;
}

export interface RouteOptions extends RouteWishes {
  /** Does the last part join what is at `to`, or is `to` the end that it shall itself offer? */
  readonly target?: 'joins' | 'offers';
  /** Most parts in a chain. */
  readonly mostParts?: number | undefined;
  readonly limit?: number | undefined;
  /** Which way the water goes, seen from `from`; not said: onward. No part that it passes one way only stands against it. */
  readonly flow?: 'onward' | 'back' | undefined;
}

export interface Routes {
  readonly routes: readonly Route[];
  /** Where there is none: the one part which, if it could be had, would close it. */
  readonly gap?: Gap;
  /** What was asked for that no chain has, where there would be one without. */
  readonly unmet?: readonly Capability[];
}

const DEFAULT_LIMIT = 5;
const DEFAULT_MOST_PARTS = 6;
/** Routes so much worse than the best are looked at first, then twice as far, so often; then it is enough. */
const FIRST_MARGIN = 1.5;
const WIDENINGS = 3;
/** A search that has looked at so many chains gives what it has. */
const MOST_LOOKS = 30_000;

/**
 * The best chains through the whole catalogue between two open ends, cheapest by the wishes first.
 *
 * Backwards from the target, the least cost of finishing is worked out for every node and every set of requirements
 * still open (Dijkstra); then chains are grown from the start in the order of what they will have cost, so that the
 * first that arrive are the best. Chains that differ only in what they are made of are one.
 *
 * @param from,to  the ends as they stand: `2 NPT M` is a male thread that sticks out
 * @returns at most `limit` routes; none, with the gap, where the catalogue has no way
 */
export function findRoutes(from: OpenEnd, to: OpenEnd, catalogue: Catalogue, options: RouteOptions = {}): Routes {
  const index = wayIndex(catalogue, options.flow, from.service ?? to.service);
  const routes = searchRoutes(index, from, to, options);
  if (routes.length > 0) return { routes };
  const { require = [] } = options;
  if (require.length > 0 && searchRoutes(index, from, to, { ...options, require: [], limit: 1 }).length > 0)
    return { routes, unmet: require };
  const gap = findGap(index, from, to, options);
  return gap ? { routes, gap } : { routes };
}

/** A search prepared: the cheapest passage of every edge, and what it does of what is asked. */
interface Task extends EdgeCosts {
  readonly index: WayIndex;
  readonly masks: Uint8Array;
  readonly full: number;
  readonly weighing: Weighing;
  readonly starts: readonly Meeting[];
  /** What it costs to stop at a node; absent where one cannot. */
  readonly stops: ReadonlyMap<number, number>;
  readonly options: RouteOptions;
}

function searchRoutes(index: WayIndex, from: OpenEnd, to: OpenEnd, options: RouteOptions): readonly Route[] {
  const task = prepare(index, from, to, options);
  if (task.full === 0 && standsAlready(from, to, options))
    return [{ links: [], priceUsd: 0, smallestBoreMm: Number.POSITIVE_INFINITY, cost: 0 }];
  const { limit = DEFAULT_LIMIT } = options;
  const hops = fewestPartsToGo(task);
  let found: readonly Route[] = [];
  for (let widening = 0, margin = FIRST_MARGIN; widening < WIDENINGS; widening++, margin *= 2) {
    const remaining = costToGo(task, margin);
    if (remaining.best === Number.POSITIVE_INFINITY) return [];
    found = expandChains(task, remaining, hops, from.end, limit, remaining.best + margin);
    if (found.length >= limit) break;
  }
  return found;
}

const standsAlready = (from: OpenEnd, to: OpenEnd, { target = 'joins' }: RouteOptions): boolean =>
  target === 'offers'
    ? formatEnd(from.end) === formatEnd(to.end)
    : holdsAtAll(
        judge(from.end, to.end, { a: from.material, b: to.material, service: from.service ?? to.service }).verdict,
      );

function prepare(index: WayIndex, from: OpenEnd, to: OpenEnd, options: RouteOptions): Task {
  const { require = [], target = 'joins' } = options;
  const weighing = weigh(options, [from.end, to.end]);
  const bits = CAPABILITIES.flatMap((one, bit) => (require.includes(one) ? [1 << bit] : []));
  const { costs, chosen } = edgeCosts(index, weighing);
  const masks = Uint8Array.from(index.edges, ({ does }) =>
    bits.reduce((mask, bit, asked) => (does & bit ? mask | (1 << asked) : mask), 0),
  );
  const stops = new Map<number, number>();
  if (target === 'offers') for (const node of index.nodesWith(to.end)) stops.set(node, 0);
  else for (const { node, glued } of index.meetingsOf(to)) stops.set(node, weighing.ofJoint(glued));
  return {
    index,
    costs,
    chosen,
    masks,
    full: (1 << bits.length) - 1,
    weighing,
    starts: index.meetingsOf(from),
    stops,
    options,
  };
}

/** The least it costs to finish: from standing at a node, and from being about to enter one; by what is done so far. */
interface CostToGo {
  readonly standing: Float64Array;
  readonly entering: Float64Array;
  readonly best: number;
}

function costToGo({ index, costs, masks, full, weighing, starts, stops }: Task, margin: number): CostToGo {
  const many = full + 1;
  const count = index.nodes.length * many;
  const standing = new Float64Array(count).fill(Number.POSITIVE_INFINITY);
  const entering = new Float64Array(count).fill(Number.POSITIVE_INFINITY);
  const settled = new Uint8Array(2 * count);
  const startCost = new Map(starts.map(({ node, glued }) => [node, weighing.ofJoint(glued)]));
  const heap = new Heap();
  for (const [node, cost] of stops) {
    standing[node * many + full] = cost;
    heap.push(cost, node * many + full);
  }
  let best = Number.POSITIVE_INFINITY;
  while (heap.size > 0 && heap.lowest <= best + margin) {
    const cost = heap.lowest;
    const state = heap.pop();
    if (settled[state]) continue;
    settled[state] = 1;
    const enters = state >= count;
    const at = enters ? state - count : state;
    const [node, mask] = [Math.floor(at / many), at % many];
    if (enters) {
      const start = mask === 0 ? startCost.get(node) : undefined;
      if (start !== undefined) best = Math.min(best, cost + start);
      for (const { node: before, glued } of index.meets[node] ?? []) {
        const next = before * many + mask;
        const total = cost + weighing.ofJoint(glued);
        if (total >= (standing[next] ?? 0)) continue;
        standing[next] = total;
        heap.push(total, next);
      }
      continue;
    }
    for (const edge of index.leaving[node] ?? []) {
      const total = cost + (costs[edge] ?? 0);
      if (total === Number.POSITIVE_INFINITY) continue;
      const does = masks[edge] ?? 0;
      if ((does & ~mask) !== 0) continue;
      const near = (index.edges[edge]?.near ?? 0) * many;
      // What was done before this part: all that is done after it, less any share of what the part does.
      for (let kept = does; ; kept = (kept - 1) & does) {
        const next = near + ((mask & ~does) | kept);
        if (total < (entering[next] ?? 0)) {
          entering[next] = total;
          heap.push(total, next + count);
        }
        if (kept === 0) break;
      }
    }
  }
  return { standing, entering, best };
}

/**
 * The fewest parts with which a chain can be finished from standing at a node, by what is done so far; breadth first
 * from the target, whatever they cost. 255: there is no way.
 */
function fewestPartsToGo({ index, costs, masks, full, stops }: Task): Uint8Array {
  const many = full + 1;
  const fewest = new Uint8Array(index.nodes.length * many).fill(NO_WAY);
  let front = [...stops.keys()].map((node) => node * many + full);
  for (const state of front) fewest[state] = 0;
  for (let parts = 1; front.length > 0 && parts < NO_WAY; parts++) {
    const next: number[] = [];
    for (const state of front) {
      const [node, mask] = [Math.floor(state / many), state % many];
      for (const edge of index.leaving[node] ?? []) {
        const does = masks[edge] ?? 0;
        if (costs[edge] === Number.POSITIVE_INFINITY || (does & ~mask) !== 0) continue;
        for (const { node: before } of index.meets[index.edges[edge]?.near ?? -1] ?? [])
          for (let kept = does; ; kept = (kept - 1) & does) {
            const earlier = before * many + ((mask & ~does) | kept);
            if (fewest[earlier] === NO_WAY) {
              fewest[earlier] = parts;
              next.push(earlier);
            }
            if (kept === 0) break;
          }
      }
    }
    front = next;
  }
  return fewest;
}

const NO_WAY = 255;

/** A chain that is still grown: its last part and all before it. */
interface Expansion {
  readonly node: number;
  readonly endId: number;
  readonly mask: number;
  readonly spent: number;
  readonly edge: number;
  readonly parts: number;
  readonly before: Expansion | undefined;
  /** Stands for the ends it has passed and what it has done: what tells one chain from another. */
  readonly signature: number;
}

function expandChains(
  { index, costs, chosen, masks, full, weighing, starts, stops, options }: Task,
  { standing, entering }: CostToGo,
  hops: Uint8Array,
  from: End,
  limit: number,
  budget: number,
): readonly Route[] {
  const { mostParts = DEFAULT_MOST_PARTS } = options;
  const many = full + 1;
  const waiting: Expansion[] = [];
  const finishing: boolean[] = [];
  const heap = new Heap();
  const push = (expansion: Expansion, total: number, finish: boolean): void => {
    heap.push(total, waiting.length);
    waiting.push(expansion);
    finishing.push(finish);
  };
  const startId = index.nodes[index.nodesWith(from)[0] ?? -1]?.endId ?? -1;
  const signatures = new Map<number, number>();
  const signatureOf = (before: number, near: number, far: number, mask: number): number => {
    const key = ((before * MOST_ENDS + near) * MOST_ENDS + far) * many + mask;
    let known = signatures.get(key);
    if (known === undefined) signatures.set(key, (known = signatures.size + 1));
    return known;
  };
  const grow = (last: Expansion | undefined, meetings: readonly Meeting[]): void => {
    const [mask, spent, parts] = [last?.mask ?? 0, last?.spent ?? 0, last?.parts ?? 0];
    if (parts >= mostParts) return;
    for (const { node: near, glued } of meetings) {
      const joint = weighing.ofJoint(glued);
      if (spent + joint + (entering[near * many + mask] ?? 0) > budget) continue;
      for (const edge of index.entering[near] ?? []) {
        const done = mask | (masks[edge] ?? 0);
        const through = spent + joint + (costs[edge] ?? 0);
        const far = index.edges[edge]?.far ?? 0;
        const total = through + (standing[far * many + done] ?? 0);
        if (total > budget || parts + 1 + (hops[far * many + done] ?? NO_WAY) > mostParts) continue;
        const endId = index.nodes[far]?.endId ?? 0;
        if (goesRound(last, endId, done) || (endId === startId && done === 0)) continue;
        const signature = signatureOf(last?.signature ?? 0, index.nodes[near]?.endId ?? 0, endId, done);
        if (seen[signature]) continue;
        const next = { node: far, endId, mask: done, spent: through, edge, parts: parts + 1, before: last, signature };
        const stop = done === full ? stops.get(far) : undefined;
        // Where it could stop, going on is never better.
        if (stop === undefined) push(next, total, false);
        else push(next, through + stop, true);
      }
    }
  };
  const seen: boolean[] = [];
  grow(undefined, starts);
  const found: Route[] = [];
  for (let looks = 0; heap.size > 0 && found.length < limit && looks < MOST_LOOKS; looks++) {
    const cost = heap.lowest;
    const at = heap.pop();
    const expansion = waiting[at];
    if (!expansion || seen[expansion.signature]) continue;
    seen[expansion.signature] = true;
    if (finishing[at]) found.push(routeOf(expansion, index, chosen, cost));
    else grow(expansion, index.meets[expansion.node] ?? []);
  }
  return found;
}

/** More different ends than any catalogue has: makes one number of several. */
const MOST_ENDS = 2 ** 13;

/** Does the chain come back to an end it had before, without having done anything new? */
function goesRound(last: Expansion | undefined, endId: number, mask: number): boolean {
  for (let at = last; at; at = at.before) if (at.endId === endId && at.mask === mask) return true;
  return false;
}

function routeOf(last: Expansion, index: WayIndex, chosen: EdgeCosts['chosen'], cost: number): Route {
  const links: RouteLink[] = [];
  for (let at: Expansion | undefined = last; at; at = at.before) {
    const passage = chosen[at.edge];
    const passer = passage && index.passers[passage.passer];
    if (passer) links.unshift({ part: passer.part, endIn: passage.endIn, endOut: passage.endOut });
  }
  return {
    links,
    priceUsd: links.reduce((sum, { part }) => sum + priceInChain(part), 0),
    smallestBoreMm: Math.min(...links.map(({ part }) => part.boreMm)),
    cost,
  };
}
