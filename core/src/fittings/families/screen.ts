import { type NominalSize, sizeCode } from '../../quantity/size';
import { endSection, fullBoreMm } from '../body';
import { socket } from '../ends';
import { defineFamily, inventedPriceUsd } from '../part-family';

const SIZES: readonly NominalSize[] = ['1-1/2', '2', '3'];
const MESH_MM = 34;

/** Insect-tight ends for vents and overflows: a socket with a stainless mesh of about 1 mm. */
export const screens = defineFamily({
  id: 'screen',
  name: 'Screen',
  source: { document: 'mesh about 1 mm against insects', provenance: 'common-practice' },
  parts: () =>
    SIZES.flatMap((size) => {
      const boreMm = fullBoreMm(size);
      const outer = endSection(socket(size), boreMm);
      const shared = {
        size,
        material: 'pvc' as const,
        ends: [{ end: socket(size), position: 'inlet' as const }],
        features: ['screen'] as const,
        boreMm,
        sale: { by: 'piece' as const },
      };
      return [
        {
          ...shared,
          code: `SV-${sizeCode(size)}`,
          name: 'Vent cowl',
          detail: `${size} socket, screened`,
          body: [
            outer,
            {
              lengthMm: MESH_MM,
              outsideMm: outer.outsideMm * 1.25,
              boreMm,
              surface: 'mesh' as const,
              material: 'stainless' as const,
            },
          ],
          priceUsd: inventedPriceUsd(5.2, size),
        },
        {
          ...shared,
          code: `SO-${sizeCode(size)}`,
          name: 'Overflow screen',
          detail: `${size} socket, screened`,
          body: [
            outer,
            {
              lengthMm: MESH_MM / 2,
              outsideMm: outer.outsideMm,
              boreMm,
              surface: 'mesh' as const,
              material: 'stainless' as const,
            },
          ],
          priceUsd: inventedPriceUsd(4.6, size),
        },
      ];
    }),
});
