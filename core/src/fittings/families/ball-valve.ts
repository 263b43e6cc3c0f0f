import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { endSection, fullBoreMm, middle } from '../body';
import { nptFemale, socket } from '../ends';
import { TYPICAL_BODIES, defineFamily, inventedPriceUsd } from '../part-family';

interface Row {
  readonly size: NominalSize;
  readonly brassIn?: number;
  readonly pvcIn: number;
}

/** Overall lengths in inches (typical, value from memory). */
const ROWS: readonly Row[] = [
  { size: '1/2', brassIn: 2.2, pvcIn: 2.8 },
  { size: '3/4', brassIn: 2.6, pvcIn: 3.2 },
  { size: '1', brassIn: 3.1, pvcIn: 3.7 },
  { size: '1-1/4', brassIn: 3.6, pvcIn: 4.2 },
  { size: '1-1/2', brassIn: 4, pvcIn: 4.6 },
  { size: '2', brassIn: 4.7, pvcIn: 5.4 },
  { size: '3', pvcIn: 8.4 },
];

function valve(
  size: NominalSize,
  lengthIn: number,
  end: End,
  material: Material,
  code: string,
  name: string,
  detail: string,
  priceUsd: number,
) {
  const boreMm = fullBoreMm(size);
  const outer = endSection(end, boreMm);
  const ballMm = Math.max(10, lengthIn * MM_PER_INCH - 2 * outer.lengthMm);
  return {
    code: `${code}-${sizeCode(size)}`,
    name,
    detail,
    size,
    material,
    ends: [
      { end, position: 'inlet' },
      { end, position: 'outlet' },
    ],
    body: [
      { ...outer, surface: outer.surface === 'female-thread' ? 'female-thread' : 'plain' },
      middle(ballMm, outer.outsideMm * 1.18, boreMm),
      outer,
    ],
    features: ['ball-and-lever'],
    boreMm,
    sale: { by: 'piece' },
    priceUsd: inventedPriceUsd(priceUsd, size),
  } as const;
}

/** Full-bore ball valves: brass and PVC threaded, PVC with sockets. */
export const ballValves = defineFamily({
  id: 'ball-valve',
  name: 'Ball valve',
  source: TYPICAL_BODIES,
  parts: () =>
    ROWS.flatMap(({ size, brassIn, pvcIn }) => [
      ...(brassIn === undefined
        ? []
        : [valve(size, brassIn, nptFemale(size), 'brass', 'LV', 'Lever valve', `${size} NPT female`, 18)]),
      ...(size === '3'
        ? []
        : [valve(size, pvcIn, nptFemale(size), 'pvc', 'VT', 'Ball valve', `${size} NPT female`, 8)]),
      valve(size, pvcIn, socket(size), 'pvc', 'VS', 'Ball valve', `${size} socket`, 8),
    ]),
});
