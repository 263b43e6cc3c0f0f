import { isMetal } from '../connections/material';
import type { RunSight } from '../derived/context';
import { type Run, type StrandItem, itemsOfRun } from '../derived/run';
import { type Leg, coursesOf } from './course';
import type { AssemblyStep } from './order';
import { type Vector, lengthOf, plus, times } from './vector';

/** So near a flame, plastic and rubber soften: within a hand and a half along the metal (common practice, no source) [m]. */
const HEAT_M = 0.3;

const apartM = (a: Vector, b: Vector): number => lengthOf(plus(a, times(b, -1)));
const nearestM = (leg: Leg, at: Vector): number =>
  Math.min(...[leg.from, leg.through, leg.to].map((one) => apartM(one, at)));

/** Where two parts meet, by their courses: the nearest of their ends. */
function meetAt(a: Leg, b: Leg): Vector {
  const [nearest = a.to] = [a.from, a.to, ...[...a.branches.values()].map(({ from }) => from)].toSorted(
    (one, other) => nearestM(b, one) - nearestM(b, other),
  );
  return nearest;
}

/**
 * What would be spoilt by the flame at each step that is soldered: the nearest part of plastic or rubber that stands there
 * by then. A length that nobody has said counts as it is drawn.
 */
export function spoiltByHeat(
  steps: readonly AssemblyStep[],
  run: Run,
  context: RunSight,
): ReadonlyMap<AssemblyStep, StrandItem> {
  const items = new Map(itemsOfRun(run).map((item) => [item.placed.id, item]));
  const legs = new Map(
    [...(coursesOf(context).get(run.penetration.id)?.strands ?? [])].flat().map((leg) => [leg.placed.id, leg]),
  );
  const standing = new Set(itemsOfRun(run).flatMap(({ placed }) => (placed.existing ? [placed.id] : [])));
  const spoilt = new Map<AssemblyStep, StrandItem>();
  for (const step of steps) {
    const { judged, brought } = step;
    const met = judged ? [judged.a.ref, judged.b.ref].flatMap((ref) => (ref.of === 'part' ? [ref.id] : [])) : [];
    const [a, b] = met.map((id) => legs.get(id));
    if (a && b && judged?.mating.needs.some(({ kind }) => kind === 'solder')) {
      const at = meetAt(a, b);
      const [nearest] = [...standing]
        .flatMap((id) => {
          const [leg, item] = [legs.get(id), items.get(id)];
          return leg && item && !isMetal(item.part.material) ? [{ item, farM: nearestM(leg, at) }] : [];
        })
        .filter(({ farM }) => farM < HEAT_M)
        .toSorted((one, other) => one.farM - other.farM);
      if (nearest) spoilt.set(step, nearest.item);
    }
    for (const id of [...met, ...(brought ? [brought.placed.id] : [])]) standing.add(id);
  }
  return spoilt;
}
