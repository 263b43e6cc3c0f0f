import type { Material } from '../../connections/material';
import { pipeOf, pipeSeries } from '../../connections/standards/pipes';
import { METRES_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import type { PartEnd } from '../part';
import { type FamilyPart, defineFamily, inventedPriceUsd } from '../part-family';
import { ANZ_PRESSURE, DRAIN_US, METRIC_PRESSURE, SCHEDULE_40, SCHEDULE_80 } from '../lines/socketed';
import { DOWNPIPE_LETTER, DOWNPIPE_MATERIALS } from './downpipe-fitting';

const FEET = 12 * METRES_PER_INCH;
const SAW_KERF_M = METRES_PER_INCH / 8;
const feet = (...lengths: readonly number[]): readonly number[] => lengths.map((length) => length * FEET);

/** Pipe of a series as it is stocked: material, stock lengths [m], how it is cut, price per metre at one inch. */
interface Stock {
  readonly series: string;
  readonly mark: string;
  readonly name?: string;
  readonly material: Material;
  readonly sizes?: readonly NominalSize[];
  readonly stockLengthsM: readonly number[];
  readonly coil?: true;
  readonly usdPerMetre: number;
  readonly ratedKpa: (size: NominalSize) => number | null;
}

const drainage = (): null => null;

/** What is sold by the length (stock lengths are common practice). */
const STOCK: readonly Stock[] = [
  {
    series: 'ips-40',
    mark: 'PI',
    material: 'pvc',
    stockLengthsM: feet(5, 10, 20),
    usdPerMetre: 3.4,
    ratedKpa: SCHEDULE_40.ratedKpa,
  },
  {
    series: 'ips-40',
    mark: 'CP',
    name: 'Clear pipe',
    material: 'clear-pvc',
    sizes: ['1/2', '3/4', '1'],
    stockLengthsM: feet(5),
    usdPerMetre: 15,
    ratedKpa: SCHEDULE_40.ratedKpa,
  },
  {
    series: 'en',
    mark: 'CPJ',
    name: 'Clear pipe',
    material: 'clear-pvc',
    sizes: ['20', '25', '32'],
    stockLengthsM: [2, 3],
    usdPerMetre: 15,
    ratedKpa: METRIC_PRESSURE.ratedKpa,
  },
  {
    series: 'anz',
    mark: 'CPZ',
    name: 'Clear pipe',
    material: 'clear-pvc',
    sizes: ['15', '20', '25'],
    stockLengthsM: [3, 6],
    usdPerMetre: 15,
    ratedKpa: ANZ_PRESSURE.ratedKpa,
  },
  {
    series: 'ips-80',
    mark: 'PI8',
    material: 'pvc',
    stockLengthsM: feet(10, 20),
    usdPerMetre: 5.2,
    ratedKpa: SCHEDULE_80.ratedKpa,
  },
  {
    series: 'dwv',
    mark: 'PID',
    material: 'pvc',
    sizes: DRAIN_US.sizes,
    stockLengthsM: feet(5, 10, 20),
    usdPerMetre: 3,
    ratedKpa: drainage,
  },
  {
    series: 'dwv',
    mark: 'PIA',
    material: 'abs',
    sizes: ['1-1/2', '2', '3', '4'],
    stockLengthsM: feet(10, 20),
    usdPerMetre: 3.1,
    ratedKpa: drainage,
  },
  {
    series: 'd3034',
    mark: 'PIW',
    material: 'pvc',
    stockLengthsM: feet(10, 13, 20),
    usdPerMetre: 2.2,
    ratedKpa: drainage,
  },
  { series: 'd2729', mark: 'PIW2', material: 'pvc', stockLengthsM: feet(10), usdPerMetre: 1.4, ratedKpa: drainage },
  {
    series: 'corrugated',
    mark: 'PIC',
    name: 'Corrugated pipe',
    material: 'polyethylene',
    stockLengthsM: feet(10, 25, 100),
    coil: true,
    usdPerMetre: 0.9,
    ratedKpa: drainage,
  },
  {
    series: 'cts',
    mark: 'PICV',
    material: 'cpvc',
    sizes: ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'],
    stockLengthsM: feet(5, 10),
    usdPerMetre: 4,
    ratedKpa: () => 2700,
  },
  {
    series: 'cts',
    mark: 'PIK',
    name: 'Copper tube',
    material: 'copper',
    sizes: ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'],
    stockLengthsM: feet(5, 10, 20),
    usdPerMetre: 14,
    ratedKpa: () => 3000,
  },
  {
    series: 'cts',
    mark: 'PIX',
    name: 'PEX tube',
    material: 'pex',
    sizes: ['1/2', '3/4', '1'],
    stockLengthsM: feet(20, 100, 300),
    coil: true,
    usdPerMetre: 2.6,
    ratedKpa: () => 1100,
  },
  {
    series: 'pe',
    mark: 'PE',
    name: 'Polyethylene pipe',
    material: 'polyethylene',
    stockLengthsM: [25, 50, 100],
    coil: true,
    usdPerMetre: 2,
    ratedKpa: () => 1250,
  },
  {
    series: 'pe-ips',
    mark: 'PEP',
    name: 'Polyethylene pipe',
    material: 'polyethylene',
    stockLengthsM: feet(100, 250, 500),
    coil: true,
    usdPerMetre: 1.9,
    ratedKpa: () => 1100,
  },
  {
    series: 'pe-cts',
    mark: 'PEC',
    name: 'Polyethylene tube',
    material: 'polyethylene',
    stockLengthsM: feet(100, 250, 500),
    coil: true,
    usdPerMetre: 1.9,
    ratedKpa: () => 1380,
  },
  {
    series: 'en',
    mark: 'PIJ',
    material: 'pvc',
    stockLengthsM: [3, 5, 6],
    usdPerMetre: 3.2,
    ratedKpa: METRIC_PRESSURE.ratedKpa,
  },
  { series: 'anz', mark: 'PIZ', material: 'pvc', stockLengthsM: [3, 6], usdPerMetre: 3.4, ratedKpa: () => 1200 },
  { series: 'anz-dwv', mark: 'PIZD', material: 'pvc', stockLengthsM: [3, 6], usdPerMetre: 2.4, ratedKpa: drainage },
  { series: 'anz-storm', mark: 'PIZS', material: 'pvc', stockLengthsM: [3, 6], usdPerMetre: 1.8, ratedKpa: drainage },
  { series: 'uk-waste', mark: 'PIQ', material: 'pvc', stockLengthsM: [3], usdPerMetre: 2, ratedKpa: drainage },
  {
    series: 'uk-push-fit',
    mark: 'PIQP',
    material: 'polypropylene',
    stockLengthsM: [3],
    usdPerMetre: 1.9,
    ratedKpa: drainage,
  },
  { series: 'uk-overflow', mark: 'PIQO', material: 'pvc', stockLengthsM: [3], usdPerMetre: 1.6, ratedKpa: drainage },
  {
    series: 'eu-drain',
    mark: 'PIEP',
    material: 'polypropylene',
    stockLengthsM: [1, 2, 3],
    usdPerMetre: 1.7,
    ratedKpa: drainage,
  },
  { series: 'soil', mark: 'PISL', material: 'pvc', stockLengthsM: [3, 6], usdPerMetre: 1.9, ratedKpa: drainage },
  {
    series: 'copper-metric',
    mark: 'PICU',
    name: 'Copper tube',
    material: 'copper',
    stockLengthsM: [2, 3],
    usdPerMetre: 12,
    ratedKpa: () => 2500,
  },
  {
    series: 'copper-metric',
    mark: 'PIP',
    name: 'Barrier tube',
    material: 'pex',
    sizes: ['15', '22', '28'],
    stockLengthsM: [3, 25, 50],
    coil: true,
    usdPerMetre: 2.4,
    ratedKpa: () => 1200,
  },
  {
    series: 'copper-anz',
    mark: 'PICZ',
    name: 'Copper tube',
    material: 'copper',
    stockLengthsM: [3, 6],
    usdPerMetre: 13,
    ratedKpa: () => 2500,
  },
];

/** How much of each end is drawn before the break. */
const DRAWN = 1.4;

function pipe(stock: Stock, size: NominalSize): FamilyPart {
  const series = pipeSeries(stock.series);
  const row = pipeOf({ series: series.id, size });
  const stretch = {
    lengthMm: row.socketDepthMm * DRAWN,
    outsideMm: row.outsideMm,
    boreMm: row.boreMm,
    surface: 'plain',
  } as const;
  const end = { kind: 'pipe', series: series.id, size, part: 'spigot' } as const;
  return {
    code: `${stock.mark}-${sizeCode(size)}`,
    name: stock.name ?? 'Pipe',
    detail: series.id === 'ips-40' ? `${size} Schedule 40` : `${size} ${series.name}`,
    size,
    material: stock.material,
    ends: [
      { end, position: 'inlet' },
      { end, position: 'outlet' },
    ],
    body: [stretch, stretch],
    features: [],
    boreMm: row.boreMm,
    // What is lost along a pipe is by its length, not by the piece.
    lossK: 0,
    ratedKpa: stock.ratedKpa(size),
    sale: { by: 'length', stockLengthsM: stock.stockLengthsM, sawKerfM: stock.coil ? 0 : SAW_KERF_M },
    priceUsd: inventedPriceUsd(stock.usdPerMetre, size),
    source: series.sources[0] ?? { document: series.name, provenance: 'from-memory' },
  };
}

/** Downpipe: each length ends in a swaged spigot that stands in the hub of the next, so that laps run with the water. */
function downpipe(size: NominalSize, material: Material): FamilyPart {
  const row = pipeOf({ series: 'downpipe', size });
  const stretch = {
    lengthMm: row.socketDepthMm * DRAWN,
    outsideMm: row.outsideMm,
    boreMm: row.boreMm,
    surface: 'plain',
  } as const;
  const end = (part: 'dry-hub' | 'spigot', position: PartEnd['position']): PartEnd => ({
    end: { kind: 'pipe', series: 'downpipe', size, part },
    position,
  });
  return {
    code: `DP${DOWNPIPE_LETTER[material]}-${sizeCode(size)}`,
    name: 'Downpipe',
    detail: `${size} ${material === 'pvc' ? 'plastic' : 'metal'}`,
    size,
    material,
    ends: [end('dry-hub', 'inlet'), end('spigot', 'outlet')],
    body: [stretch, stretch],
    features: [],
    boreMm: row.boreMm,
    // What is lost along a pipe is by its length, not by the piece.
    lossK: 0,
    ratedKpa: null,
    sale: { by: 'length', stockLengthsM: size.includes('x') ? feet(10) : [2, 2.5, 3], sawKerfM: 0 },
    priceUsd: inventedPriceUsd(material === 'pvc' ? 1.6 : 3, size),
    source: { document: 'downpipe sizes of the roofing trade', provenance: 'from-memory' },
  };
}

/** Pipe, tube and downpipe by the length. */
export const pipes = defineFamily({
  id: 'pipe',
  name: 'Pipe',
  source: { document: 'the pipe standards named in each series', provenance: 'standard-table' },
  parts: () => [
    ...STOCK.flatMap((stock) =>
      (stock.sizes ?? pipeSeries(stock.series).sizes.map(({ size }) => size)).map((size) => pipe(stock, size)),
    ),
    ...DOWNPIPE_MATERIALS.flatMap(([size, materials]) => materials.map((material) => downpipe(size, material))),
  ],
});
