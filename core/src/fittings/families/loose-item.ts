import type { Material } from '../../connections/material';
import { type NominalSize, sizeCode, sizeInInches, sizeWords } from '../../quantity/size';
import { REGIONS, type Region } from '../../region';
import { middle } from '../body';
import { type FamilyPart, defineFamily, inventedPriceUsd } from '../part-family';

/** What is asked for at the counter by itself and joins nothing: nuts, washers, ties, switches, risers. */
interface Item {
  readonly mark: string;
  readonly name: string;
  readonly detail: (size: NominalSize) => string;
  readonly material: Material;
  readonly sizes: readonly NominalSize[];
  readonly regions: readonly Region[];
  readonly usdAtOneInch: number;
}

const PIPE_THREADS: readonly NominalSize[] = ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'];
const ISO_REGIONS: readonly Region[] = ['UK', 'EU', 'ANZ'];
const threaded =
  (thread: string) =>
  (size: NominalSize): string =>
    `${size} ${thread}`;

/** Ranges of the trade, from memory. */
const ITEMS: readonly Item[] = [
  {
    mark: 'XLN',
    name: 'Locknut',
    detail: threaded('NPT'),
    material: 'galvanised',
    sizes: PIPE_THREADS,
    regions: ['US'],
    usdAtOneInch: 1.2,
  },
  {
    mark: 'XLG',
    name: 'Locknut',
    detail: threaded('G'),
    material: 'brass',
    sizes: PIPE_THREADS,
    regions: ISO_REGIONS,
    usdAtOneInch: 1.2,
  },
  {
    mark: 'XWG',
    name: 'Flat washer',
    detail: (size) => `rubber, for ${size} G`,
    material: 'rubber',
    sizes: PIPE_THREADS,
    regions: ISO_REGIONS,
    usdAtOneInch: 0.4,
  },
  {
    mark: 'XWB',
    name: 'Flat washer',
    detail: (size) => `rubber, for a ${size} bulkhead`,
    material: 'rubber',
    sizes: PIPE_THREADS,
    regions: REGIONS,
    usdAtOneInch: 1.5,
  },
  {
    mark: 'XCT',
    name: 'Cable tie',
    detail: (size) => `for a bundle of ${sizeWords(size)}, bag of 25, black`,
    material: 'nylon',
    sizes: ['2', '4', '6'],
    regions: REGIONS,
    usdAtOneInch: 1.5,
  },
  {
    mark: 'XFS',
    name: 'Float switch',
    detail: () => 'with 5 m of cord, shuts a pump off when the tank is low',
    material: 'polypropylene',
    sizes: ['1'],
    regions: REGIONS,
    usdAtOneInch: 24,
  },
  {
    mark: 'XRI',
    name: 'Access riser',
    detail: (size) => `${sizeWords(size)} wide, 300 mm high, for a buried tank`,
    material: 'polyethylene',
    sizes: ['6', '160'],
    regions: REGIONS,
    usdAtOneInch: 8,
  },
  {
    mark: 'XRL',
    name: 'Riser lid',
    detail: (size) => `${sizeWords(size)} wide, with screws`,
    material: 'polyethylene',
    sizes: ['6', '160'],
    regions: REGIONS,
    usdAtOneInch: 4,
  },
  {
    mark: 'XBR',
    name: 'Backfill brace',
    detail: () =>
      'adjustable prop, keeps the walls of a plastic tank in shape while it is filled round; taken out after',
    material: 'galvanised',
    sizes: ['2'],
    regions: REGIONS,
    usdAtOneInch: 12,
  },
];

const DRAWN_MM = 30;
const RING = 1.5;

function item({ mark, name, detail, material, regions, usdAtOneInch }: Item, size: NominalSize): FamilyPart {
  const insideMm = sizeInInches(size) * 25.4;
  return {
    code: `${mark}-${sizeCode(size)}`,
    name,
    detail: detail(size),
    size,
    material,
    ends: [],
    body: [middle(DRAWN_MM, insideMm * RING, insideMm)],
    features: [],
    boreMm: insideMm,
    lossK: 0,
    ratedKpa: null,
    sale: { by: 'piece' },
    regions,
    priceUsd: inventedPriceUsd(usdAtOneInch, size),
  };
}

/** Bought by itself: nothing is joined to it, and no list counts it by itself. */
export const looseItems = defineFamily({
  id: 'loose-item',
  name: 'Loose item',
  source: { document: 'ranges of the trade', provenance: 'from-memory' },
  parts: () => ITEMS.flatMap((one) => one.sizes.map((size) => item(one, size))),
});
