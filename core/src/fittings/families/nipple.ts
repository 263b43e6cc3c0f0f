import type { Material } from '../../connections/material';
import { npt } from '../../connections/standards/npt';
import { MM_PER_INCH, inchFigure } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { endSection, fullBoreMm, middle } from '../body';
import { nptMale } from '../ends';
import type { Part } from '../part';
import { defineFamily, inventedPriceUsd } from '../part-family';

/** Close nipples: overall length in inches by size (ASTM A733 lengths, value from memory). */
const CLOSE_IN: Readonly<Partial<Record<NominalSize, number>>> = {
  '1/2': 1.125,
  '3/4': 1.375,
  '1': 1.5,
  '1-1/4': 1.625,
  '1-1/2': 1.75,
  '2': 2,
};
const LONG_IN = 4;
/** Hexagon of a hex nipple between its threads (typical). */
const HEX_MM = 9;

/** Threaded nipples are made in brass to 1-1/2 and in PVC to 2. */
const MADE_IN: readonly { material: Material; sizes: readonly NominalSize[]; mark: string; priceUsd: number }[] = [
  { material: 'brass', sizes: ['1/2', '3/4', '1', '1-1/4', '1-1/2'], mark: '', priceUsd: 7 },
  { material: 'pvc', sizes: ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'], mark: 'V', priceUsd: 1.8 },
];

type Shape = Pick<Part, 'code' | 'name' | 'detail' | 'body' | 'priceUsd'>;

function close(size: NominalSize, mark: string, priceUsd: number): Shape {
  const lengthIn = CLOSE_IN[size];
  if (lengthIn === undefined) throw new RangeError(`nipple: no close ${size}`);
  const half = endSection(nptMale(size), fullBoreMm(size));
  const lengthMm = (lengthIn * MM_PER_INCH) / 2;
  return {
    code: `NC${mark}-${sizeCode(size)}`,
    name: 'Close nipple',
    detail: `${size} NPT, ${inchFigure(lengthIn)} in`,
    body: [
      { ...half, lengthMm },
      { ...half, lengthMm },
    ],
    priceUsd: inventedPriceUsd(priceUsd * 0.7, size),
  };
}

function long(size: NominalSize, mark: string, priceUsd: number): Shape {
  const thread = endSection(nptMale(size), fullBoreMm(size));
  const plainMm = LONG_IN * MM_PER_INCH - 2 * thread.lengthMm;
  return {
    code: `NL${mark}-${sizeCode(size)}`,
    name: 'Nipple',
    detail: `${size} NPT, ${LONG_IN} in`,
    body: [thread, middle(plainMm, thread.outsideMm, thread.boreMm), thread],
    priceUsd: inventedPriceUsd(priceUsd, size),
  };
}

function hex(size: NominalSize, mark: string, priceUsd: number): Shape {
  const thread = endSection(nptMale(size), fullBoreMm(size));
  return {
    code: `NH${mark}-${sizeCode(size)}`,
    name: 'Hex nipple',
    detail: `${size} NPT male`,
    body: [thread, middle(HEX_MM, thread.outsideMm * 1.25, thread.boreMm, 'hex'), thread],
    priceUsd: inventedPriceUsd(priceUsd * 0.9, size),
  };
}

/** Nipples: close, 4 in and hexagon, male on both ends. */
export const nipples = defineFamily({
  id: 'nipple',
  name: 'Nipple',
  source: { document: 'ASTM A733 (lengths)', provenance: 'from-memory' },
  parts: () =>
    MADE_IN.flatMap(({ material, sizes, mark, priceUsd }) =>
      sizes
        .filter((size) => npt.sizes.includes(size))
        .flatMap((size) =>
          [close, long, ...(material === 'brass' ? [hex] : [])].map((shape) => ({
            ...shape(size, mark, priceUsd),
            size,
            material,
            ends: [
              { end: nptMale(size), position: 'inlet' as const },
              { end: nptMale(size), position: 'outlet' as const },
            ],
            features: [],
            boreMm: fullBoreMm(size),
            sale: { by: 'piece' as const },
          })),
        ),
    ),
});
