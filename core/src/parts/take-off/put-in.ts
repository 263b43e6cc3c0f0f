import type { CheckContext } from '../../derived/context';
import type { Penetration } from '../../job/job';
import { type Run, type StrandItem, itemsOfRun } from '../../derived/run';
import { gather } from '../../quantity/gather';
import { memoize } from '../../quantity/memoize';
import { type Use, useOfPart } from '../list/trace';

/** A part that is to be put in, and where. */
export interface PutIn extends Pick<StrandItem, 'placed' | 'part'> {
  readonly penetration: Penetration;
  readonly use: Use;
}

const newOnRun = memoize((run: Run): readonly PutIn[] =>
  itemsOfRun(run)
    .filter(({ placed }) => !placed.existing)
    .map(({ placed, part }) => ({
      placed,
      part,
      penetration: run.penetration,
      use: useOfPart(placed.id, run.penetration),
    })),
);

/** The parts of each run that are to be put in, by its opening; what hangs on two openings counts with the first. */
export const putInByRun = memoize(({ runs }: CheckContext): ReadonlyMap<string, readonly PutIn[]> => {
  const seen = new Set<string>();
  return new Map(
    runs.map((run) => [
      run.penetration.id,
      newOnRun(run).filter(({ placed }) => !seen.has(placed.id) && seen.add(placed.id)),
    ]),
  );
});

/** Every part that is to be put in, in the order of the runs, each once. */
export const putIn = memoize((context: CheckContext): readonly PutIn[] =>
  gather(putInByRun(context).values(), (own) => own),
);
