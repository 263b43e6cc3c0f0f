import type { End } from '../../connections/end';
import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { fullBoreMm, middle } from '../body';
import { nptFemale, socket } from '../ends';
import type { Part } from '../part';
import { TYPICAL_BODIES, defineFamily } from '../part-family';
import { piece } from '../piece';
import { TAKE_OFF_IN, THREAD_ADDS_IN } from '../take-off-lengths';

/** Reducing tees that counters carry: run, branch. */
const REDUCING: readonly (readonly [NominalSize, NominalSize])[] = [
  ['1', '3/4'],
  ['1-1/2', '3/4'],
  ['1-1/2', '1'],
  ['2', '1'],
];

interface Kind {
  readonly mark: string;
  readonly end: (size: NominalSize) => End;
  readonly ending: string;
  readonly priceUsd: number;
}

const SOCKETED: Kind = { mark: 'TS', end: socket, ending: 'socket', priceUsd: 2.1 };
const THREADED: Kind = { mark: 'TT', end: nptFemale, ending: 'NPT female', priceUsd: 3.2 };
const REDUCED: Kind = { mark: 'TR', end: socket, ending: 'socket', priceUsd: 2.9 };

function tee(
  run: NominalSize,
  branch: NominalSize,
  takeOffIn: number,
  { mark, end, ending, priceUsd }: Kind,
): Omit<Part, 'family' | 'source'> {
  const straight = piece({
    code: run === branch ? `${mark}-${sizeCode(run)}` : `${mark}-${sizeCode(run)}${sizeCode(branch)}`,
    name: run === branch ? 'Tee' : 'Reducing tee',
    detail: run === branch ? `${run} ${ending}` : `${run} x ${branch} ${ending}`,
    size: run,
    material: 'pvc',
    ends: [end(run), end(run)],
    boreMm: fullBoreMm(run),
    between: (inlet) => middle(2 * takeOffIn * MM_PER_INCH, inlet.outsideMm, fullBoreMm(run)),
    features: ['branch'],
    priceUsdAtOneInch: priceUsd,
  });
  return {
    ...straight,
    ends: [...straight.ends, { end: end(branch), position: 'branch' }],
    boreMm: Math.min(fullBoreMm(run), fullBoreMm(branch)),
  };
}

const takeOffOf = (size: NominalSize): number => {
  const found = TAKE_OFF_IN.find(([one]) => one === size);
  if (!found) throw new RangeError(`tee: no take-off for ${size}`);
  return found[1];
};

/** PVC tees with sockets or threads, and the usual reducing ones. */
export const tees = defineFamily({
  id: 'tee',
  name: 'Tee',
  source: TYPICAL_BODIES,
  parts: () => [
    ...TAKE_OFF_IN.flatMap(([size, takeOff]) => [
      tee(size, size, takeOff, SOCKETED),
      ...(size === '3' ? [] : [tee(size, size, takeOff + THREAD_ADDS_IN, THREADED)]),
    ]),
    ...REDUCING.map(([run, branch]) => tee(run, branch, takeOffOf(run), REDUCED)),
  ],
});
