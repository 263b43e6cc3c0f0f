import { sizeCode } from '../../quantity/size';
import { endWords } from '../end-words';
import { nhSwivel } from '../ends';
import { fitting } from '../fitting';
import { type Made, overMade } from '../line';
import { THREADED, inAllSizes } from '../lines/all';
import * as socketed from '../lines/socketed';
import * as tailed from '../lines/tailed';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

/** Caps by line (ranges of the trade, from memory). */
const CAPS: readonly Made[] = [
  ...inAllSizes(THREADED),
  { line: socketed.SCHEDULE_40 },
  { line: socketed.SCHEDULE_80 },
  { line: socketed.DRAIN_US },
  { line: socketed.DRAIN_US_ABS },
  { line: socketed.SEWER_US },
  { line: socketed.THIN_DRAIN_US },
  { line: socketed.CPVC_US },
  { line: socketed.METRIC_PRESSURE },
  { line: socketed.ANZ_PRESSURE },
  { line: socketed.ANZ_DRAIN },
  { line: socketed.WASTE_COMPRESSION },
  { line: socketed.SOIL_PUSH_FIT },
  { line: socketed.COPPER_COMPRESSION },
  { line: socketed.COPPER_PUSH_FIT },
  { line: socketed.CTS_PUSH_FIT },
  { line: socketed.POLY_COMPRESSION },
  { line: socketed.RURAL_COMPRESSION },
  { line: socketed.COPPER_SOLDER },
  { line: socketed.CTS_SOLDER },
  { line: socketed.COPPER_PRESS },
  { line: socketed.CTS_PRESS },
  { line: socketed.COPPER_ANZ_PRESS },
  { line: socketed.PEX_CRIMP },
  { line: socketed.PEX_EXPANSION },
  { line: socketed.PE_IPS_COMPRESSION },
  { line: socketed.PE_CTS_COMPRESSION },
  { line: socketed.EU_DRAIN },
];

const PLUGS: readonly Made[] = [
  ...inAllSizes(THREADED),
  { line: socketed.SCHEDULE_40, from: '1/2', to: '4' },
  { line: socketed.SEWER_US },
  { line: socketed.WASTE_PUSH_FIT },
  { line: socketed.SOIL_PUSH_FIT },
  { line: socketed.EU_DRAIN },
  { line: tailed.HOSE_NYLON, from: '3/8', to: '1' },
  { line: tailed.METRIC_HOSE_NYLON, from: '13', to: '25' },
  { line: tailed.INSERT_NYLON },
  { line: tailed.RURAL_NYLON },
  { line: tailed.DRIP },
];

const HEAD_MM = 7;

/** Caps and plugs. */
export const closures = defineFamily({
  id: 'closure',
  name: 'Cap and plug',
  source: TYPICAL_BODIES,
  parts: () => [
    ...overMade(CAPS, (line, size) =>
      fitting({
        code: `K${line.mark}-${sizeCode(size)}`,
        name: 'Cap',
        detail: endWords(line.takes(size)),
        size,
        material: line.material,
        ends: [line.takes(size)],
        betweenMm: HEAD_MM,
        ratedKpa: line.ratedKpa(size),
        priceUsdAtOneInch: line.priceFactor,
      }),
    ),
    ...overMade(PLUGS, (line, size) =>
      fitting({
        code: `PL${line.mark}-${sizeCode(size)}`,
        name: 'Plug',
        detail: endWords(line.enters(size)),
        size,
        material: line.material,
        ends: [line.enters(size)],
        betweenMm: HEAD_MM,
        ratedKpa: line.ratedKpa(size),
        priceUsdAtOneInch: 0.9 * line.priceFactor,
      }),
    ),
    fitting({
      code: 'KH-075',
      name: 'Hose cap',
      size: '3/4',
      material: 'brass',
      ends: [nhSwivel],
      betweenMm: HEAD_MM,
      priceUsdAtOneInch: 4,
    }),
  ],
});
