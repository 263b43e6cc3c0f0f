/** For each field of a list the headings that people write over it, the likelier first. */
export type HeadingWords<Field extends string> = Readonly<Record<Field, readonly string[]>>;

/** What stands behind a heading and says nothing of what it is: the money, 'each', 'ex tax'. */
const BEHIND =
  /\s+(?:usd|us\$|gbp|eur|euro|aud|a\$|nzd|nz\$|\$|£|€|netto|net|without tax|ex (?:tax|vat|gst)|excl?\.? (?:tax|vat|gst)|ea|each|\/ ?(?:ea|each|stk|st))$/;

/** A heading in small letters, without marks and without what stands behind it. */
export function plainHeading(heading: string): string {
  let text = heading
    .toLowerCase()
    .replaceAll(/[_.:,()[\]-]/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim();
  for (let shorter = text.replace(BEHIND, ''); shorter !== text; shorter = text.replace(BEHIND, '')) text = shorter;
  return text;
}

/** Which column holds which field, by the headings; where two could, the likelier word decides. What no heading says is absent. */
export function columnsByHeading<Field extends string>(
  headings: readonly string[],
  words: HeadingWords<Field>,
): Readonly<Partial<Record<Field, number>>> {
  const plain = headings.map(plainHeading);
  return Object.fromEntries(
    (Object.keys(words) as Field[]).flatMap((field) => {
      const column = words[field].map((name) => plain.indexOf(name)).find((at) => at >= 0);
      return column === undefined ? [] : [[field, column]];
    }),
  ) as Partial<Record<Field, number>>;
}

/** Knows the headings of such lists. */
export function headingsOf(words: HeadingWords<string>): (cell: string) => boolean {
  const known = new Set(Object.values(words).flat());
  return (cell) => known.has(plainHeading(cell));
}
