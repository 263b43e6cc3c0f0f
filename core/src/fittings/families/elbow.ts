import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { endSection, fullBoreMm, middle } from '../body';
import { nptFemale, nptMale, socket } from '../ends';
import { TYPICAL_BODIES, defineFamily, inventedPriceUsd } from '../part-family';

/** Centre of the bend to the foot of the socket, in inches (typical, value from memory). */
const TAKE_OFF_IN: readonly (readonly [NominalSize, number])[] = [
  ['1/2', 0.5],
  ['3/4', 0.5625],
  ['1', 0.6875],
  ['1-1/4', 0.9375],
  ['1-1/2', 1.0625],
  ['2', 1.3125],
  ['3', 1.875],
];

/** Street elbows are carried in brass in the small sizes. */
const STREET_SIZES: readonly NominalSize[] = ['1/2', '3/4', '1'];

function elbow(
  size: NominalSize,
  takeOffIn: number,
  ends: readonly [End, End],
  material: Material,
  code: string,
  name: string,
  detail: string,
  priceUsd: number,
) {
  const boreMm = fullBoreMm(size);
  const [first, second] = [endSection(ends[0], boreMm), endSection(ends[1], boreMm)];
  const bendMm = 2 * takeOffIn * MM_PER_INCH;
  return {
    code: `${code}-${sizeCode(size)}`,
    name,
    detail,
    size,
    material,
    ends: [
      { end: ends[0], position: 'inlet' },
      { end: ends[1], position: 'outlet' },
    ],
    body: [first, middle(bendMm, Math.min(first.outsideMm, second.outsideMm * 1.2), boreMm), second],
    features: ['bend'],
    boreMm,
    sale: { by: 'piece' },
    priceUsd: inventedPriceUsd(priceUsd, size),
  } as const;
}

/** Quarter bends: PVC with sockets or threads, street elbows in brass. The string draws them laid out straight. */
export const elbows = defineFamily({
  id: 'elbow',
  name: 'Elbow',
  source: TYPICAL_BODIES,
  parts: () =>
    TAKE_OFF_IN.flatMap(([size, takeOff]) => [
      elbow(size, takeOff, [socket(size), socket(size)], 'pvc', 'ES', 'Elbow', `${size} socket`, 1.6),
      ...(size === '3'
        ? []
        : [
            elbow(
              size,
              takeOff + 0.12,
              [nptFemale(size), nptFemale(size)],
              'pvc',
              'ET',
              'Elbow',
              `${size} NPT female`,
              2.4,
            ),
          ]),
      ...(STREET_SIZES.includes(size)
        ? [
            elbow(
              size,
              takeOff + 0.12,
              [nptMale(size), nptFemale(size)],
              'brass',
              'EM',
              'Street elbow',
              `${size} NPT male x female`,
              9,
            ),
          ]
        : []),
    ]),
});
