import { bulkhead } from '../../connections/standards/wall-seals/bulkhead';
import type { WallSealSize } from '../../connections/standards/wall-seals/wall-seal';
import { sizeCode } from '../../quantity/size';
import { endSection, fullBoreMm } from '../body';
import { nptFemale, socket, wallSealEnd } from '../ends';
import type { BodySection } from '../part';
import { TYPICAL_BODIES, defineFamily, inventedPriceUsd } from '../part-family';

const FLANGE_MM = 8;
const WASHER_MM = 4;
const NUT_MM = 12;

/** Flange and washer on the wet side, a shank with its nut, then the outlet; shank and nut as wide as the hole allows. */
function body(row: WallSealSize, outlet: BodySection): BodySection[] {
  const boreMm = fullBoreMm(row.size);
  const shankMm = row.typicalHoleMm - 2;
  return [
    { lengthMm: FLANGE_MM, outsideMm: row.flangeMm, boreMm, surface: 'flange' },
    { lengthMm: WASHER_MM, outsideMm: row.flangeMm * 0.92, boreMm: shankMm, surface: 'washer', material: 'rubber' },
    { lengthMm: row.gripMm[1] * 0.6, outsideMm: shankMm, boreMm, surface: 'plain' },
    { lengthMm: NUT_MM, outsideMm: shankMm * 1.45, boreMm, surface: 'nut' },
    { ...outlet, outsideMm: Math.max(outlet.outsideMm, shankMm * 0.98) },
  ];
}

/** Bulkhead fittings: the head inside with its rubber, the nut outside. */
export const bulkheads = defineFamily({
  id: 'bulkhead',
  name: 'Bulkhead',
  source: TYPICAL_BODIES,
  parts: () =>
    bulkhead.sizes.flatMap((row) => {
      const { size } = row;
      const boreMm = fullBoreMm(size);
      const shared = { size, features: [], boreMm, wallFaceMm: FLANGE_MM + WASHER_MM, sale: { by: 'piece' } } as const;
      return [
        {
          ...shared,
          code: `BH-${sizeCode(size)}`,
          name: 'Bulkhead',
          detail: `${size} NPT female`,
          material: 'polypropylene',
          ends: [
            { end: wallSealEnd('bulkhead', size), position: 'inlet' },
            { end: nptFemale(size), position: 'outlet' },
            { end: nptFemale(size), position: 'inside', mayStayOpen: 'optional' },
          ],
          body: body(row, endSection(nptFemale(size), boreMm)),
          priceUsd: inventedPriceUsd(11, size),
        },
        {
          ...shared,
          code: `BS-${sizeCode(size)}`,
          name: 'Slip bulkhead',
          detail: `${size} socket`,
          material: 'pvc',
          ends: [
            { end: wallSealEnd('bulkhead', size), position: 'inlet' },
            { end: socket(size), position: 'outlet' },
          ],
          body: body(row, endSection(socket(size), boreMm)),
          priceUsd: inventedPriceUsd(12, size),
        },
      ];
    }),
});
