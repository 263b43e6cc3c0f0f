/** Where in the world a part, a thread or a pipe is what the counter hands out. */
export const REGIONS = ['US', 'UK', 'EU', 'ANZ'] as const;
export type Region = (typeof REGIONS)[number];

export const REGION_NAMES: Readonly<Record<Region, string>> = {
  US: 'United States',
  UK: 'UK and Ireland',
  EU: 'Europe',
  ANZ: 'Australia, New Zealand',
};
