import { holeById } from '../job/lookup';
import type { Tank } from '../walls/tank';
import type { RunSight } from './context';

/** The tanks in groups that share their water: joined by a run from one hole to another. Groups keep the order of the tanks. */
export function linkedTanks({ job, runs }: Pick<RunSight, 'job' | 'runs'>): readonly (readonly Tank[])[] {
  const group = new Map(job.tanks.map(({ id }) => [id, id]));
  for (const { penetration, strands } of runs)
    for (const { end } of strands) {
      if (end.at !== 'hole') continue;
      const other = holeById(job, end.id)?.tankId;
      const [keep, drop] = [group.get(penetration.tankId), group.get(other ?? '')];
      if (keep !== undefined && drop !== undefined) for (const [id, of] of group) if (of === drop) group.set(id, keep);
    }
  return [...new Set(group.values())].map((name) => job.tanks.filter(({ id }) => group.get(id) === name));
}
