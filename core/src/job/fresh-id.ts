/** Ids made from ids grow; beyond this their end is cut off, the number tells them apart. */
const MOST_CHARS = 60;

/** An id that is not in use yet: `base`, or with the next number behind it. */
export function freshId(base: string, used: readonly { readonly id: string }[]): string {
  const isTaken = (wanted: string): boolean => used.some(({ id }) => id === wanted);
  const short = base.slice(0, MOST_CHARS);
  if (!isTaken(short)) return short;
  let number = 2;
  while (isTaken(`${short}-${number}`)) number++;
  return `${short}-${number}`;
}
