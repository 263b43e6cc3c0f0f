/** An id that is not in use yet: `base`, or with the next number behind it. */
export function freshId(base: string, used: readonly { readonly id: string }[]): string {
  const taken = new Set(used.map(({ id }) => id));
  if (!taken.has(base)) return base;
  let number = 2;
  while (taken.has(`${base}-${number}`)) number++;
  return `${base}-${number}`;
}
