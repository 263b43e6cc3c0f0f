import type { CheckContext, RunSight } from '../derived/context';
import { baseLevelM } from '../derived/set-out';
import { sealOf } from '../derived/resolve';
import type { StrandItem } from '../derived/run';
import { strandsOf } from '../derived/strands';
import type { Penetration } from '../job/job';
import { holesOf } from '../job/lookup';
import type { Tank } from '../walls/tank';
import { courseOf, isInside } from './course';

/** A pump that hangs in a tank, under the opening whose line it feeds. */
export interface PumpInside {
  readonly hole: Penetration;
  readonly item: StrandItem;
  /** What it hangs on, from the wall on. */
  readonly before: readonly StrandItem[];
}

/** Every pump of the parts that hangs on the inside of an opening of a tank. */
export const pumpsInside = (tank: Tank, context: RunSight): readonly PumpInside[] =>
  holesOf(context.job, tank.id).flatMap((hole) =>
    strandsOf(hole, context.runs)
      // Of a line that goes on through another chamber only what hangs behind this wall.
      .filter(({ from }) => from.id === sealOf(hole.id, context.index)?.placed.id)
      .filter(({ from }) => from.of === 'part' && isInside(from, context))
      .flatMap(({ items }) =>
        items.flatMap((item, place) => (item.part.pump ? [{ hole, item, before: items.slice(0, place) }] : [])),
      ),
  );

/**
 * How high the pumps of the parts draw, by the opening that they hang behind [m above the base]: at the lower end of each, as its
 * line lies. Levels rest on it, so that it asks for none.
 */
export const intakesOf = (context: CheckContext): ReadonlyMap<string, number> =>
  new Map(
    context.job.tanks.flatMap((tank) =>
      pumpsInside(tank, context).flatMap(({ hole, item }) => {
        const run = context.runs.find(({ penetration }) => penetration.id === hole.id);
        const leg =
          run &&
          courseOf(run, context)
            .strands.flat()
            .find(({ placed }) => placed.id === item.placed.id);
        return leg ? [[hole.id, Math.min(leg.from.up, leg.to.up) - baseLevelM(tank, context.job)] as const] : [];
      }),
    ),
  );
