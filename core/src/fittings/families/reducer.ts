import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { endSection, fullBoreMm, middle } from '../body';
import { nptFemale, nptMale, socket, spigot } from '../ends';
import { TYPICAL_BODIES, defineFamily, inventedPriceUsd } from '../part-family';

/** Large size, small size, what a flush bushing adds to the run in inches (typical, value from memory). */
const SOCKET_BUSHINGS: readonly (readonly [NominalSize, NominalSize, number])[] = [
  ['3/4', '1/2', 0.281],
  ['1', '1/2', 0.325],
  ['1', '3/4', 0.325],
  ['1-1/4', '1', 0.362],
  ['1-1/2', '3/4', 0.306],
  ['1-1/2', '1', 0.306],
  ['1-1/2', '1-1/4', 0.306],
  ['2', '1', 0.344],
  ['2', '1-1/4', 0.344],
  ['2', '1-1/2', 0.344],
  ['3', '2', 0.325],
];

const THREADED_BUSHINGS: readonly (readonly [NominalSize, NominalSize])[] = [
  ['3/4', '1/2'],
  ['1', '1/2'],
  ['1', '3/4'],
  ['1-1/4', '1'],
  ['1-1/2', '1'],
  ['1-1/2', '1-1/4'],
  ['2', '1'],
  ['2', '1-1/2'],
];
const HEAD_MM = 8;

/** Reducing bushings, glued into a socket or screwed into a thread. */
export const reducers = defineFamily({
  id: 'reducer',
  name: 'Reducing bushing',
  source: TYPICAL_BODIES,
  parts: () => [
    ...SOCKET_BUSHINGS.map(([large, small, addsIn]) => {
      const boreMm = fullBoreMm(small);
      const outer = endSection(spigot(large), boreMm);
      const inner = endSection(socket(small), boreMm);
      return {
        code: `RS-${sizeCode(large)}${sizeCode(small)}`,
        name: 'Reducing bushing',
        detail: `${large} spigot x ${small} socket`,
        size: large,
        material: 'pvc' as const,
        ends: [
          { end: spigot(large), position: 'inlet' as const },
          { end: socket(small), position: 'outlet' as const },
        ],
        body: [outer, middle(addsIn * MM_PER_INCH, outer.outsideMm * 1.08, inner.boreMm, 'hex')],
        features: [],
        boreMm,
        sale: { by: 'piece' as const },
        priceUsd: inventedPriceUsd(1.1, large),
      };
    }),
    ...THREADED_BUSHINGS.map(([large, small]) => {
      const boreMm = fullBoreMm(small);
      const outer = endSection(nptMale(large), boreMm);
      const inner = endSection(nptFemale(small), boreMm);
      return {
        code: `RT-${sizeCode(large)}${sizeCode(small)}`,
        name: 'Hex bushing',
        detail: `${large} NPT male x ${small} female`,
        size: large,
        material: 'brass' as const,
        ends: [
          { end: nptMale(large), position: 'inlet' as const },
          { end: nptFemale(small), position: 'outlet' as const },
        ],
        body: [outer, middle(HEAD_MM, outer.outsideMm * 1.2, inner.boreMm, 'hex')],
        features: [],
        boreMm,
        sale: { by: 'piece' as const },
        priceUsd: inventedPriceUsd(5.5, large),
      };
    }),
  ],
});
