import { sizeCode } from '../../quantity/size';
import { endWords, endsWords } from '../end-words';
import { fitting } from '../fitting';
import { type Made, overMade } from '../line';
import * as socketed from '../lines/socketed';
import * as threaded from '../lines/threaded';
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

/** Valves that let water pass one way only. */
export const checkValves = defineFamily({
  id: 'check-valve',
  name: 'Check valve',
  source: TYPICAL_BODIES,
  parts: () => [
    ...overMade(SWING, (line, size) =>
      fitting({
        code: `CKW${line.mark}-${sizeCode(size)}`,
        name: 'Swing check valve',
        size,
        material: line.material,
        ends: [line.takes(size), line.takes(size)],
        betweenMm: 20 + line.takeOffMm(size, 90),
        girth: 1.15,
        features: ['flap'],
        oneWay: true,
        loss: 'swing-check',
        ratedKpa: line.ratedKpa(size),
        priceUsdAtOneInch: 4 * line.priceFactor,
      }),
    ),
    ...overMade(SPRING, (line, size) =>
      fitting({
        code: `CKS${line.mark}-${sizeCode(size)}`,
        name: 'Spring check valve',
        size,
        material: line.material,
        ends: [line.takes(size), line.takes(size)],
        betweenMm: 14 + line.takeOffMm(size, 90),
        girth: 1.12,
        features: ['spring-check'],
        oneWay: true,
        loss: 'spring-check',
        ratedKpa: line.ratedKpa(size),
        priceUsdAtOneInch: 3.6 * line.priceFactor,
      }),
    ),
    ...overMade(FOOT, (line, size) =>
      fitting({
        code: `CKF${line.mark}-${sizeCode(size)}`,
        name: 'Foot valve with strainer',
        detail: endWords(line.takes(size)),
        size,
        material: line.material,
        // It stands at the start of its line: water comes in through the mesh.
        ends: [{ end: line.takes(size), position: 'outlet' }],
        betweenMm: 60,
        features: ['spring-check', 'strainer'],
        oneWay: true,
        loss: 'foot-valve',
        ratedKpa: line.ratedKpa(size),
        priceUsdAtOneInch: 4.5 * line.priceFactor,
      }),
    ),
    ...overMade(BACKWATER, (line, size) =>
      fitting({
        code: `BW${line.mark}-${sizeCode(size)}`,
        name: 'Backwater valve',
        detail: endsWords([line.takes(size), line.takes(size)]),
        size,
        material: line.material,
        ends: [line.takes(size), line.takes(size)],
        betweenMm: 90 + line.takeOffMm(size, 90),
        girth: 1.3,
        features: ['flap'],
        oneWay: true,
        loss: 'flap',
        ratedKpa: null,
        priceUsdAtOneInch: 14,
      }),
    ),
    ...overMade(OUTFALL, (line, size) =>
      fitting({
        code: `OF${line.mark}-${sizeCode(size)}`,
        name: 'Outfall flap',
        detail: endWords(line.takes(size)),
        size,
        material: line.material,
        ends: [line.takes(size)],
        betweenMm: 24,
        features: ['flap', 'screen'],
        oneWay: true,
        loss: 'flap',
        ratedKpa: null,
        priceUsdAtOneInch: 5,
      }),
    ),
  ],
});
