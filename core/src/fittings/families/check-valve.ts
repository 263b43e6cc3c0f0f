import type { End } from '../../connections/end';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { type FittingSpec, fitting } from '../fitting';
import { type Line, type Made, overMade } from '../line';
import * as socketed from '../lines/socketed';
import * as threaded from '../lines/threaded';
import type { Feature } from '../part';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

/** Swinging flap on its seat (ranges of the trade, from memory). */
const SWING: readonly Made[] = [
  { line: threaded.NPT_BRASS, from: '1/2', to: '2' },
  { line: threaded.ISO_BRASS, from: '1/2', to: '2' },
  { line: threaded.NPT_STAINLESS, from: '1/2', to: '2' },
  { line: socketed.SCHEDULE_40, from: '1-1/2', to: '4' },
  { line: socketed.DRAIN_US, from: '1-1/2', to: '4' },
];
const SPRING: readonly Made[] = [
  { line: threaded.NPT_BRASS, from: '3/8', to: '2' },
  { line: threaded.NPT_STAINLESS, from: '1/4', to: '2' },
  { line: threaded.ISO_BRASS, from: '3/8', to: '2' },
  { line: threaded.ISO_STAINLESS, from: '1/4', to: '2' },
  { line: threaded.NPT_PVC, from: '1/2', to: '2' },
  { line: threaded.ISO_POLYPROPYLENE, from: '1/2', to: '2' },
  { line: socketed.SCHEDULE_40, from: '1/2', to: '2' },
  { line: socketed.SCHEDULE_80, from: '1/2', to: '4' },
  { line: socketed.METRIC_PRESSURE, from: '20', to: '63' },
  { line: socketed.ANZ_PRESSURE, from: '15', to: '50' },
  { line: socketed.COPPER_COMPRESSION, from: '15', to: '28' },
];
/** At the foot of a suction line, with its strainer. */
const FOOT: readonly Made[] = [
  { line: threaded.NPT_BRASS, from: '3/4', to: '2' },
  { line: threaded.NPT_PVC, from: '3/4', to: '2' },
  { line: threaded.ISO_BRASS, from: '1/2', to: '2' },
  { line: threaded.ISO_POLYPROPYLENE, from: '3/4', to: '3' },
];
/** In a drain, against water and rodents coming back; its flap is reached from above. */
const BACKWATER: readonly Made[] = [
  { line: socketed.DRAIN_US, from: '2', to: '4' },
  { line: socketed.DRAIN_US_ABS, from: '2', to: '4' },
  { line: socketed.SEWER_US },
  { line: socketed.SOIL_PUSH_FIT },
  { line: socketed.EU_DRAIN, from: '110', to: '160' },
  { line: socketed.ANZ_DRAIN, from: '80', to: '100' },
];
/** At the outfall of an overflow: closes behind the water. */
const OUTFALL: readonly Made[] = [
  { line: socketed.SCHEDULE_40, from: '2', to: '4' },
  { line: socketed.SEWER_US },
  { line: socketed.THIN_DRAIN_US },
  { line: socketed.SOIL_PUSH_FIT },
  { line: socketed.ANZ_STORM },
];

interface Kind {
  readonly mark: string;
  readonly name: string;
  readonly made: readonly Made[];
  /** In the line; at its start, where water comes in through the mesh; or at its end, where it leaves. */
  readonly stands: 'between' | 'first' | 'last';
  readonly betweenMm: number;
  readonly girth?: number;
  readonly features: readonly Feature[];
  readonly loss: NonNullable<FittingSpec['loss']>;
  /** At one inch; pressure lines at their own prices, drains all alike. */
  readonly priceUsd: number;
  readonly drain?: true;
}

const KINDS: readonly Kind[] = [
  {
    mark: 'CKW',
    name: 'Swing check valve',
    made: SWING,
    stands: 'between',
    betweenMm: 20,
    girth: 1.15,
    features: ['flap'],
    loss: 'swing-check',
    priceUsd: 4,
  },
  {
    mark: 'CKS',
    name: 'Spring check valve',
    made: SPRING,
    stands: 'between',
    betweenMm: 14,
    girth: 1.12,
    features: ['spring-check'],
    loss: 'spring-check',
    priceUsd: 3.6,
  },
  {
    mark: 'CKF',
    name: 'Foot valve with strainer',
    made: FOOT,
    stands: 'first',
    betweenMm: 60,
    features: ['spring-check', 'strainer'],
    loss: 'foot-valve',
    priceUsd: 4.5,
  },
  {
    mark: 'BW',
    name: 'Backwater valve',
    made: BACKWATER,
    stands: 'between',
    betweenMm: 90,
    girth: 1.3,
    features: ['flap'],
    loss: 'flap',
    priceUsd: 14,
    drain: true,
  },
  {
    mark: 'OF',
    name: 'Outfall flap',
    made: OUTFALL,
    stands: 'last',
    betweenMm: 24,
    features: ['flap', 'screen'],
    loss: 'flap',
    priceUsd: 5,
    drain: true,
  },
];

function endsOf(stands: Kind['stands'], end: End): FittingSpec['ends'] {
  switch (stands) {
    case 'between':
      return [end, end];
    case 'first':
      return [{ end, position: 'outlet' }];
    case 'last':
      return [end];
  }
}

const checkValve =
  ({ mark, name, stands, betweenMm, girth, features, loss, priceUsd, drain }: Kind) =>
  (line: Line, size: NominalSize) =>
    fitting({
      name,
      features,
      loss,
      ...(girth === undefined ? {} : { girth }),
      code: `${mark}${line.mark}-${sizeCode(size)}`,
      size,
      material: line.material,
      ends: endsOf(stands, line.takes(size)),
      betweenMm: betweenMm + (stands === 'between' ? line.takeOffMm(size, 90) : 0),
      oneWay: true,
      ratedKpa: drain ? null : line.ratedKpa(size),
      priceUsdAtOneInch: priceUsd * (drain ? 1 : line.priceFactor),
    });

/** Valves that let water pass one way only. */
export const checkValves = defineFamily({
  id: 'check-valve',
  name: 'Check valve',
  source: TYPICAL_BODIES,
  parts: () => KINDS.flatMap((kind) => overMade(kind.made, checkValve(kind))),
});
