import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { type NominalSize, sizeCode, sizeWords } from '../../quantity/size';
import { barb, pipeEnd } from '../ends';
import { type FittingSpec, fitting } from '../fitting';
import { defineFamily } from '../part-family';
import type { Feature, Part, PartEnd } from '../part';

/** What downpipe of each size is rolled or moulded in (ranges of the trade, from memory). */
export const DOWNPIPE_MATERIALS: readonly (readonly [NominalSize, readonly Material[]])[] = [
  ['2x3', ['aluminium', 'pvc', 'galvanised']],
  ['3x4', ['aluminium', 'pvc', 'galvanised']],
  ['3', ['galvanised', 'aluminium']],
  ['4', ['galvanised', 'aluminium']],
  ['50', ['pvc']],
  ['65', ['pvc']],
  ['68', ['pvc']],
  ['75', ['galvanised', 'pvc']],
  ['80', ['galvanised', 'copper']],
  ['90', ['pvc']],
  ['100', ['galvanised', 'pvc', 'copper']],
];

const hub = pipeEnd('downpipe', 'dry-hub');
const spigot = pipeEnd('downpipe', 'spigot');

export const DOWNPIPE_LETTER: Readonly<Partial<Record<Material, string>>> = {
  aluminium: 'A',
  pvc: 'P',
  galvanised: 'G',
  copper: 'C',
};
const PRICE: Readonly<Partial<Record<Material, number>>> = { aluminium: 2, pvc: 1, galvanised: 2.2, copper: 7 };

/** Where a first flush is made in. */
const FLUSHED: readonly NominalSize[] = ['3', '4', '65', '68', '75', '80', '90', '100'];

interface Kind {
  readonly mark: string;
  readonly name: string;
  readonly ends: (size: NominalSize) => readonly (End | PartEnd)[];
  readonly betweenMm: number;
  readonly features: readonly Feature[];
  readonly bendDegrees?: number;
  readonly diverts?: number;
  /** A chamber beside it, so long and as wide as its own pipe. */
  readonly chamberM?: number;
  readonly loss?: NonNullable<FittingSpec['loss']>;
  readonly finishes?: NonNullable<Part['finishes']>;
  readonly priceUsd: number;
  readonly sizes?: readonly NominalSize[];
}

const through = (size: NominalSize): readonly End[] => [hub(size), spigot(size)];
/** A diverter's side outlet: the hose that goes to the tank, by the width of the downpipe. */
const DIVERTER_TAILS: Readonly<Partial<Record<NominalSize, NominalSize>>> = {
  '2x3': '1',
  '3x4': '1-1/4',
  '3': '1',
  '4': '1-1/4',
  '50': '25',
  '65': '32',
  '68': '32',
  '75': '32',
  '80': '32',
  '90': '38',
  '100': '38',
};

const KINDS: readonly Kind[] = [
  {
    mark: 'DB',
    name: 'Downpipe bend',
    ends: through,
    betweenMm: 90,
    features: ['bend'],
    bendDegrees: 72,
    loss: 'bend-90',
    priceUsd: 1.6,
  },
  {
    mark: 'DE',
    name: 'Downpipe bend 45',
    ends: through,
    betweenMm: 70,
    features: ['bend'],
    bendDegrees: 45,
    loss: 'bend-45',
    priceUsd: 1.5,
  },
  { mark: 'DO', name: 'Downpipe offset', ends: through, betweenMm: 180, features: [], loss: 'bend-45', priceUsd: 3.2 },
  {
    mark: 'DC',
    name: 'Downpipe connector',
    ends: (size) => [hub(size), hub(size)],
    betweenMm: 10,
    features: [],
    priceUsd: 1,
  },
  {
    mark: 'DS',
    name: 'Downpipe shoe',
    ends: (size) => [hub(size), { end: spigot(size), position: 'outlet', mayStayOpen: 'discharge' }],
    betweenMm: 90,
    features: ['bend'],
    bendDegrees: 60,
    loss: 'bend-45',
    priceUsd: 1.8,
  },
  {
    mark: 'DG',
    name: 'Gutter outlet',
    ends: (size) => [{ end: spigot(size), position: 'outlet' }],
    betweenMm: 60,
    features: [],
    priceUsd: 2.6,
  },
  {
    mark: 'DH',
    name: 'Leaf head with mesh',
    ends: (size) => [{ end: spigot(size), position: 'outlet' }],
    betweenMm: 160,
    features: ['screen'],
    finishes: 'inlet',
    loss: 'mesh',
    priceUsd: 9,
  },
  {
    mark: 'DV',
    name: 'Rainwater diverter',
    ends: (size) => [hub(size), spigot(size), barb(DIVERTER_TAILS[size] ?? '1')],
    betweenMm: 150,
    features: ['diverter', 'filter', 'branch'],
    // Of what runs down the wall of the pipe, the rest falls past the ring (leaflets of the trade, from memory).
    diverts: 0.85,
    loss: 'tee-run',
    priceUsd: 9,
  },
  {
    mark: 'FF',
    name: 'First-flush body',
    ends: (size) => [hub(size), spigot(size), { end: spigot(size), position: 'branch' }],
    betweenMm: 200,
    features: ['first-flush', 'branch'],
    loss: 'tee-run',
    priceUsd: 12,
    sizes: FLUSHED,
  },
  {
    mark: 'FR',
    name: 'First flush with chamber',
    ends: through,
    betweenMm: 200,
    features: ['first-flush'],
    chamberM: 1,
    loss: 'tee-run',
    priceUsd: 8,
    sizes: FLUSHED,
  },
  {
    mark: 'DT',
    name: 'Downpipe branch',
    ends: (size) => [hub(size), spigot(size), hub(size)],
    betweenMm: 160,
    features: ['branch'],
    loss: 'tee-run',
    priceUsd: 3.6,
  },
];

/** From downpipe to the round pipe that goes on from it, under the ground or into a tank. */
const TO_PIPE: readonly (readonly [downpipe: NominalSize, series: string, pipe: NominalSize])[] = [
  ['2x3', 'd2729', '3'],
  ['2x3', 'd2729', '4'],
  ['2x3', 'ips-40', '3'],
  ['2x3', 'corrugated', '4'],
  ['3x4', 'd2729', '4'],
  ['3x4', 'd3034', '4'],
  ['3x4', 'ips-40', '4'],
  ['3x4', 'corrugated', '4'],
  ['3', 'd2729', '3'],
  ['3', 'ips-40', '3'],
  ['4', 'd2729', '4'],
  ['4', 'd3034', '4'],
  ['65', 'soil', '110'],
  ['68', 'soil', '110'],
  ['50', 'uk-waste', '50'],
  ['75', 'soil', '110'],
  ['75', 'eu-drain', '75'],
  ['100', 'eu-drain', '125'],
  ['80', 'soil', '110'],
  ['90', 'anz-storm', '90'],
  ['90', 'anz-storm', '100'],
  ['100', 'anz-storm', '100'],
  ['100', 'soil', '110'],
];

/** Fittings of downpipes, laid so that each piece stands in the one below it; diverters, first-flush bodies, ways on to pipe. */
export const downpipeFittings = defineFamily({
  id: 'downpipe-fitting',
  name: 'Gutter and downpipe',
  source: { document: 'ranges of the roofing trade', provenance: 'from-memory' },
  parts: () => [
    ...KINDS.flatMap(({ mark, name, ends, priceUsd, sizes, chamberM, ...kind }) =>
      DOWNPIPE_MATERIALS.filter(([size]) => sizes?.includes(size) ?? true).flatMap(([size, materials]) =>
        materials.map((material) => {
          const part = fitting({
            ...kind,
            code: `${mark}${DOWNPIPE_LETTER[material]}-${sizeCode(size)}`,
            name,
            detail: `${sizeWords(size)} downpipe`,
            size,
            material,
            ends: ends(size),
            ratedKpa: null,
            priceUsdAtOneInch: priceUsd * (PRICE[material] ?? 1),
          });
          return chamberM === undefined
            ? part
            : { ...part, flushM3: (Math.PI / 4) * (part.boreMm / 1000) ** 2 * chamberM };
        }),
      ),
    ),
    ...TO_PIPE.map(([size, series, pipe]) =>
      fitting({
        code: `DA-${sizeCode(size)}-${series}-${sizeCode(pipe)}`.toUpperCase(),
        name: 'Downpipe adapter',
        size: pipe,
        material: 'pvc',
        ends: [hub(size), pipeEnd(series, 'spigot')(pipe)],
        betweenMm: 40,
        ratedKpa: null,
        priceUsdAtOneInch: 1.4,
      }),
    ),
  ],
});
