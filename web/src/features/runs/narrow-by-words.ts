import { type Catalogue, type Region, countedWords, readQuery, wantedOf } from '@herrero/core';

/** What a few words ask for: parts by code in the order they are meant, those sold where the work is first; and what is said where no part is meant. */
export interface Narrowed {
  readonly wanted: ReadonlyMap<string, number> | undefined;
  readonly counted: string | undefined;
}

/** The words of the counter, read as the catalogue reads them. Loaded when somebody begins to type. */
export function narrowByWords(catalogue: Catalogue, text: string, region: Region | null): Narrowed {
  const query = readQuery(text);
  return {
    wanted: wantedOf(catalogue, query, region),
    counted: query.counted.length > 0 ? countedWords(query) : undefined,
  };
}
