import type { Material } from '../../connections/material';
import { ipsSchedule40 } from '../../connections/standards/ips';
import { METRES_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { spigot } from '../ends';
import { defineFamily, inventedPriceUsd } from '../part-family';

const FEET = 12 * METRES_PER_INCH;
const SAW_KERF_M = METRES_PER_INCH / 8;
/** Clear pipe is stocked in the small sizes only (common practice). */
const CLEAR_SIZES: readonly NominalSize[] = ['1/2', '3/4', '1'];

function pipe(size: NominalSize, material: Material, stockFeet: readonly number[], perMetreUsd: number) {
  const row = ipsSchedule40.sizes.find((candidate) => candidate.size === size);
  if (!row) throw new RangeError(`pipe: no ${size}`);
  const halfMm = row.socketDepthMm * 1.4;
  const stretch = { lengthMm: halfMm, outsideMm: row.outsideMm, boreMm: row.boreMm, surface: 'plain' } as const;
  return {
    code: `${material === 'pvc' ? 'PI' : 'CP'}-${sizeCode(size)}`,
    name: material === 'pvc' ? 'Pipe' : 'Clear pipe',
    detail: `${size} Schedule 40`,
    size,
    material,
    ends: [
      { end: spigot(size), position: 'inlet' },
      { end: spigot(size), position: 'outlet' },
    ],
    body: [stretch, stretch],
    features: [],
    boreMm: row.boreMm,
    sale: { by: 'length', stockLengthsM: stockFeet.map((feet) => feet * FEET), sawKerfM: SAW_KERF_M },
    priceUsd: inventedPriceUsd(perMetreUsd, size),
  } as const;
}

/** Rigid pipe by the length, cut from stock lengths of 5, 10 and 20 ft. */
export const pipes = defineFamily({
  id: 'pipe',
  name: 'Pipe',
  source: { document: 'ASTM D1785', provenance: 'standard-table' },
  parts: () => [
    ...ipsSchedule40.sizes.map(({ size }) => pipe(size, 'pvc', [5, 10, 20], 3.4)),
    ...CLEAR_SIZES.map((size) => pipe(size, 'clear-pvc', [5], 15)),
  ],
});
