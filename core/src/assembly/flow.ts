import type { RunSight } from '../derived/context';
import { DRAWS, FILLS, type Role } from '../walls/roles';
import type { Run, Strand } from '../derived/run';
import { memoize } from '../quantity/memoize';

/** Roles in which water leaves the tank. */
const LEAVES: readonly Role[] = [...DRAWS, 'overflow', 'drain'];

/** Which way the water goes along a strand, seen from its start; undefined where it goes both ways, or where only air does. */
export type Flow = 'onward' | 'back' | undefined;

/** How the water goes in a strand of a run: by the roles of its opening; what hangs on the inside runs the other way. */
export function flowOf({ penetration: { roles } }: Run, strand: Strand, { index }: RunSight): Flow {
  const [leaves, fills] = [LEAVES, FILLS].map((some) => roles.some((role) => some.includes(role)));
  if (leaves === fills) return undefined;
  const { from } = strand;
  const inside = from.of === 'part' && index.placed(from.id)?.part.ends[from.end]?.position === 'inside';
  return leaves === inside ? 'back' : 'onward';
}

/** Runs that two openings share are walked from both: those that are reached first, each line once. */
export const runsOnce: (context: RunSight) => readonly Run[] = memoize(({ runs, job }: RunSight) => {
  const order = new Map(job.penetrations.map(({ id }, place) => [id, place]));
  return runs.map((run) => {
    const isSecond = ({ end }: Strand): boolean =>
      end.at === 'hole' && (order.get(end.id) ?? 0) <= (order.get(run.penetration.id) ?? 0);
    return run.strands.some(isSecond) ? { ...run, strands: run.strands.filter((strand) => !isSecond(strand)) } : run;
  });
});
