import type { CheckContext } from '../job/context';
import type { Penetration } from '../job/job';
import type { StrandItem } from '../job/run';
import { remember, rememberBoth } from '../quantity/remember';
import { type Use, useOfPart } from './trace';

/** A part that is to be put in, and where. */
export interface PutIn extends Pick<StrandItem, 'placed' | 'part'> {
  readonly penetration: Penetration;
  readonly use: Use;
}

const putInAt = rememberBoth((penetration: Penetration, { placed, part }: StrandItem): PutIn => ({
  placed,
  part,
  penetration,
  use: useOfPart(placed.id, penetration),
}));

/** The parts of each run that are to be put in, by its opening; what hangs on two openings counts with the first. */
export const putInByRun = remember(({ runs }: CheckContext): ReadonlyMap<string, readonly PutIn[]> => {
  const seen = new Set<string>();
  return new Map(
    runs.map(({ penetration, strands }) => {
      const own: PutIn[] = [];
      for (const { items } of strands)
        for (const item of items)
          if (!item.placed.existing && !seen.has(item.placed.id)) {
            seen.add(item.placed.id);
            own.push(putInAt(penetration, item));
          }
      return [penetration.id, own];
    }),
  );
});

/** Every part that is to be put in, in the order of the runs, each once. */
export const putIn = remember((context: CheckContext): readonly PutIn[] => [...putInByRun(context).values()].flat());
