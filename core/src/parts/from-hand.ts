import type { PartsList } from './parts-list';

/** So many of a code. */
export interface Counted {
  readonly code: string;
  readonly count: number;
}

/** The same in the order of the codes, whatever order a database gave them in. */
export const inCodeOrder = (some: readonly Counted[]): readonly Counted[] =>
  some.toSorted((a, b) => (a.code < b.code ? -1 : 1));

/** What a list takes from what is on hand, each code once, in the order of the codes. */
export function takenFromHand({ groups }: Pick<PartsList, 'groups'>): readonly Counted[] {
  const counts = new Map<string, number>();
  for (const { code, fromHand = 0 } of groups.flatMap(({ lines }) => lines))
    if (fromHand > 0) counts.set(code, (counts.get(code) ?? 0) + fromHand);
  return inCodeOrder([...counts].map(([code, count]) => ({ code, count })));
}
