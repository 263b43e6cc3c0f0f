import { isMetal } from '../connections/material';
import type { RunSight } from '../derived/context';
import { type Run, type StrandItem, itemsOfRun } from '../derived/run';
import { type Leg, coursesOf } from './course';
import type { AssemblyStep } from './order';
import { type Vector, distance } from './vector';

/** So near a flame, plastic and rubber soften: within a hand and a half along the metal (common practice, no source) [m]. */
const HEAT_M = 0.3;

const nearestM = (leg: Leg, at: Vector): number =>
  Math.min(...[leg.from, leg.through, leg.to].map((one) => distance(one, at)));

/** Where two parts meet, by their courses: the nearest of their ends. */
function meetAt(a: Leg, b: Leg): Vector {
  const [nearest = a.to] = [a.from, a.to, ...[...a.branches.values()].map(({ from }) => from)].toSorted(
    (one, other) => nearestM(b, one) - nearestM(b, other),
  );
  return nearest;
}

/**
 * What would be spoilt by the flame at each step that is soldered: the nearest part of plastic or rubber that stands there
 * by then, in its place, or on the bench where that is where it is made. A length that nobody has said counts as it is drawn.
 */
export function spoiltByHeat(
  steps: readonly AssemblyStep[],
  run: Run,
  context: RunSight,
): ReadonlyMap<AssemblyStep, StrandItem> {
  const all = itemsOfRun(run);
  const items = new Map(all.map((item) => [item.placed.id, item]));
  const course = coursesOf(context).get(run.penetration.id);
  const legs = new Map((course?.strands ?? []).flat().map((leg) => [leg.placed.id, leg]));
  const inPlace = new Set(all.flatMap(({ placed }) => (placed.existing ? [placed.id] : [])));
  const onBench = new Set<string>();
  const spoilt = new Map<AssemblyStep, StrandItem>();
  for (const step of steps) {
    const { judged, brought, when } = step;
    const standing = when === 'bench' || when === 'bench-before' ? onBench : inPlace;
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
