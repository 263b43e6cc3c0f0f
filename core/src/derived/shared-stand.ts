import type { Job } from '../job/job';
import { memoize, reuseEqual } from '../quantity/memoize';
import type { Tank } from '../walls/tank';

/** The tank whose stand a tank stands on: itself, or the one at the end of those it names; one that comes round to itself names none. */
export function standHolder(tank: Tank, tanks: readonly Tank[]): Tank {
  const seen = new Set<string>();
  let holder = tank;
  while (holder.onStandOf !== null) {
    seen.add(holder.id);
    const next = tanks.find(({ id }) => id === holder.onStandOf);
    if (!next) return holder;
    if (seen.has(next.id)) return tank;
    holder = next;
  }
  return holder;
}

/** Does it stand on what carries another? */
export const isGuest = (tank: Tank, tanks: readonly Tank[]): boolean => standHolder(tank, tanks) !== tank;

/** All that stand on the stand of a tank, itself first. */
export const standingWith = (holder: Tank, tanks: readonly Tank[]): readonly Tank[] => [
  holder,
  ...tanks.filter((tank) => tank !== holder && standHolder(tank, tanks) === holder),
];

/** What a shared stand decides of a tank. */
const ofStand = ({ plinthM, buriedM, base, planks, ratedKg, baseStands, groundId }: Tank) => ({
  plinthM,
  buriedM,
  base,
  planks,
  ratedKg,
  baseStands,
  groundId,
});
const standsAgain = reuseEqual<Tank, Tank>();

const resolved = memoize((tanks: Job['tanks']): Job['tanks'] =>
  tanks.some(({ onStandOf }) => onStandOf !== null)
    ? tanks.map((tank) => {
        const holder = standHolder(tank, tanks);
        return holder === tank ? tank : standsAgain(tank, { ...tank, ...ofStand(holder) });
      })
    : tanks,
);
const withStands = memoize((job: Job): Job => ({ ...job, tanks: resolved(job.tanks) }));

/** The same job in which every tank stands as high as the stand that it shares. */
export const onSharedStands = (job: Job): Job => (resolved(job.tanks) === job.tanks ? job : withStands(job));

/** A tank with what its stand decided, for when it stands by itself again. */
export const byItself = (tank: Tank, tanks: readonly Tank[]): Tank => ({
  ...tank,
  ...ofStand(standHolder(tank, tanks)),
  onStandOf: null,
});
