import type { Role } from '../walls/roles';
import { remember } from '../quantity/remember';
import type { Tank } from '../walls/tank';
import type { Job, Penetration, Terminal } from './job';
import type { Run, Strand, StrandEnd } from './run';

/** The tank an opening is in; undefined where the document names one that is not there. */
export const tankOf = (
  { tanks }: Pick<Job, 'tanks'>,
  hole: Pick<Penetration, 'tankId'> | undefined,
): Tank | undefined => (hole === undefined ? undefined : tanksById(tanks).get(hole.tankId));

const tanksById = remember((tanks: Job['tanks']) => byId(tanks));
const holesById = remember((penetrations: Job['penetrations']) => byId(penetrations));

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
const holesByTank = remember((penetrations: Job['penetrations']) => grouped(penetrations, ({ tankId }) => tankId));

/** An opening by its id; undefined where there is none. */
export const holeById = (
  { penetrations }: Pick<Job, 'penetrations'>,
  id: string | undefined,
): Penetration | undefined => (id === undefined ? undefined : holesById(penetrations).get(id));

/** The openings of a tank, with one of these roles where any is named. */
export const holesOf = ({ penetrations }: Job, tankId: string, ...roles: readonly Role[]): readonly Penetration[] =>
  roles.length === 0
    ? (holesByTank(penetrations).get(tankId) ?? NO_HOLES)
    : (holesByTank(penetrations).get(tankId) ?? NO_HOLES).filter((hole) =>
        hole.roles.some((role) => roles.includes(role)),
      );

const runsByHole = remember((runs: readonly Run[]) => new Map(runs.map((run) => [run.penetration.id, run])));

/** What hangs on an opening; nothing where its run has not been walked. */
export const strandsOf = ({ id }: Pick<Penetration, 'id'>, runs: readonly Run[]): readonly Strand[] =>
  runsByHole(runs).get(id)?.strands ?? [];

/** The place where a strand ends; undefined where it ends elsewhere. */
export const placeAt = ({ terminals }: Pick<Job, 'terminals'>, end: StrandEnd | undefined): Terminal | undefined =>
  end?.at === 'terminal' ? terminals.find(({ id }) => id === end.id) : undefined;
