import type { HoseEnd } from '../../connections/end';
import type { Material } from '../../connections/material';
import { hoseOf, hoseSystem } from '../../connections/standards/hose';
import type { NominalSize } from '../../quantity/size';
import type { Line } from '../line';
import { TYPICAL_BODIES } from '../part-family';

interface Tailed {
  readonly mark: string;
  readonly system: string;
  readonly material: Material;
  readonly sizes?: readonly NominalSize[];
  readonly ratedKpa: number;
  readonly priceFactor: number;
}

/** From the centre of a bend to the root of its tail, and between two tails, as shares of the bore (typical, value from memory). */
const BEND_SHARE = 0.62;
const STOP_SHARE = 0.25;

/** Lines that have tails only: hose joiners, insert fittings of polyethylene pipe. Both ends of a pair go into pipe. */
function tailed({ mark, system, material, sizes, ratedKpa, priceFactor }: Tailed): Line {
  const tail = (size: NominalSize): HoseEnd => ({ kind: 'hose', system, size, part: 'barb' });
  const boreMm = (size: NominalSize): number => hoseOf({ system, size }).boreMm;
  return {
    mark,
    material,
    sizes: sizes ?? hoseSystem(system).sizes.map(({ size }) => size),
    takes: tail,
    enters: tail,
    takeOffMm: (size) => boreMm(size) * BEND_SHARE,
    stopMm: (size) => 3 + boreMm(size) * STOP_SHARE,
    unionMm: (size) => 12 + boreMm(size),
    ratedKpa: () => ratedKpa,
    priceFactor,
    source: TYPICAL_BODIES,
  };
}

const INCH_HOSE: readonly NominalSize[] = ['3/8', '1/2', '5/8', '3/4', '1', '1-1/4', '1-1/2', '2'];
const METRIC_HOSE: readonly NominalSize[] = ['13', '15', '16', '19', '25', '32', '38', '50'];

export const HOSE_BRASS = tailed({
  mark: 'HB',
  system: 'hose',
  material: 'brass',
  sizes: INCH_HOSE,
  ratedKpa: 1000,
  priceFactor: 4.4,
});
export const HOSE_NYLON = tailed({
  mark: 'HY',
  system: 'hose',
  material: 'nylon',
  sizes: INCH_HOSE,
  ratedKpa: 600,
  priceFactor: 1.2,
});
export const METRIC_HOSE_NYLON = tailed({
  mark: 'HM',
  system: 'hose',
  material: 'nylon',
  sizes: METRIC_HOSE,
  ratedKpa: 600,
  priceFactor: 1.2,
});
export const METRIC_HOSE_BRASS = tailed({
  mark: 'HZ',
  system: 'hose',
  material: 'brass',
  sizes: METRIC_HOSE,
  ratedKpa: 1000,
  priceFactor: 4.2,
});
export const INSERT_NYLON = tailed({
  mark: 'IY',
  system: 'pe-id',
  material: 'nylon',
  ratedKpa: 690,
  priceFactor: 1.1,
});
export const INSERT_BRASS = tailed({
  mark: 'IB',
  system: 'pe-id',
  material: 'brass',
  ratedKpa: 1100,
  priceFactor: 5,
});
export const RURAL_NYLON = tailed({
  mark: 'RU',
  system: 'rural',
  material: 'nylon',
  ratedKpa: 800,
  priceFactor: 2.2,
});
/** Bears about 2 bar on the edge of its tails alone (common practice, 25 to 30 psi). */
export const DRIP = tailed({
  mark: 'DT',
  system: 'drip',
  material: 'polypropylene',
  ratedKpa: 200,
  priceFactor: 0.5,
});
