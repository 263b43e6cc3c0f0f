import { type NominalSize, sizeCode } from '../../quantity/size';
import { endsWords } from '../end-words';
import { fitting } from '../fitting';
import { type Line, type Made, overMade, overPairs } from '../line';
import { SOCKETED, THREADED, inAllSizes } from '../lines/all';
import * as socketed from '../lines/socketed';
import * as tailed from '../lines/tailed';
import * as threaded from '../lines/threaded';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

/** Couplings by line and size (ranges of the trade, from memory). */
const COUPLINGS: readonly Made[] = [
  ...inAllSizes(THREADED),
  ...inAllSizes(SOCKETED),
  { line: socketed.SCHEDULE_40_COMPRESSION },
  { line: tailed.HOSE_BRASS },
  { line: tailed.HOSE_NYLON },
  { line: tailed.METRIC_HOSE_NYLON },
  { line: tailed.METRIC_HOSE_BRASS, from: '13', to: '25' },
  { line: tailed.INSERT_NYLON },
  { line: tailed.INSERT_BRASS },
  { line: tailed.RURAL_NYLON },
  { line: tailed.DRIP },
];

const REDUCING: readonly Made[] = [
  { line: threaded.NPT_BRASS, from: '1/8', to: '2' },
  { line: threaded.NPT_STAINLESS, from: '1/4', to: '4' },
  { line: threaded.NPT_GALVANISED },
  { line: threaded.NPT_PVC_80, from: '1/2', to: '2' },
  { line: threaded.NPT_POLYPROPYLENE, from: '1/4', to: '1-1/2' },
  { line: threaded.ISO_BRASS, from: '1/4', to: '2' },
  { line: threaded.ISO_STAINLESS, from: '1/4', to: '4' },
  { line: threaded.ISO_GALVANISED },
  { line: threaded.ISO_POLYPROPYLENE, from: '1/2', to: '2' },
  { line: socketed.SCHEDULE_40 },
  { line: socketed.SCHEDULE_80 },
  { line: socketed.DRAIN_US },
  { line: socketed.DRAIN_US_ABS },
  { line: socketed.CPVC_US, from: '1/2', to: '1' },
  { line: socketed.METRIC_PRESSURE },
  { line: socketed.ANZ_PRESSURE },
  { line: socketed.ANZ_DRAIN },
  { line: socketed.WASTE_PUSH_FIT },
  { line: socketed.COPPER_COMPRESSION, from: '15', to: '28' },
  { line: socketed.COPPER_PUSH_FIT },
  { line: socketed.POLY_COMPRESSION },
  { line: socketed.RURAL_COMPRESSION },
  { line: socketed.COPPER_SOLDER, from: '15', to: '42' },
  { line: socketed.CTS_SOLDER, from: '1/2', to: '1-1/2' },
  { line: socketed.COPPER_PRESS, from: '15', to: '28' },
  { line: socketed.CTS_PRESS, from: '1/2', to: '1' },
  { line: socketed.PEX_CRIMP },
  { line: socketed.PEX_EXPANSION },
  { line: socketed.PE_IPS_COMPRESSION },
  { line: socketed.EU_DRAIN },
  { line: tailed.HOSE_BRASS, from: '3/8', to: '1' },
  { line: tailed.HOSE_NYLON, from: '3/8', to: '1-1/2' },
  { line: tailed.METRIC_HOSE_NYLON },
  { line: tailed.INSERT_NYLON },
  { line: tailed.RURAL_NYLON },
];

/** Without a stop inside, so that it slides right over the pipe: the way back into a line that stands. */
const SLIP: readonly Made[] = [
  { line: socketed.SCHEDULE_40, from: '1/2', to: '4' },
  { line: socketed.DRAIN_US },
  { line: socketed.SEWER_US_RING },
  { line: socketed.METRIC_PRESSURE, from: '20', to: '63' },
  { line: socketed.ANZ_PRESSURE, from: '15', to: '50' },
  { line: socketed.WASTE_PUSH_FIT },
  { line: socketed.SOIL_PUSH_FIT },
  { line: socketed.COPPER_COMPRESSION, from: '15', to: '28' },
  { line: socketed.COPPER_PUSH_FIT },
  { line: socketed.POLY_COMPRESSION, from: '20', to: '63' },
  { line: socketed.RURAL_COMPRESSION },
  { line: socketed.COPPER_PRESS, from: '15', to: '28' },
  { line: socketed.CTS_PRESS, from: '1/2', to: '1' },
  { line: socketed.COPPER_SOLDER, from: '15', to: '28' },
  { line: socketed.CTS_SOLDER, from: '1/2', to: '1' },
  { line: socketed.EU_DRAIN },
  { line: socketed.SCHEDULE_40_COMPRESSION },
];

const UNIONS: readonly Made[] = [
  { line: threaded.NPT_BRASS },
  { line: threaded.NPT_STAINLESS },
  { line: threaded.NPT_GALVANISED },
  { line: threaded.NPT_PVC, from: '1/2', to: '2' },
  { line: threaded.NPT_PVC_80 },
  { line: threaded.NPT_POLYPROPYLENE },
  { line: threaded.ISO_BRASS },
  { line: threaded.ISO_STAINLESS },
  { line: threaded.ISO_GALVANISED },
  { line: threaded.ISO_POLYPROPYLENE },
  { line: socketed.SCHEDULE_40 },
  { line: socketed.SCHEDULE_80 },
  { line: socketed.CPVC_US },
  { line: socketed.METRIC_PRESSURE },
  { line: socketed.ANZ_PRESSURE },
];

/** Male on one side: at the mouth of a tank or a pump. */
const MALE_UNIONS: readonly Made[] = [
  { line: threaded.NPT_GALVANISED, from: '1/4', to: '2' },
  { line: threaded.NPT_BRASS, from: '1/2', to: '1' },
  { line: threaded.ISO_BRASS, from: '3/8', to: '2' },
  { line: threaded.ISO_GALVANISED, from: '3/8', to: '2' },
  { line: threaded.ISO_STAINLESS, from: '1/4', to: '2' },
];

/** Rubber sleeves with two bands, over pipe ends alike or of two series; drains and vents only. */
const SLEEVES: readonly (readonly [string, NominalSize, string, NominalSize])[] = [
  ['ips-40', '1-1/4', 'ips-40', '1-1/4'],
  ['ips-40', '1-1/2', 'ips-40', '1-1/2'],
  ['ips-40', '2', 'ips-40', '2'],
  ['ips-40', '3', 'ips-40', '3'],
  ['ips-40', '4', 'ips-40', '4'],
  ['ips-40', '1-1/2', 'ips-40', '1-1/4'],
  ['ips-40', '2', 'ips-40', '1-1/2'],
  ['ips-40', '3', 'ips-40', '2'],
  ['ips-40', '4', 'ips-40', '3'],
  ['dwv', '1-1/2', 'dwv', '1-1/2'],
  ['dwv', '2', 'dwv', '2'],
  ['dwv', '3', 'dwv', '3'],
  ['dwv', '4', 'dwv', '4'],
  ['d3034', '4', 'd3034', '4'],
  ['d3034', '6', 'd3034', '6'],
  ['d3034', '4', 'ips-40', '4'],
  ['d3034', '4', 'dwv', '4'],
  ['d2729', '3', 'ips-40', '3'],
  ['d2729', '4', 'd2729', '4'],
  ['d2729', '4', 'ips-40', '4'],
  ['soil', '110', 'soil', '110'],
  ['eu-drain', '50', 'eu-drain', '50'],
  ['eu-drain', '75', 'eu-drain', '75'],
  ['eu-drain', '125', 'eu-drain', '125'],
  ['eu-drain', '160', 'eu-drain', '160'],
];

interface Kind {
  readonly mark: string;
  readonly name: string;
  readonly priceUsd: number;
  readonly betweenMm: (line: Line, size: NominalSize) => number;
  readonly nut?: true;
  readonly slip?: true;
  readonly male?: true;
}

const COUPLING: Kind = { mark: 'C', name: 'Coupling', priceUsd: 0.9, betweenMm: (line, size) => line.stopMm(size) };
/** What a taper between two sizes adds (typical, value from memory). */
const REDUCING_COUPLING: Kind = {
  mark: 'CR',
  name: 'Reducing coupling',
  priceUsd: 1.4,
  betweenMm: (line, size) => line.stopMm(size) + 8,
};
const SLIP_COUPLING: Kind = {
  mark: 'CL',
  name: 'Slip coupling',
  priceUsd: 2.2,
  betweenMm: (line, size) => line.stopMm(size) + 30,
  slip: true,
};
const UNION: Kind = { mark: 'U', name: 'Union', priceUsd: 3, betweenMm: (line, size) => line.unionMm(size), nut: true };
const MALE_UNION: Kind = { ...UNION, mark: 'UM', name: 'Union, male and female', male: true };

const UNION_GIRTH = 1.35;

function joining(kind: Kind, line: Line, size: NominalSize, small = size) {
  const ends = [kind.male ? line.enters(size) : line.takes(size), line.takes(small)];
  return fitting({
    code: `${kind.mark}${line.mark}-${sizeCode(size)}${small === size ? '' : sizeCode(small)}`,
    name: kind.name,
    detail: endsWords(ends),
    size,
    material: line.material,
    ends,
    betweenMm: kind.betweenMm(line, size),
    source: kind === COUPLING ? line.source : undefined,
    girth: kind.nut ? UNION_GIRTH : 1,
    surface: kind.nut ? 'nut' : 'plain',
    features: kind.nut ? ['union-nut'] : kind.slip ? ['slip'] : [],
    ratedKpa: line.ratedKpa(size),
    priceUsdAtOneInch: kind.priceUsd * line.priceFactor,
  });
}

/** Couplings, reducing and slip couplings, unions that come apart again on their own ring, rubber sleeves. */
export const couplings = defineFamily({
  id: 'coupling',
  name: 'Coupling and union',
  source: TYPICAL_BODIES,
  parts: () => [
    ...overMade(COUPLINGS, (line, size) => joining(COUPLING, line, size)),
    ...overPairs(REDUCING, 3, (line, large, small) => joining(REDUCING_COUPLING, line, large, small)),
    ...overMade(SLIP, (line, size) => joining(SLIP_COUPLING, line, size)),
    ...overMade(UNIONS, (line, size) => joining(UNION, line, size)),
    ...overMade(MALE_UNIONS, (line, size) => joining(MALE_UNION, line, size)),
    ...SLEEVES.map(([series, size, otherSeries, other]) =>
      fitting({
        code: `CF-${series}-${sizeCode(size)}-${otherSeries}-${sizeCode(other)}`.toUpperCase(),
        name: 'Flexible coupling',
        size,
        material: 'rubber',
        ends: [
          { kind: 'pipe', series, size, part: 'sleeve' },
          { kind: 'pipe', series: otherSeries, size: other, part: 'sleeve' },
        ],
        betweenMm: 10,
        features: ['slip'],
        ratedKpa: null,
        priceUsdAtOneInch: 4,
      }),
    ),
  ],
});
