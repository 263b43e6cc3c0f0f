import { pipeSize } from '../../connections/standards/pipe-series';
import { pipeSeries } from '../../connections/standards/pipes';
import { gasket } from '../../connections/standards/wall-seals/gasket';
import { WALL_SEAL_SOURCE, type WallSealSize } from '../../connections/standards/wall-seals/wall-seal';
import { type NominalSize, sizeCode, sizeWords } from '../../quantity/size';
import { gasketLip, wallSealEnd } from '../ends';
import { type FamilyPart, defineFamily, inventedPriceUsd } from '../part-family';

/** The pipe each metric gasket is made for; inch sizes are for Schedule 40. */
const SERIES: Readonly<Partial<Record<NominalSize, string>>> = {
  '25': 'en',
  '32': 'uk-waste',
  '40': 'uk-waste',
  '50': 'uk-waste',
  '75': 'eu-drain',
  '90': 'anz-storm',
  '110': 'soil',
  '125': 'eu-drain',
  '160': 'eu-drain',
};
const LIP_MM = 6;
const NECK_MM = 14;

/** Lips for pipe of Australia and New Zealand, in the hole of the metric gasket of about its outside. */
const ANZ_LIPS: Readonly<Partial<Record<NominalSize, readonly [series: string, size: NominalSize]>>> = {
  '25': ['anz', '20'],
  '40': ['anz-dwv', '40'],
  '50': ['anz-dwv', '50'],
  '110': ['anz-dwv', '100'],
};

/** A gasket of one hole, with the lip for one pipe. */
function gasketFor(row: WallSealSize, mark: string, seriesId: string, pipe: NominalSize): FamilyPart {
  const series = pipeSeries(seriesId);
  const { outsideMm } = pipeSize(series, pipe);
  return {
    code: `${mark}-${sizeCode(row.size)}`,
    name: 'Push-through gasket',
    detail: `for ${sizeWords(pipe)} ${series.name}`,
    size: row.size,
    material: 'rubber',
    ends: [
      { end: wallSealEnd('gasket', row.size), position: 'inlet' },
      { end: gasketLip(series.id, pipe), position: 'outlet' },
      // The pipe goes on through it: what hangs inside goes on the end of that.
      {
        end: { kind: 'pipe', series: series.id, size: pipe, part: 'spigot' },
        position: 'inside',
        mayStayOpen: 'optional',
      },
    ],
    body: [
      { lengthMm: LIP_MM, outsideMm: row.flangeMm * 0.95, boreMm: outsideMm, surface: 'washer' },
      { lengthMm: NECK_MM, outsideMm: row.typicalHoleMm, boreMm: outsideMm, surface: 'plain' },
      { lengthMm: LIP_MM, outsideMm: row.flangeMm, boreMm: outsideMm, surface: 'washer' },
    ],
    features: [],
    boreMm: outsideMm,
    wallFaceMm: LIP_MM,
    sale: { by: 'piece' },
    priceUsd: inventedPriceUsd(3.2, row.size),
  };
}

/** Flexible gaskets that snap into a drilled hole; plain pipe is pushed through from outside. */
export const pushThroughGaskets = defineFamily({
  id: 'push-through-gasket',
  name: 'Push-through gasket',
  source: WALL_SEAL_SOURCE,
  parts: () =>
    gasket.sizes.flatMap((row) => {
      const anz = ANZ_LIPS[row.size];
      return [
        gasketFor(row, 'PG', SERIES[row.size] ?? 'ips-40', row.size),
        ...(anz === undefined ? [] : [gasketFor(row, 'PGZ', ...anz)]),
      ];
    }),
});
