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

/** A threaded coupling has about this much more between its threads than a socketed one has between its sockets. */
const THREADED_STOP_ADDS_IN = 0.15;

interface Kind {
  readonly mark: string;
  readonly name: string;
  readonly end: (size: NominalSize) => End;
  readonly ending: string;
  readonly material: Material;
  readonly priceUsd: number;
  readonly nut: boolean;
}

const COUPLING: Kind = {
  mark: 'CS',
  name: 'Coupling',
  end: socket,
  ending: 'socket',
  material: 'pvc',
  priceUsd: 0.9,
  nut: false,
};
const THREADED: Kind = { ...COUPLING, mark: 'CT', end: nptFemale, ending: 'NPT female', priceUsd: 1.5 };
const UNION: Kind = { ...COUPLING, mark: 'US', name: 'Union', priceUsd: 6, nut: true };
const THREADED_UNION: Kind = {
  ...UNION,
  mark: 'UT',
  end: nptFemale,
  ending: 'NPT female',
  material: 'brass',
  priceUsd: 15,
};

const joining = (size: NominalSize, gapIn: number, kind: Kind) =>
  piece({
    code: `${kind.mark}-${sizeCode(size)}`,
    name: kind.name,
    detail: `${size} ${kind.ending}`,
    size,
    material: kind.material,
    ends: [kind.end(size), kind.end(size)],
    boreMm: fullBoreMm(size),
    between: ({ outsideMm }) =>
      middle(gapIn * MM_PER_INCH, outsideMm * (kind.nut ? 1.35 : 1), fullBoreMm(size), kind.nut ? 'nut' : 'plain'),
    features: kind.nut ? ['union-nut'] : [],
    priceUsdAtOneInch: kind.priceUsd,
  });

/** Couplings, and unions that come apart again on their own ring. Threaded ones are carried to 2 in. */
export const couplings = defineFamily({
  id: 'coupling',
  name: 'Coupling and union',
  source: TYPICAL_BODIES,
  parts: () =>
    ROWS.flatMap(({ size, stopIn, unionIn }) => [
      joining(size, stopIn, COUPLING),
      joining(size, unionIn, UNION),
      ...(size === '3'
        ? []
        : [joining(size, stopIn + THREADED_STOP_ADDS_IN, THREADED), joining(size, unionIn, THREADED_UNION)]),
    ]),
});
