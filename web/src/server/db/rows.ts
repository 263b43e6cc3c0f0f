/** Rows of one statement; PostgreSQL takes no more than 65,535 values in one. */
const AT_ONCE = 4000;

/** Puts many rows in by statements that PostgreSQL takes, one after the other. */
export async function inChunks<Row>(rows: readonly Row[], put: (some: Row[]) => Promise<unknown>): Promise<void> {
  for (let from = 0; from < rows.length; from += AT_ONCE) await put(rows.slice(from, from + AT_ONCE));
}

/** One order for everybody: two that put the same codes in wait for each other and never cross. */
export const byCode = <Row extends { readonly code: string }>(rows: readonly Row[]): readonly Row[] =>
  rows.toSorted((a, b) => (a.code < b.code ? -1 : 1));
