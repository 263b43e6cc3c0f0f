import type { Line, Made } from '../line';
import * as socketed from './socketed';
import * as threaded from './threaded';

/** Every line of screwed fittings, in the order of the counter: US threads, then ISO threads. */
export const THREADED: readonly Line[] = [
  threaded.NPT_BRASS,
  threaded.NPT_STAINLESS,
  threaded.NPT_GALVANISED,
  threaded.NPT_PVC,
  threaded.NPT_PVC_80,
  threaded.NPT_POLYPROPYLENE,
  threaded.ISO_BRASS,
  threaded.ISO_STAINLESS,
  threaded.ISO_GALVANISED,
  threaded.ISO_POLYPROPYLENE,
  threaded.ISO_NYLON,
];

/** Every line that takes pipe, but for the mending couplings of Schedule 40. */
export const SOCKETED: readonly Line[] = [
  socketed.SCHEDULE_40,
  socketed.SCHEDULE_80,
  socketed.DRAIN_US,
  socketed.DRAIN_US_ABS,
  socketed.SEWER_US,
  socketed.SEWER_US_RING,
  socketed.THIN_DRAIN_US,
  socketed.CPVC_US,
  socketed.METRIC_PRESSURE,
  socketed.ANZ_PRESSURE,
  socketed.ANZ_DRAIN,
  socketed.ANZ_STORM,
  socketed.WASTE_SOLVENT,
  socketed.WASTE_PUSH_FIT,
  socketed.WASTE_COMPRESSION,
  socketed.OVERFLOW_PIPE,
  socketed.SOIL_SOLVENT,
  socketed.SOIL_PUSH_FIT,
  socketed.COPPER_COMPRESSION,
  socketed.COPPER_PUSH_FIT,
  socketed.COPPER_ANZ_COMPRESSION,
  socketed.CTS_PUSH_FIT,
  socketed.POLY_COMPRESSION,
  socketed.COPPER_SOLDER,
  socketed.CTS_SOLDER,
  socketed.COPPER_PRESS,
  socketed.CTS_PRESS,
  socketed.COPPER_ANZ_PRESS,
  socketed.PEX_CRIMP,
  socketed.PEX_EXPANSION,
  socketed.PE_IPS_COMPRESSION,
  socketed.PE_CTS_COMPRESSION,
  socketed.RURAL_COMPRESSION,
  socketed.EU_DRAIN,
];

/** Lines in which a fitting is made in all their sizes, but for those named. */
export const inAllSizes = (lines: readonly Line[], except: readonly Line[] = []): readonly Made[] =>
  lines.filter((line) => !except.includes(line)).map((line) => ({ line }));
