/** Readings of one figure that differ by no more than this agree [m] (our judgement: a tape and a level in the hand). */
export const AGREE_M = 0.02;

const ROUNDING_M = 1e-9;

/** One figure that was read several times. */
export interface Settled {
  /** The average of what agrees [m]. */
  readonly valueM: number;
  /** From the lowest to the highest of those that were taken into the average [m]. */
  readonly spreadM: number;
  /** Which reading was left out as a blunder, by its place; undefined: none. */
  readonly blunder: number | undefined;
  /** `apart`: they differ, and a further one would say which is wrong. */
  readonly trouble: 'apart' | 'blunder' | undefined;
}

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
const spread = (values: readonly number[]): number =>
  values.length === 0 ? 0 : Math.max(...values) - Math.min(...values);

/**
 * A figure from several readings of it: their average, without the one that is far from the others while those agree.
 * @param each what each reading makes of it [m]; undefined where one makes nothing of it
 * @returns undefined where no reading makes anything of it
 */
export function settle(each: readonly (number | undefined)[]): Settled | undefined {
  const known = each.filter((value) => value !== undefined);
  if (known.length === 0) return undefined;
  const all = { valueM: mean(known), spreadM: spread(known), blunder: undefined };
  if (all.spreadM <= AGREE_M + ROUNDING_M) return { ...all, trouble: undefined };
  const middle = known.toSorted((a, b) => a - b)[Math.floor(known.length / 2)] ?? 0;
  const far = each.findIndex((value) => value !== undefined && Math.abs(value - middle) > AGREE_M + ROUNDING_M);
  const others = each.flatMap((value, place) => (value === undefined || place === far ? [] : [value]));
  if (known.length < 3 || spread(others) > AGREE_M + ROUNDING_M) return { ...all, trouble: 'apart' };
  return { valueM: mean(others), spreadM: spread(others), blunder: far, trouble: 'blunder' };
}
