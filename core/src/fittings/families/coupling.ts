import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { endSection, fullBoreMm, middle } from '../body';
import { nptFemale, socket } from '../ends';
import type { Feature } from '../part';
import { TYPICAL_BODIES, defineFamily, inventedPriceUsd } from '../part-family';

interface Row {
  readonly size: NominalSize;
  /** Between the feet of the two sockets, in inches: a coupling's stop, a union's body (typical, value from memory). */
  readonly stopIn: number;
  readonly unionIn: number;
}

const ROWS: readonly Row[] = [
  { size: '1/2', stopIn: 0.09, unionIn: 0.924 },
  { size: '3/4', stopIn: 0.09, unionIn: 1.162 },
  { size: '1', stopIn: 0.09, unionIn: 1.15 },
  { size: '1-1/4', stopIn: 0.12, unionIn: 1.324 },
  { size: '1-1/2', stopIn: 0.12, unionIn: 1.312 },
  { size: '2', stopIn: 0.12, unionIn: 1.588 },
  { size: '3', stopIn: 0.19, unionIn: 2.35 },
];

function joining(
  size: NominalSize,
  gapIn: number,
  end: End,
  material: Material,
  code: string,
  name: string,
  detail: string,
  features: readonly Feature[],
  priceUsd: number,
) {
  const boreMm = fullBoreMm(size);
  const outer = endSection(end, boreMm);
  const gapMm = gapIn * MM_PER_INCH;
  const between = features.includes('union-nut')
    ? middle(gapMm, outer.outsideMm * 1.35, boreMm, 'nut')
    : middle(gapMm, outer.outsideMm, boreMm);
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
    body: [outer, between, outer],
    features,
    boreMm,
    sale: { by: 'piece' },
    priceUsd: inventedPriceUsd(priceUsd, size),
  } as const;
}

/** Couplings, and unions that come apart again on their own ring. */
export const couplings = defineFamily({
  id: 'coupling',
  name: 'Coupling and union',
  source: TYPICAL_BODIES,
  parts: () =>
    ROWS.flatMap(({ size, stopIn, unionIn }) => [
      joining(size, stopIn, socket(size), 'pvc', 'CS', 'Coupling', `${size} socket`, [], 0.9),
      ...(size === '3'
        ? []
        : [joining(size, stopIn + 0.15, nptFemale(size), 'pvc', 'CT', 'Coupling', `${size} NPT female`, [], 1.5)]),
      joining(size, unionIn, socket(size), 'pvc', 'US', 'Union', `${size} socket`, ['union-nut'], 6),
      ...(size === '3'
        ? []
        : [joining(size, unionIn, nptFemale(size), 'brass', 'UT', 'Union', `${size} NPT female`, ['union-nut'], 15)]),
    ]),
});
