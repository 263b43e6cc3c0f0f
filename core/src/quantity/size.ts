/** Nominal sizes of pipe, thread and hose, written as the trade writes them. */
export const NOMINAL_SIZES = ['1/2', '5/8', '3/4', '1', '1-1/4', '1-1/2', '2', '2-1/2', '3'] as const;
export type NominalSize = (typeof NOMINAL_SIZES)[number];

export const isNominalSize = (text: string): text is NominalSize => (NOMINAL_SIZES as readonly string[]).includes(text);

/** Orders sizes by what they call themselves: `3/4` before `1-1/2`. */
export function sizeInInches(size: NominalSize): number {
  const [whole, fraction] = size.includes('-') ? size.split('-') : size.includes('/') ? ['0', size] : [size, '0/1'];
  const [top, bottom] = (fraction ?? '0/1').split('/');
  return Number(whole) + Number(top) / Number(bottom);
}

/** The middle of a code: 3/4 -> 075, 1-1/2 -> 150. */
export const sizeCode = (size: NominalSize): string =>
  Math.round(sizeInInches(size) * 100)
    .toString()
    .padStart(3, '0');
