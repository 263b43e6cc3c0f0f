/** What a system of linear equations says of its unknowns. */
export interface Solved {
  /** By column; undefined where the equations leave it open. */
  readonly values: readonly (number | undefined)[];
  /** Of the columns that stay open those from which, once they are given, the other open ones follow. */
  readonly ask: readonly number[];
  /** What is left of the right-hand side that no values meet, by row. */
  readonly left: readonly number[];
}

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, place) => sum + value * (b[place] ?? 0), 0);
const less = (a: readonly number[], b: readonly number[], times: number): number[] =>
  a.map((value, place) => value - times * (b[place] ?? 0));

/** Directions nearer to each other than this share are one: what follows from their difference alone is no figure. */
const ALIKE = 0.1;
/** So small a share of a column is nothing. */
const NO_SHARE = 0.02;

/**
 * Least squares by Gram-Schmidt with the largest column first. A column that hardly differs from those before it is taken
 * as made of them: it and all of them that it is made of stay open.
 *
 * @param columns  one for each unknown, as long as the right-hand side
 */
export function solveLeastSquares(columns: readonly (readonly number[])[], right: readonly number[]): Solved {
  const rest = columns.map((column) => [...column]);
  const sizes = columns.map((column) => Math.sqrt(dot(column, column)));
  /** Orthonormal directions, each with the column it came from and what of each column lies along it. */
  const basis: { readonly of: number; readonly unit: readonly number[]; readonly shares: readonly number[] }[] = [];
  const taken = new Set<number>();
  for (;;) {
    const [next, size] = rest.reduce<readonly [number, number]>(
      (best, column, place) => {
        const long = taken.has(place) ? 0 : Math.sqrt(dot(column, column));
        return long > best[1] ? [place, long] : best;
      },
      [-1, 0],
    );
    if (next < 0 || size <= ALIKE * (sizes[next] ?? 0)) break;
    taken.add(next);
    const unit = (rest[next] ?? []).map((value) => value / size);
    const shares = rest.map((column) => dot(column, unit));
    for (const [place, column] of rest.entries()) rest[place] = less(column, unit, shares[place] ?? 0);
    basis.push({ of: next, unit, shares });
  }
  const along = basis.map(({ unit }) => dot(right, unit));
  const solve = (side: readonly number[]): number[] => {
    const found = side.map(() => 0);
    for (let row = basis.length - 1; row >= 0; row--) {
      const own = basis[row];
      if (!own) continue;
      const later = basis
        .slice(row + 1)
        .reduce((sum, { of }, place) => sum + (own.shares[of] ?? 0) * (found[row + 1 + place] ?? 0), 0);
      found[row] = ((side[row] ?? 0) - later) / (own.shares[own.of] ?? 1);
    }
    return found;
  };
  const open = new Set<number>();
  for (const place of columns.keys()) {
    if (taken.has(place)) continue;
    open.add(place);
    const made = solve(basis.map(({ shares }) => shares[place] ?? 0));
    for (const [row, share] of made.entries()) if (Math.abs(share) > NO_SHARE) open.add(basis[row]?.of ?? place);
  }
  const found = solve(along);
  const values = columns.map((_, place): number | undefined => {
    const row = basis.findIndex(({ of }) => of === place);
    return open.has(place) || row < 0 ? undefined : found[row];
  });
  const left = basis.reduce<readonly number[]>((side, { unit }, row) => less(side, unit, along[row] ?? 0), right);
  const ask = [...columns.keys()].filter((place) => !taken.has(place));
  return { values, ask, left };
}
