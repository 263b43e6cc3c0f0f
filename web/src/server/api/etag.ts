/** A revision as an entity tag: `"7"`. */
export const etagOf = (revision: number): string => `"${revision}"`;

/** The revision in an entity tag, weak or strong; undefined where there is none. */
export function revisionOf(etag: string | null): number | undefined {
  const found = /^(?:W\/)?"(\d+)"$/.exec(etag?.trim() ?? '');
  return found ? Number(found[1]) : undefined;
}
