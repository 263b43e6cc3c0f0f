import { pipeSize } from '../../connections/standards/pipe-series';
import { pipeSeries } from '../../connections/standards/pipes';
import { WALL_SEALS, WALL_SEAL_SOURCE } from '../../connections/standards/wall-seals';
import { sizeCode } from '../../quantity/size';
import { gasketLip, gasketRim } from '../ends';
import { defineFamily, inventedPriceUsd } from '../part-family';

const LIP_MM = 6;
const NECK_MM = 14;

/** Flexible gaskets that snap into a drilled hole; plain pipe is pushed through from outside. */
export const pushThroughGaskets = defineFamily({
  id: 'push-through-gasket',
  name: 'Push-through gasket',
  source: WALL_SEAL_SOURCE,
  parts: () =>
    WALL_SEALS.gasket.map((row) => {
      const { outsideMm } = pipeSize(pipeSeries('ips-40'), row.size);
      return {
        code: `PG-${sizeCode(row.size)}`,
        name: 'Push-through gasket',
        detail: `for ${row.size} Schedule 40 pipe`,
        size: row.size,
        material: 'rubber',
        ends: [
          { end: gasketRim(row.size), position: 'inlet' },
          { end: gasketLip(row.size), position: 'outlet' },
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
