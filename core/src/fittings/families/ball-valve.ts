import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { fullBoreMm, middle } from '../body';
import { nptFemale, socket } from '../ends';
import { TYPICAL_BODIES, defineFamily } from '../part-family';
import { piece } from '../piece';

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

/** What makes the kinds of valve differ. */
interface Kind {
  readonly mark: string;
  readonly name: string;
  readonly material: Material;
  readonly end: (size: NominalSize) => End;
  readonly ending: string;
  readonly priceUsd: number;
}

const LEVER: Kind = {
  mark: 'LV',
  name: 'Lever valve',
  material: 'brass',
  end: nptFemale,
  ending: 'NPT female',
  priceUsd: 18,
};
const THREADED: Kind = {
  mark: 'VT',
  name: 'Ball valve',
  material: 'pvc',
  end: nptFemale,
  ending: 'NPT female',
  priceUsd: 8,
};
const SOCKETED: Kind = { mark: 'VS', name: 'Ball valve', material: 'pvc', end: socket, ending: 'socket', priceUsd: 8 };

const LEAST_BALL_MM = 10;

const valve = (size: NominalSize, lengthIn: number, kind: Kind) =>
  piece({
    code: `${kind.mark}-${sizeCode(size)}`,
    name: kind.name,
    detail: `${size} ${kind.ending}`,
    size,
    material: kind.material,
    ends: [kind.end(size), kind.end(size)],
    boreMm: fullBoreMm(size),
    between: (inlet, outlet) =>
      middle(
        Math.max(LEAST_BALL_MM, lengthIn * MM_PER_INCH - inlet.lengthMm - outlet.lengthMm),
        inlet.outsideMm * 1.18,
        fullBoreMm(size),
      ),
    features: ['ball-and-lever'],
    priceUsdAtOneInch: kind.priceUsd,
  });

/** Full-bore ball valves: brass and PVC threaded to 2 in, PVC with sockets to 3. */
export const ballValves = defineFamily({
  id: 'ball-valve',
  name: 'Ball valve',
  source: TYPICAL_BODIES,
  parts: () =>
    ROWS.flatMap(({ size, brassIn, pvcIn }) => [
      ...(brassIn === undefined ? [] : [valve(size, brassIn, LEVER), valve(size, pvcIn, THREADED)]),
      valve(size, pvcIn, SOCKETED),
    ]),
});
