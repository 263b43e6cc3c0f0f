import type { End } from '../../connections/end';
import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { endSection, fullBoreMm, middle } from '../body';
import { nptFemale, socket } from '../ends';
import { TYPICAL_BODIES, defineFamily, inventedPriceUsd } from '../part-family';

/** Centre to the foot of the socket along the run, in inches (typical, value from memory). */
const TAKE_OFF_IN: readonly (readonly [NominalSize, number])[] = [
  ['1/2', 0.5],
  ['3/4', 0.5625],
  ['1', 0.6875],
  ['1-1/4', 0.9375],
  ['1-1/2', 1.0625],
  ['2', 1.3125],
  ['3', 1.875],
];

/** Reducing tees that counters carry: run, branch. */
const REDUCING: readonly (readonly [NominalSize, NominalSize])[] = [
  ['1', '3/4'],
  ['1-1/2', '3/4'],
  ['1-1/2', '1'],
  ['2', '1'],
];

function tee(
  run: NominalSize,
  branch: NominalSize,
  takeOffIn: number,
  end: (size: NominalSize) => End,
  code: string,
  ending: string,
  priceUsd: number,
) {
  const boreMm = fullBoreMm(run);
  const outer = endSection(end(run), boreMm);
  return {
    code: run === branch ? `${code}-${sizeCode(run)}` : `${code}-${sizeCode(run)}${sizeCode(branch)}`,
    name: run === branch ? 'Tee' : 'Reducing tee',
    detail: run === branch ? `${run} ${ending}` : `${run} x ${branch} ${ending}`,
    size: run,
    material: 'pvc',
    ends: [
      { end: end(run), position: 'inlet' },
      { end: end(run), position: 'outlet' },
      { end: end(branch), position: 'branch' },
    ],
    body: [outer, middle(2 * takeOffIn * MM_PER_INCH, outer.outsideMm, boreMm), outer],
    features: ['branch'],
    boreMm: Math.min(boreMm, fullBoreMm(branch)),
    sale: { by: 'piece' },
    priceUsd: inventedPriceUsd(priceUsd, run),
  } as const;
}

/** PVC tees with sockets or threads, and the usual reducing ones. */
export const tees = defineFamily({
  id: 'tee',
  name: 'Tee',
  source: TYPICAL_BODIES,
  parts: () => [
    ...TAKE_OFF_IN.flatMap(([size, takeOff]) => [
      tee(size, size, takeOff, socket, 'TS', 'socket', 2.1),
      ...(size === '3' ? [] : [tee(size, size, takeOff + 0.12, nptFemale, 'TT', 'NPT female', 3.2)]),
    ]),
    ...REDUCING.map(([run, branch]) =>
      tee(run, branch, TAKE_OFF_IN.find(([size]) => size === run)?.[1] ?? 0, socket, 'TR', 'socket', 2.9),
    ),
  ],
});
