import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { npt } from '../../connections/standards/npt';
import { ipsSchedule40 } from '../../connections/standards/ips';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { endSection, fullBoreMm } from '../body';
import { nhSwivel, nptFemale, nptMale, socket } from '../ends';
import { TYPICAL_BODIES, defineFamily, inventedPriceUsd } from '../part-family';

const HEAD_MM = 7;

function closure(
  code: string,
  name: string,
  detail: string,
  size: NominalSize,
  end: End,
  material: Material,
  priceUsd: number,
) {
  const boreMm = fullBoreMm(size);
  const outer = endSection(end, boreMm);
  return {
    code: `${code}-${sizeCode(size)}`,
    name,
    detail,
    size,
    material,
    ends: [{ end, position: 'inlet' as const }],
    body: [outer, { lengthMm: HEAD_MM, outsideMm: outer.outsideMm, boreMm: 0, surface: 'closed' as const }],
    features: [],
    boreMm,
    sale: { by: 'piece' as const },
    priceUsd: inventedPriceUsd(priceUsd, size),
  };
}

const CARRIED: readonly NominalSize[] = ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2', '3'];
const carried = (size: NominalSize): boolean => CARRIED.includes(size);

/** Caps and plugs. */
export const closures = defineFamily({
  id: 'closure',
  name: 'Cap and plug',
  source: TYPICAL_BODIES,
  parts: () => [
    ...npt.sizes
      .filter(carried)
      .flatMap((size) => [
        closure('KT', 'Cap', `${size} NPT female`, size, nptFemale(size), 'pvc', 1.4),
        closure('PT', 'Plug', `${size} NPT male`, size, nptMale(size), 'pvc', 1.2),
      ]),
    ...ipsSchedule40.sizes
      .filter(({ size }) => carried(size))
      .map(({ size }) => closure('KS', 'Cap', `${size} socket`, size, socket(size), 'pvc', 1)),
    closure('KH', 'Hose cap', '3/4 NH female', '3/4', nhSwivel, 'brass', 4),
  ],
});
