import type { PartsList } from './parts-list';

/** So many of a code. */
export interface Counted {
  readonly code: string;
  readonly count: number;
}

/** What a list takes from what is on hand, each code once, in the order of the codes. */
export function takenFromHand({ groups }: Pick<PartsList, 'groups'>): readonly Counted[] {
  const counts = new Map<string, number>();
  for (const { code, fromHand = 0 } of groups.flatMap(({ lines }) => lines))
    if (fromHand > 0) counts.set(code, (counts.get(code) ?? 0) + fromHand);
  return [...counts].map(([code, count]) => ({ code, count })).sort((a, b) => (a.code < b.code ? -1 : 1));
}
