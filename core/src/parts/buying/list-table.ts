/** A table as it stands in a file, all as text. */
export interface ListTable {
  /** Lines over the headings: a title, the money, the day. */
  readonly above: readonly (readonly string[])[];
  readonly headings: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** What parts the columns, where the file is of text. */
  readonly separator?: string | undefined;
}

/** Headings are looked for in so many lines from the top. */
const MOST_ABOVE = 20;
const LEAST_KNOWN = 2;

/**
 * Finds the headings among the lines of a file: the line with most headings that are known, where it has two; else the
 * first. What stands over them is kept apart, empty lines are left out.
 */
export function tableFrom(
  lines: readonly (readonly string[])[],
  isHeading: (cell: string) => boolean,
  separator?: string,
): ListTable {
  const filled = lines.filter((cells) => cells.some((cell) => cell.trim() !== ''));
  const known = filled.slice(0, MOST_ABOVE).map((cells) => cells.filter(isHeading).length);
  const most = Math.max(0, ...known);
  const at = most >= LEAST_KNOWN ? known.indexOf(most) : 0;
  return { above: filled.slice(0, at), headings: filled[at] ?? [], rows: filled.slice(at + 1), separator };
}
