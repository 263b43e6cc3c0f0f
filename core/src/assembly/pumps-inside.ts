import type { RunSight } from '../derived/context';
import type { StrandItem } from '../derived/run';
import { strandsOf } from '../derived/strands';
import type { Penetration } from '../job/job';
import { holesOf } from '../job/lookup';
import type { Tank } from '../walls/tank';
import { isInside } from './course';

/** A pump that hangs in a tank, under the opening whose line it feeds. */
export interface PumpInside {
  readonly hole: Penetration;
  readonly item: StrandItem;
}

/** Every pump of the parts that hangs on the inside of an opening of a tank. */
export const pumpsInside = (tank: Tank, context: RunSight): readonly PumpInside[] =>
  holesOf(context.job, tank.id).flatMap((hole) =>
    strandsOf(hole, context.runs)
      .filter(({ from }) => from.of === 'part' && isInside(from, context))
      .flatMap(({ items }) => items.filter(({ part }) => part.pump).map((item) => ({ hole, item }))),
  );
