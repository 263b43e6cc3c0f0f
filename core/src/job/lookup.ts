import type { Role } from '../walls/roles';
import { memoize } from '../quantity/memoize';
import type { Tank } from '../walls/tank';
import type { Job, Penetration } from './job';

/** The tank an opening is in; undefined where the document names one that is not there. */
export const tankOf = (
  { tanks }: Pick<Job, 'tanks'>,
  hole: Pick<Penetration, 'tankId'> | undefined,
): Tank | undefined => (hole === undefined ? undefined : tanksById(tanks).get(hole.tankId));

const tanksById = memoize((tanks: Job['tanks']) => byId(tanks));
const holesById = memoize((penetrations: Job['penetrations']) => byId(penetrations));

const byId = <Item extends { readonly id: string }>(list: readonly Item[]): ReadonlyMap<string, Item> =>
  new Map(list.map((item) => [item.id, item]));

/** What is listed, by what it belongs to, in the order of the list. */
const grouped = <Item>(list: readonly Item[], keyOf: (item: Item) => string): ReadonlyMap<string, readonly Item[]> => {
  const groups = new Map<string, Item[]>();
  for (const item of list) {
    const own = groups.get(keyOf(item));
    if (own) own.push(item);
    else groups.set(keyOf(item), [item]);
  }
  return groups;
};
const NO_HOLES: readonly Penetration[] = [];
const holesByTank = memoize((penetrations: Job['penetrations']) => grouped(penetrations, ({ tankId }) => tankId));

/** An opening by its id; undefined where there is none. */
export const holeById = (
  { penetrations }: Pick<Job, 'penetrations'>,
  id: string | undefined,
): Penetration | undefined => (id === undefined ? undefined : holesById(penetrations).get(id));

/** The openings of a tank, with one of these roles where any is named. */
export const holesOf = (
  { penetrations }: Pick<Job, 'penetrations'>,
  tankId: string,
  ...roles: readonly Role[]
): readonly Penetration[] =>
  roles.length === 0
    ? (holesByTank(penetrations).get(tankId) ?? NO_HOLES)
    : (holesByTank(penetrations).get(tankId) ?? NO_HOLES).filter((hole) =>
        hole.roles.some((role) => roles.includes(role)),
      );
