import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { fullBoreMm, middle } from '../body';
import { nptFemale, nptMale, socket } from '../ends';
import { TYPICAL_BODIES, defineFamily } from '../part-family';
import { piece } from '../piece';

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

const adapter = (size: NominalSize, bodyIn: number, sex: 'male' | 'female') =>
  piece({
    code: `${sex === 'male' ? 'AM' : 'AF'}-${sizeCode(size)}`,
    name: sex === 'male' ? 'Male adapter' : 'Female adapter',
    detail: `${size} NPT ${sex} x socket`,
    size,
    material: 'pvc',
    ends: [sex === 'male' ? nptMale(size) : nptFemale(size), socket(size)],
    boreMm: fullBoreMm(size),
    between: (_, hub) => middle(bodyIn * MM_PER_INCH, hub.outsideMm * 1.05, fullBoreMm(size), 'hex'),
    priceUsdAtOneInch: 1.3,
  });

/** Male and female adapters: pipe thread to solvent socket. */
export const pipeAdapters = defineFamily({
  id: 'pipe-adapter',
  name: 'Pipe adapter',
  source: TYPICAL_BODIES,
  parts: () => ROWS.flatMap(([size, bodyIn]) => [adapter(size, bodyIn, 'male'), adapter(size, bodyIn, 'female')]),
});
