import type { PlacedPart } from './job';

/** A part as it comes from the shop: new, of no direction yet, held by nothing but its joints. */
export const newPart = (
  id: string,
  code: string,
  given: Partial<Omit<PlacedPart, 'id' | 'code'>> = {},
): PlacedPart => ({
  id,
  code,
  lengthM: null,
  existing: false,
  points: null,
  riseM: null,
  held: false,
  lengthKind: 'computed',
  trimAt: null,
  ...given,
});
