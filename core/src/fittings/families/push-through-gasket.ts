import { pipeSize } from '../../connections/standards/pipe-series';
import { pipeSeries } from '../../connections/standards/pipes';
import { gasket } from '../../connections/standards/wall-seals/gasket';
import { WALL_SEAL_SOURCE } from '../../connections/standards/wall-seals/wall-seal';
import { type NominalSize, sizeCode, sizeWords } from '../../quantity/size';
import { gasketLip, wallSealEnd } from '../ends';
import { defineFamily, inventedPriceUsd } from '../part-family';

/** The pipe each metric gasket is made for; inch sizes are for Schedule 40. */
const SERIES: Readonly<Partial<Record<NominalSize, string>>> = {
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

/** Flexible gaskets that snap into a drilled hole; plain pipe is pushed through from outside. */
export const pushThroughGaskets = defineFamily({
  id: 'push-through-gasket',
  name: 'Push-through gasket',
  source: WALL_SEAL_SOURCE,
  parts: () =>
    gasket.sizes.map((row) => {
      const series = pipeSeries(SERIES[row.size] ?? 'ips-40');
      const { outsideMm } = pipeSize(series, row.size);
      return {
        code: `PG-${sizeCode(row.size)}`,
        name: 'Push-through gasket',
        detail: `for ${sizeWords(row.size)} ${series.name}`,
        size: row.size,
        material: 'rubber',
        ends: [
          { end: wallSealEnd('gasket', row.size), position: 'inlet' },
          { end: gasketLip(series.id, row.size), position: 'outlet' },
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
    }),
});
