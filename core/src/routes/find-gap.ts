import { counterpart } from '../connections/counterpart';
import type { End } from '../connections/end';
import { formatEnd } from '../connections/format';
import { CONTAINER_THREADS } from '../connections/standards/containers';
import type { Part } from '../fittings/part';
import { sizeInInches } from '../quantity/size';
import { Heap } from './heap';
import { type RouteWishes, type Weighing, weigh } from './leans';
import { type EdgeCosts, edgeCosts } from './edge-costs';
import type { Meeting, OpenEnd, WayIndex } from './way-index';

/** The one part that is missing, with the parts before and after it that are there. */
export interface Gap {
  /** In end notation: `2 cam coupler x S60x6 F`. */
  readonly part: string;
  readonly ends: readonly [End, End];
  readonly before: readonly Part[];
  readonly after: readonly Part[];
}

/** How far either side of the gap is looked at: the nearest nodes only. */
const NEAREST = 250;
/** A part that goes from one size to another twice as large counts as so many parts more. */
const SIZE_STEP = 1.2;
/** Nobody makes an adapter to a container's thread for the sake of going on from there. */
const CONTAINER = 1;
const isContainer = (end: End): boolean =>
  end.kind === 'thread' && CONTAINER_THREADS.some(({ id }) => id === end.standard);

interface Reached {
  readonly end: End;
  readonly cost: number;
  readonly parts: readonly Part[];
}

/** A side of the gap: the end that the missing part would have there. */
interface Side extends Reached {
  readonly wanted: End;
  readonly logSize: number;
}

/**
 * The single part that would close two ends between which the catalogue has no way: the one whose two ends are nearest
 * in size, with the fewest other parts. Requirements are left aside: first there must be a way at all.
 *
 * @returns undefined where one of the ends is of no standard, so that nothing goes with it by design
 */
export function findGap(
  index: WayIndex,
  from: OpenEnd,
  to: OpenEnd,
  wishes: RouteWishes & { readonly target?: 'joins' | 'offers' },
): Gap | undefined {
  const weighing = weigh({ ...wishes, require: [] }, [from.end, to.end]);
  const task = { index, weighing, ...edgeCosts(index, weighing) };
  const onwards = reach(task, from, 'onwards').flatMap((reached) => sideOf(reached, counterpart(reached.end)));
  const backwards =
    wishes.target === 'offers'
      ? sideOf({ end: to.end, cost: 0, parts: [] }, to.end)
      : reach(task, to, 'backwards').flatMap((reached) => sideOf(reached, counterpart(reached.end)));
  let best: readonly [Side, Side] | undefined;
  let least = Number.POSITIVE_INFINITY;
  for (const before of onwards)
    for (const after of backwards) {
      const cost = before.cost + after.cost + SIZE_STEP * Math.abs(before.logSize - after.logSize);
      if (cost >= least) continue;
      [best, least] = [[before, after], cost];
    }
  if (!best) return undefined;
  const [before, after] = best;
  return {
    part: `${formatEnd(before.wanted)} x ${formatEnd(after.wanted)}`,
    ends: [before.wanted, after.wanted],
    before: before.parts,
    after: after.parts.toReversed(),
  };
}

const sideOf = (reached: Reached, wanted: End | undefined): readonly Side[] =>
  wanted
    ? [
        {
          ...reached,
          wanted,
          cost: reached.cost + (isContainer(wanted) && reached.parts.length > 0 ? CONTAINER : 0),
          logSize: 'size' in wanted ? Math.log2(sizeInInches(wanted.size)) : 0,
        },
      ]
    : [];

interface Task extends EdgeCosts {
  readonly index: WayIndex;
  readonly weighing: Weighing;
}

/** The ends that can be left standing from one end, nearest first, itself included; backwards, those that lead to it. */
function reach(
  { index, weighing, costs, chosen }: Task,
  start: OpenEnd,
  way: 'onwards' | 'backwards',
): readonly Reached[] {
  const reached: Reached[] = [{ end: start.end, cost: 0, parts: [] }];
  const heap = new Heap();
  const waiting: (Reached & { readonly node: number })[] = [];
  const settled = new Set<number>();
  const goThrough = (at: Reached, meetings: readonly Meeting[]): void => {
    for (const { node, glued } of meetings)
      for (const edge of (way === 'onwards' ? index.entering : index.leaving)[node] ?? []) {
        const beyond = (way === 'onwards' ? index.edges[edge]?.far : index.edges[edge]?.near) ?? -1;
        const there = index.nodes[beyond];
        const passer = index.passers[chosen[edge]?.passer ?? -1];
        const cost = at.cost + weighing.ofJoint(glued) + (costs[edge] ?? 0);
        if (!there || !passer || cost === Number.POSITIVE_INFINITY || settled.has(beyond)) continue;
        heap.push(cost, waiting.length);
        waiting.push({ end: there.end, cost, parts: [...at.parts, passer.part], node: beyond });
      }
  };
  goThrough({ end: start.end, cost: 0, parts: [] }, index.meetingsOf(start));
  while (heap.size > 0 && reached.length < NEAREST) {
    const next = waiting[heap.pop()];
    if (!next || settled.has(next.node)) continue;
    settled.add(next.node);
    reached.push(next);
    goThrough(next, index.meets[next.node] ?? []);
  }
  return reached;
}
