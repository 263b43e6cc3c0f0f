import { can } from '../fittings/capability';
import type { Part } from '../fittings/part';
import type { Penetration } from '../job/job';
import { holeById } from '../job/lookup';
import type { Tank } from '../walls/tank';
import type { RunSight } from './context';
import type { Run, Strand } from './run';

/** What water does not pass by itself both ways: a float valve, a pump, what lets it through one way. */
const stops = (part: Part): boolean =>
  part.features.includes('float-arm') || part.pump !== undefined || can(part, 'non-return');

/** A line from an opening of one tank to one of another through which their water stands level. */
export interface Link {
  readonly from: Penetration;
  readonly to: Penetration;
  readonly run: Run;
  readonly strand: Strand;
}

/** Out of the top of a tank nothing comes back by itself, unless somebody means it as a link: then it is a siphon. */
const evensOut = (from: Penetration, to: Penetration | undefined): boolean =>
  [from, to].every((hole) => hole?.face !== 'top') || [from, to].every((hole) => hole?.roles.includes('link'));

/** Lines through which water goes either way by itself; surplus that is led on from an overflow only goes on. */
export const linksOf = ({ job, runs }: Pick<RunSight, 'job' | 'runs'>): readonly Link[] =>
  runs.flatMap((run) =>
    run.strands.flatMap((strand) => {
      const { penetration: from } = run;
      const { end, items } = strand;
      const to = end.at === 'hole' ? holeById(job, end.id) : undefined;
      const leads = [from, to].some((hole) => hole?.roles.includes('overflow')) || !evensOut(from, to);
      return to && to.tankId !== from.tankId && !leads && !items.some(({ part }) => stops(part))
        ? [{ from, to, run, strand }]
        : [];
    }),
  );

/** The tanks in groups that share their water: joined by a line that it passes both ways. Groups keep the order of the tanks. */
export function linkedTanks(sight: Pick<RunSight, 'job' | 'runs'>): readonly (readonly Tank[])[] {
  const { tanks } = sight.job;
  const group = new Map(tanks.map(({ id }) => [id, id]));
  for (const { from, to } of linksOf(sight)) {
    const [keep, drop] = [group.get(from.tankId), group.get(to.tankId)];
    if (keep !== undefined && drop !== undefined) for (const [id, of] of group) if (of === drop) group.set(id, keep);
  }
  return [...new Set(group.values())].map((name) => tanks.filter(({ id }) => group.get(id) === name));
}
