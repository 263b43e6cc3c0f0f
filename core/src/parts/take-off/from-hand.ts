import type { OffCut, OwnCatalogue } from '../../fittings/own/own-part';
import type { PartsLine, PartsList } from '../list/parts-list';

/** So many of a code. */
export interface Counted {
  readonly code: string;
  readonly count: number;
}

/** What is somebody's own, with what other jobs than this have left over, and what this one has taken of what was on hand. */
export interface Entered extends OwnCatalogue {
  readonly offCuts: readonly OffCut[];
  readonly taken: readonly Counted[];
}

/** How many of a code there are among these. */
export const countOf = (some: readonly Counted[], code: string): number =>
  some.reduce((sum, one) => sum + (one.code === code ? one.count : 0), 0);

/** What is left of what is on hand, by code. */
export type OnHand = Map<string, number>;

/** Takes of what is left as many as are needed: how many are still to be bought, and what the line says of the others. */
export function takeOf(
  left: OnHand,
  code: string,
  need: number,
): { readonly buy: number; readonly said: Pick<PartsLine, 'note' | 'fromHand'> } {
  const fromHand = Math.min(need, left.get(code) ?? 0);
  left.set(code, (left.get(code) ?? 0) - fromHand);
  return { buy: need - fromHand, said: fromHand > 0 ? { note: `${fromHand} on hand`, fromHand } : {} };
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
