import { sizeCode } from '../../quantity/size';
import { endsWords } from '../end-words';
import { betweenFeetMm, fitting } from '../fitting';
import { type Line, type Made, overMade, overPairs } from '../line';
import { SOCKETED, THREADED, inAllSizes } from '../lines/all';
import * as socketed from '../lines/socketed';
import * as tailed from '../lines/tailed';
import * as threaded from '../lines/threaded';
import { defineFamily } from '../part-family';
import { TYPICAL_BODIES } from '../part-family';
import type { NominalSize } from '../../quantity/size';

/** Bends of a quarter turn with both ends alike: what is really made, by line and size (ranges of the trade, from memory). */
const QUARTER: readonly Made[] = [
  ...inAllSizes(THREADED),
  ...inAllSizes(SOCKETED),
  { line: tailed.HOSE_BRASS, from: '3/8', to: '1' },
  { line: tailed.HOSE_NYLON },
  { line: tailed.METRIC_HOSE_NYLON },
  { line: tailed.INSERT_NYLON },
  { line: tailed.INSERT_BRASS, from: '3/4', to: '2' },
  { line: tailed.RURAL_NYLON },
  { line: tailed.DRIP },
];

const EIGHTH: readonly Made[] = [
  { line: threaded.NPT_BRASS, from: '1/8', to: '2' },
  { line: threaded.NPT_STAINLESS, from: '1/4', to: '4' },
  { line: threaded.NPT_GALVANISED, from: '1/4', to: '4' },
  { line: threaded.NPT_PVC },
  { line: threaded.NPT_PVC_80 },
  { line: threaded.ISO_STAINLESS, from: '1/4', to: '4' },
  { line: threaded.ISO_GALVANISED, from: '3/8', to: '4' },
  { line: threaded.ISO_POLYPROPYLENE, from: '3/4', to: '2' },
  { line: socketed.SCHEDULE_40 },
  { line: socketed.SCHEDULE_80 },
  { line: socketed.DRAIN_US },
  { line: socketed.DRAIN_US_ABS },
  { line: socketed.SEWER_US },
  { line: socketed.SEWER_US_RING },
  { line: socketed.THIN_DRAIN_US },
  { line: socketed.CPVC_US },
  { line: socketed.METRIC_PRESSURE },
  { line: socketed.ANZ_PRESSURE },
  { line: socketed.ANZ_DRAIN },
  { line: socketed.ANZ_STORM },
  { line: socketed.WASTE_SOLVENT },
  { line: socketed.WASTE_PUSH_FIT },
  { line: socketed.OVERFLOW_PIPE },
  { line: socketed.SOIL_SOLVENT },
  { line: socketed.SOIL_PUSH_FIT },
  { line: socketed.POLY_COMPRESSION, from: '25', to: '63' },
  { line: socketed.COPPER_SOLDER, from: '15', to: '28' },
  { line: socketed.CTS_SOLDER, from: '1/2', to: '1' },
  { line: socketed.COPPER_PRESS, from: '15', to: '28' },
  { line: socketed.CTS_PRESS, from: '1/2', to: '1' },
  { line: socketed.EU_DRAIN },
];

/** One end taken, the other going in. */
const STREET: readonly Made[] = [
  { line: threaded.NPT_BRASS },
  { line: threaded.NPT_STAINLESS, from: '1/8', to: '2' },
  { line: threaded.NPT_GALVANISED },
  { line: threaded.NPT_PVC, from: '1/2', to: '2' },
  { line: threaded.NPT_POLYPROPYLENE, from: '1/4', to: '1-1/2' },
  { line: threaded.ISO_BRASS },
  { line: threaded.ISO_STAINLESS },
  { line: threaded.ISO_GALVANISED },
  { line: threaded.ISO_POLYPROPYLENE, from: '1/2', to: '2' },
  { line: threaded.ISO_NYLON },
  { line: socketed.SCHEDULE_40 },
  { line: socketed.DRAIN_US },
  { line: socketed.DRAIN_US_ABS },
  { line: socketed.SEWER_US },
  { line: socketed.ANZ_DRAIN },
  { line: socketed.WASTE_SOLVENT },
  { line: socketed.WASTE_PUSH_FIT },
  { line: socketed.SOIL_SOLVENT },
  { line: socketed.SOIL_PUSH_FIT },
  { line: socketed.EU_DRAIN },
];

const STREET_EIGHTH: readonly Made[] = [
  { line: threaded.NPT_BRASS, from: '1/8', to: '1' },
  { line: threaded.NPT_GALVANISED, from: '1/4', to: '2' },
  { line: threaded.ISO_GALVANISED, from: '1/2', to: '2' },
  { line: socketed.SCHEDULE_40, from: '1/2', to: '4' },
  { line: socketed.DRAIN_US },
  { line: socketed.DRAIN_US_ABS },
  { line: socketed.SOIL_PUSH_FIT },
];

/** Easy bends for drains and wherever a cleaning rod has to pass. */
const SWEEP: readonly Made[] = [
  { line: socketed.SCHEDULE_40, from: '1/2', to: '4' },
  { line: socketed.DRAIN_US, from: '1-1/2', to: '4' },
  { line: socketed.DRAIN_US_ABS },
  { line: socketed.SEWER_US },
  { line: socketed.SEWER_US_RING },
  { line: socketed.THIN_DRAIN_US },
  { line: socketed.ANZ_DRAIN, from: '40', to: '100' },
  { line: socketed.WASTE_SOLVENT },
  { line: socketed.SOIL_SOLVENT },
  { line: socketed.SOIL_PUSH_FIT },
];

/** A sixteenth of a turn, to follow a fall or go round an obstacle. */
const SIXTEENTH: readonly Made[] = [
  { line: socketed.SCHEDULE_40, from: '1-1/2', to: '4' },
  { line: socketed.DRAIN_US, from: '1-1/2', to: '4' },
  { line: socketed.DRAIN_US_ABS },
  { line: socketed.SEWER_US },
  { line: socketed.SEWER_US_RING },
  { line: socketed.ANZ_DRAIN, from: '40', to: '100' },
  { line: socketed.SOIL_SOLVENT },
  { line: socketed.SOIL_PUSH_FIT },
];

const REDUCING: readonly Made[] = [
  { line: threaded.NPT_GALVANISED, from: '1/4', to: '2' },
  { line: threaded.NPT_BRASS, from: '1/8', to: '1' },
  { line: threaded.ISO_GALVANISED, from: '1/2', to: '2' },
  { line: socketed.SCHEDULE_40, from: '1/2', to: '2' },
  { line: socketed.COPPER_COMPRESSION, from: '15', to: '28' },
  { line: socketed.POLY_COMPRESSION, from: '20', to: '63' },
];

interface Bend {
  readonly mark: string;
  readonly name: string;
  readonly degrees: number;
  readonly sweep?: true;
  readonly street?: true;
  readonly priceUsd: number;
}

const QUARTER_BEND: Bend = { mark: 'E', name: 'Elbow', degrees: 90, priceUsd: 1.6 };
const EIGHTH_BEND: Bend = { mark: 'F', name: 'Elbow 45', degrees: 45, priceUsd: 1.7 };
const STREET_ELBOW: Bend = { mark: 'EM', name: 'Street elbow', degrees: 90, street: true, priceUsd: 1.8 };
const STREET_EIGHTH_BEND: Bend = { mark: 'FM', name: 'Street elbow 45', degrees: 45, street: true, priceUsd: 1.9 };
const SWEEP_BEND: Bend = { mark: 'EL', name: 'Long sweep elbow', degrees: 90, sweep: true, priceUsd: 2.6 };
const SIXTEENTH_BEND: Bend = { mark: 'FS', name: 'Elbow 22-1/2', degrees: 22.5, priceUsd: 1.9 };

/** A long sweep stands this much further out than a plain elbow (typical, value from memory). */
const SWEEP_FACTOR = 1.7;

/** Laid out straight a bend is twice as long as from its centre to the foot of an end. */
function bend({ mark, name, degrees, sweep, street, priceUsd }: Bend, line: Line, size: NominalSize, small = size) {
  const inlet = street ? line.enters(size) : line.takes(size);
  const reachMm = street && degrees > 45 ? line.streetMm?.(size) : undefined;
  return fitting({
    code: `${mark}${line.mark}-${sizeCode(size)}${small === size ? '' : sizeCode(small)}`,
    name,
    detail: endsWords([inlet, line.takes(small)]),
    size,
    material: line.material,
    ends: [inlet, line.takes(small)],
    betweenMm: reachMm
      ? betweenFeetMm([inlet, line.takes(small)], reachMm)
      : 2 * line.takeOffMm(size, degrees) * (sweep ? SWEEP_FACTOR : 1),
    reachMm,
    source: sweep ? undefined : line.source,
    girth: street ? 0.9 : 1,
    features: ['bend'],
    bendDegrees: degrees,
    loss: degrees > 45 ? (sweep ? 'bend-90-sweep' : 'bend-90') : 'bend-45',
    ratedKpa: line.ratedKpa(size),
    priceUsdAtOneInch: priceUsd * line.priceFactor,
  });
}

/** Bends of every line: plain, street, sweep and reducing. The string draws them laid out straight. */
export const elbows = defineFamily({
  id: 'elbow',
  name: 'Elbow',
  source: TYPICAL_BODIES,
  parts: () => [
    ...overMade(QUARTER, (line, size) => bend(QUARTER_BEND, line, size)),
    ...overMade(EIGHTH, (line, size) => bend(EIGHTH_BEND, line, size)),
    ...overMade(STREET, (line, size) => bend(STREET_ELBOW, line, size)),
    ...overMade(STREET_EIGHTH, (line, size) => bend(STREET_EIGHTH_BEND, line, size)),
    ...overMade(SWEEP, (line, size) => bend(SWEEP_BEND, line, size)),
    ...overMade(SIXTEENTH, (line, size) => bend(SIXTEENTH_BEND, line, size)),
    ...overPairs(REDUCING, 2, (line, large, small) =>
      bend({ ...QUARTER_BEND, mark: 'ER', name: 'Reducing elbow', priceUsd: 2.2 }, line, large, small),
    ),
  ],
});
