import { hose } from '../../connections/standards/hose';
import { METRES_PER_INCH } from '../../quantity/length';
import { type NominalSize, isMetricSize, sizeCode } from '../../quantity/size';
import { hoseBore } from '../ends';
import { defineFamily, inventedPriceUsd } from '../part-family';

const FEET = 12 * METRES_PER_INCH;

/** Inch hose from 1/2 in up is on the shelf; metric hose comes with its own region's parts. */
const stocked = (size: NominalSize): boolean => !isMetricSize(size) && size !== '3/8';

/** Reinforced hose by the length, cut with a knife from coils. */
export const hoses = defineFamily({
  id: 'hose',
  name: 'Hose',
  source: hose.sources[0] ?? { document: 'hose bores', provenance: 'from-memory' },
  parts: () =>
    hose.sizes
      .filter(({ size }) => stocked(size))
      .map((row) => {
        const stretch = {
          lengthMm: row.barbLengthMm * 2,
          outsideMm: row.outsideOnBarbMm,
          boreMm: row.boreMm,
          surface: 'plain',
        } as const;
        return {
          code: `HO-${sizeCode(row.size)}`,
          name: 'Hose',
          detail: `${row.size} in bore`,
          size: row.size,
          material: 'vinyl-hose',
          ends: [
            { end: hoseBore(row.size), position: 'inlet' },
            { end: hoseBore(row.size), position: 'outlet' },
          ],
          body: [stretch, stretch],
          features: [],
          boreMm: row.boreMm,
          sale: { by: 'length', stockLengthsM: [25 * FEET, 50 * FEET, 100 * FEET], sawKerfM: 0 },
          priceUsd: inventedPriceUsd(3.1, row.size),
        };
      }),
});
