import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { endSection, fullBoreMm, middle } from '../body';
import { nptFemale, nptMale, socket } from '../ends';
import { TYPICAL_BODIES, defineFamily, inventedPriceUsd } from '../part-family';

/** Between thread and socket, in inches: take-off of a male adapter (typical, value from memory). */
const ROWS: readonly (readonly [NominalSize, number])[] = [
  ['1/2', 0.118],
  ['3/4', 0.228],
  ['1', 0.244],
  ['1-1/4', 0.321],
  ['1-1/2', 0.285],
  ['2', 0.397],
  ['3', 0.419],
];

/** Male and female adapters: pipe thread to solvent socket. */
export const pipeAdapters = defineFamily({
  id: 'pipe-adapter',
  name: 'Pipe adapter',
  source: TYPICAL_BODIES,
  parts: () =>
    ROWS.flatMap(([size, bodyIn]) =>
      (['male', 'female'] as const).map((sex) => {
        const thread = sex === 'male' ? nptMale(size) : nptFemale(size);
        const boreMm = fullBoreMm(size);
        const [threaded, hub] = [endSection(thread, boreMm), endSection(socket(size), boreMm)];
        return {
          code: `${sex === 'male' ? 'AM' : 'AF'}-${sizeCode(size)}`,
          name: sex === 'male' ? 'Male adapter' : 'Female adapter',
          detail: `${size} NPT ${sex} x socket`,
          size,
          material: 'pvc' as const,
          ends: [
            { end: thread, position: 'inlet' as const },
            { end: socket(size), position: 'outlet' as const },
          ],
          body: [threaded, middle(bodyIn * MM_PER_INCH, hub.outsideMm * 1.05, boreMm, 'hex'), hub],
          features: [],
          boreMm,
          sale: { by: 'piece' as const },
          priceUsd: inventedPriceUsd(1.3, size),
        };
      }),
    ),
});
