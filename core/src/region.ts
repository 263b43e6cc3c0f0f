/** Where in the world a part, a thread or a pipe is what the counter hands out. */
export const REGIONS = ['US', 'UK', 'EU', 'ANZ'] as const;
export type Region = (typeof REGIONS)[number];

/** Countries, by the letters people write for them (ISO 3166-1), and the region whose threads, pipes and words they share. */
export const REGIONS_ALSO: Readonly<Record<string, Region>> = {
  usa: 'US',
  ca: 'US',
  gb: 'UK',
  ie: 'UK',
  au: 'ANZ',
  nz: 'ANZ',
  ...Object.fromEntries(
    ['at', 'be', 'ch', 'cz', 'de', 'dk', 'es', 'fi', 'fr', 'it', 'nl', 'no', 'pl', 'pt', 'se'].map((country) => [
      country,
      'EU',
    ]),
  ),
};

export const REGION_NAMES: Readonly<Record<Region, string>> = {
  US: 'United States',
  UK: 'UK and Ireland',
  EU: 'Europe',
  ANZ: 'Australia, New Zealand',
};
