import { type NominalSize, sizeCode } from '../../quantity/size';
import { endsWords } from '../end-words';
import { fitting } from '../fitting';
import { type Line, type Made, overMade } from '../line';
import * as socketed from '../lines/socketed';
import { type Feature, type Part, outsideMmOf } from '../part';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

/** Drain pipe of each region, as filters, screens and cleanouts are made for it (ranges of the trade, from memory). */
const DRAINS: readonly Made[] = [
  { line: socketed.SEWER_US },
  { line: socketed.THIN_DRAIN_US },
  { line: socketed.DRAIN_US, from: '3', to: '4' },
  { line: socketed.SOIL_PUSH_FIT },
  { line: socketed.EU_DRAIN, from: '110', to: '160' },
  { line: socketed.ANZ_STORM },
];

interface Kind {
  readonly mark: string;
  readonly name: string;
  readonly betweenMm: number;
  readonly girth: number;
  readonly dropMm: number;
  readonly features: readonly Feature[];
  readonly mesh?: Omit<NonNullable<Part['mesh']>, 'openAreaMm2'>;
  /** Open area of the mesh, as so many times the bore. */
  readonly open?: number;
  /** What is kept back leaves by a third end. */
  readonly branch: boolean;
  /** What share of its body is filled with sand and gravel on site. */
  readonly mediaShare?: number;
  readonly priceUsd: number;
}

/**
 * A filter box is chosen by its mesh: fine for toilets and washing, coarse for a garden; mark, opening [mm], open area as so many
 * times the bore (ranges of the trade, from memory).
 */
const FILTER_BOX_MESHES = [
  ['JBF', 0.35, 6],
  ['JB', 0.7, 8],
  ['JBC', 1.5, 10],
] as const;

/** Level losses, meshes and open areas as leaflets of the trade give them (from memory): measure or ask. */
const KINDS: readonly Kind[] = [
  ...FILTER_BOX_MESHES.map(([mark, openingMm, open]): Kind => ({
    mark,
    name: 'Filter box',
    betweenMm: 320,
    girth: 2.6,
    dropMm: 100,
    features: ['filter', 'branch'],
    mesh: { openingMm, bypass: true },
    open,
    branch: true,
    priceUsd: 38,
  })),
  {
    mark: 'JS',
    name: 'Settling box with basket',
    betweenMm: 300,
    girth: 2.4,
    dropMm: 50,
    features: ['strainer'],
    mesh: { openingMm: 2, bypass: true },
    open: 5,
    branch: false,
    priceUsd: 22,
  },
  {
    mark: 'JF',
    name: 'Fine inlet screen',
    betweenMm: 140,
    girth: 1.6,
    dropMm: 0,
    features: ['filter', 'screen'],
    mesh: { openingMm: 0.5, bypass: false },
    open: 2.5,
    branch: false,
    priceUsd: 9,
  },
  {
    mark: 'JM',
    name: 'Sand filter',
    betweenMm: 450,
    girth: 3.4,
    dropMm: 350,
    features: ['filter'],
    branch: false,
    mediaShare: 0.6,
    priceUsd: 46,
  },
  {
    mark: 'JC',
    name: 'Cleanout with screw cap',
    betweenMm: 110,
    girth: 1.05,
    dropMm: 0,
    features: ['cleanout'],
    branch: false,
    priceUsd: 4.6,
  },
];

const rainFilter =
  ({ mark, name, betweenMm, girth, dropMm, features, mesh, open = 1, branch, mediaShare, priceUsd }: Kind) =>
  (line: Line, size: NominalSize) => {
    const end = line.takes(size);
    const part = fitting({
      code: `${mark}${line.mark}-${sizeCode(size)}`,
      name,
      detail: `${endsWords(branch ? [end, end, end] : [end, end])}${mesh ? `, mesh ${mesh.openingMm} mm` : ''}`,
      size,
      material: line.material,
      ends: branch ? [end, end, end] : [end, end],
      betweenMm,
      girth,
      features,
      ...(dropMm === 0 ? {} : { dropMm }),
      ...(features.includes('cleanout') ? {} : { oneWay: true as const }),
      loss: mesh ? 'mesh' : 'straight',
      ratedKpa: null,
      priceUsdAtOneInch: priceUsd,
    });
    const openAreaMm2 = Math.round((Math.PI / 4) * part.boreMm ** 2 * open);
    if (mediaShare !== undefined) {
      const outsideMm = outsideMmOf(part);
      return { ...part, mediaM3: ((Math.PI / 4) * outsideMm ** 2 * betweenMm * mediaShare) / 1e9 };
    }
    return mesh ? { ...part, mesh: { ...mesh, openAreaMm2 } } : part;
  };

/** What rain water goes through on its way along a drain to the tank. */
export const rainFilters = defineFamily({
  id: 'rain-filter',
  name: 'Filter box and cleanout',
  source: TYPICAL_BODIES,
  parts: () => KINDS.flatMap((kind) => overMade(DRAINS, rainFilter(kind))),
});
