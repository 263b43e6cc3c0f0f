import { memoize } from '../quantity/memoize';

/** Ids made from ids grow; beyond this their end is cut off, the number tells them apart. */
const MOST_CHARS = 60;

type Named = readonly { readonly id: string }[];

const idsOf = memoize((list: Named): ReadonlySet<string> => new Set(list.map(({ id }) => id)));

/** Gives ids that are in use neither by these nor by what it gave before: `base`, or with the next number behind it. */
export function freshIds(used: Named): (base: string) => string {
  const standing = idsOf(used);
  const given = new Set<string>();
  const isTaken = (wanted: string): boolean => standing.has(wanted) || given.has(wanted);
  return (base) => {
    const short = base.slice(0, MOST_CHARS);
    let wanted = short;
    for (let number = 2; isTaken(wanted); number++) wanted = `${short}-${number}`;
    given.add(wanted);
    return wanted;
  };
}

/** An id that is not in use yet. */
export const freshId = (base: string, used: Named): string => freshIds(used)(base);
