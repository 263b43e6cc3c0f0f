import { formatEnd } from '../connections/format';
import { type Catalogue, partTitle } from '../fittings/catalogue';
import type { Part } from '../fittings/part';
import type { PlacedPart } from '../job/job';
import type { Fix } from './finding';

const endsOf = ({ ends }: Part): string => ends.map(({ end }) => formatEnd(end)).join();

/** The cheapest part with the same ends that has what this one lacks, in its place. */
export const alikeFixes = (
  placed: PlacedPart,
  part: Part,
  { list }: Catalogue,
  isBetter: (other: Part) => boolean,
): readonly Fix[] =>
  list
    .filter((other) => isBetter(other) && endsOf(other) === endsOf(part))
    .toSorted((a, b) => a.priceUsd - b.priceUsd)
    .slice(0, 1)
    .map((other) => ({
      text: 'Take instead: {part}',
      data: { part: partTitle(other) },
      edits: [{ type: 'replace-part', partId: placed.id, from: part.code, to: other.code }],
      partsAdded: 0,
      priceUsd: other.priceUsd - part.priceUsd,
    }));
