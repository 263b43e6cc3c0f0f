import { type NominalSize, sizeCode } from '../../quantity/size';
import { endWords } from '../end-words';
import { betweenFeetMm, fitting } from '../fitting';
import { type Line, type Made, overMade, overPairs } from '../line';
import { SOCKETED, THREADED, inAllSizes } from '../lines/all';
import * as socketed from '../lines/socketed';
import * as tailed from '../lines/tailed';
import { metricThread, nominalThread } from '../lines/threads-for-pipe';
import * as threaded from '../lines/threaded';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

/** Straight tees by line and size (ranges of the trade, from memory). */
const STRAIGHT: readonly Made[] = [
  ...inAllSizes(THREADED),
  ...inAllSizes(SOCKETED, [socketed.SOIL_SOLVENT, socketed.SOIL_PUSH_FIT, socketed.EU_DRAIN]),
  { line: tailed.HOSE_BRASS, from: '3/8', to: '1' },
  { line: tailed.HOSE_NYLON },
  { line: tailed.METRIC_HOSE_NYLON },
  { line: tailed.INSERT_NYLON },
  { line: tailed.INSERT_BRASS, from: '3/4', to: '2' },
  { line: tailed.RURAL_NYLON },
  { line: tailed.DRIP },
];

const REDUCING: readonly Made[] = [
  { line: threaded.NPT_GALVANISED, from: '1/2', to: '4' },
  { line: threaded.NPT_STAINLESS, from: '1/2', to: '2' },
  { line: threaded.NPT_BRASS, from: '1/2', to: '2' },
  { line: threaded.ISO_GALVANISED, from: '1/2', to: '4' },
  { line: threaded.ISO_BRASS, from: '1/2', to: '1-1/4' },
  { line: threaded.ISO_POLYPROPYLENE, from: '3/4', to: '2' },
  { line: socketed.SCHEDULE_40, from: '1/2', to: '4' },
  { line: socketed.SCHEDULE_80, from: '1/2', to: '4' },
  { line: socketed.METRIC_PRESSURE, from: '20', to: '110' },
  { line: socketed.ANZ_PRESSURE, from: '15', to: '100' },
  { line: socketed.DRAIN_US, from: '1-1/2', to: '4' },
  { line: socketed.DRAIN_US_ABS },
  { line: socketed.WASTE_SOLVENT },
  { line: socketed.WASTE_PUSH_FIT },
  { line: socketed.ANZ_DRAIN, from: '40', to: '100' },
  { line: socketed.COPPER_COMPRESSION, from: '15', to: '28' },
  { line: socketed.COPPER_PUSH_FIT },
  { line: socketed.POLY_COMPRESSION },
  { line: socketed.RURAL_COMPRESSION },
  { line: socketed.COPPER_SOLDER, from: '15', to: '28' },
  { line: socketed.CTS_SOLDER, from: '1/2', to: '1' },
  { line: socketed.COPPER_PRESS, from: '15', to: '28' },
  { line: socketed.PEX_CRIMP },
  { line: socketed.PEX_EXPANSION },
  { line: tailed.HOSE_NYLON, from: '3/8', to: '1' },
];

/** Sockets along the run, a thread on the branch. */
const THREAD_BRANCH: readonly (Made & { readonly branch: Line; readonly of: (size: NominalSize) => NominalSize })[] = [
  { line: socketed.SCHEDULE_40, from: '1/2', to: '2', branch: threaded.NPT_PVC, of: (size) => size },
  { line: socketed.SCHEDULE_80, from: '1/2', to: '2', branch: threaded.NPT_PVC_80, of: (size) => size },
  { line: tailed.INSERT_NYLON, branch: threaded.NPT_PVC, of: (size) => size },
  { line: tailed.RURAL_NYLON, branch: threaded.ISO_POLYPROPYLENE, of: (size) => size },
  { line: socketed.POLY_COMPRESSION, branch: threaded.ISO_POLYPROPYLENE, of: metricThread },
  { line: socketed.RURAL_COMPRESSION, branch: threaded.ISO_POLYPROPYLENE, of: (size) => size },
  { line: socketed.METRIC_PRESSURE, from: '20', to: '63', branch: threaded.ISO_POLYPROPYLENE, of: metricThread },
  { line: socketed.ANZ_PRESSURE, from: '15', to: '50', branch: threaded.ISO_POLYPROPYLENE, of: nominalThread },
];

const CROSSES: readonly Made[] = [
  { line: threaded.NPT_BRASS, from: '1/8', to: '1' },
  { line: threaded.NPT_STAINLESS, from: '1/4', to: '2' },
  { line: threaded.NPT_GALVANISED, from: '1/4', to: '4' },
  { line: threaded.ISO_GALVANISED, from: '1/2', to: '4' },
  { line: threaded.ISO_STAINLESS, from: '1/4', to: '2' },
  { line: socketed.SCHEDULE_40, from: '1/2', to: '4' },
  { line: socketed.SCHEDULE_80, from: '1/2', to: '4' },
  { line: tailed.INSERT_NYLON, from: '1/2', to: '1' },
];

/** Wyes join a line with the flow; square tees are for pressure. */
const WYES: readonly Made[] = [
  { line: threaded.NPT_GALVANISED, from: '1/2', to: '2' },
  { line: socketed.SCHEDULE_40, from: '1/2', to: '4' },
  { line: socketed.DRAIN_US },
  { line: socketed.DRAIN_US_ABS },
  { line: socketed.SEWER_US },
  { line: socketed.SEWER_US_RING },
  { line: socketed.THIN_DRAIN_US },
  { line: socketed.ANZ_DRAIN, from: '40', to: '100' },
  { line: socketed.ANZ_STORM },
  { line: socketed.WASTE_SOLVENT },
  { line: socketed.SOIL_SOLVENT },
  { line: socketed.SOIL_PUSH_FIT },
  { line: socketed.EU_DRAIN },
  { line: tailed.HOSE_NYLON, from: '1/2', to: '1' },
  { line: tailed.HOSE_BRASS, from: '3/8', to: '3/4' },
];

const REDUCING_WYES: readonly Made[] = [
  { line: socketed.DRAIN_US, from: '1-1/2', to: '4' },
  { line: socketed.DRAIN_US_ABS },
  { line: socketed.SEWER_US },
  { line: socketed.THIN_DRAIN_US },
  { line: socketed.ANZ_DRAIN, from: '50', to: '100' },
  { line: socketed.EU_DRAIN },
];

interface Kind {
  readonly mark: string;
  readonly name: string;
  readonly priceUsd: number;
  readonly degrees?: 45;
  readonly branches?: 2;
}

const TEE: Kind = { mark: 'T', name: 'Tee', priceUsd: 2.1 };
const REDUCING_TEE: Kind = { mark: 'TR', name: 'Reducing tee', priceUsd: 2.9 };
const CROSS: Kind = { mark: 'X', name: 'Cross', priceUsd: 4.2, branches: 2 };
const WYE: Kind = { mark: 'Y', name: 'Wye', priceUsd: 2.9, degrees: 45 };
const REDUCING_WYE: Kind = { mark: 'YR', name: 'Reducing wye', priceUsd: 3.4, degrees: 45 };

/** A wye is this much longer along its run than a tee (typical, value from memory). */
const WYE_FACTOR = 1.7;

/** A tee bears what the weaker of its lines does. */
const leastKpa = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? null : Math.min(a, b);

function branching(kind: Kind, line: Line, run: NominalSize, branch: NominalSize, branchLine = line) {
  const off = branchLine.takes(branch);
  const along = line.takes(run);
  const [runWords, branchWords] = [endWords(along), endWords(off)];
  const alike = runWords === branchWords;
  const reach = kind === REDUCING_TEE ? line.reducingTeeMm?.(run, branch) : undefined;
  return fitting({
    code: `${kind.mark}${line.mark}${branchLine === line ? '' : `-${branchLine.mark}`}-${sizeCode(run)}${run === branch ? '' : sizeCode(branch)}`,
    name: kind.name,
    detail: alike ? runWords : branchLine === line ? `${run} x ${branchWords}` : `${runWords} x ${branchWords}`,
    size: run,
    material: line.material,
    ends: [along, along, ...Array.from({ length: kind.branches ?? 1 }, () => off)],
    betweenMm: reach
      ? betweenFeetMm([along, along], [reach[0], reach[0]])
      : 2 * line.takeOffMm(run, 90) * (kind.degrees ? WYE_FACTOR : 1),
    reachMm: reach && [reach[0], reach[0], reach[1]],
    source: kind.degrees || (kind === REDUCING_TEE && !reach) ? undefined : line.source,
    girth: 1,
    features: ['branch'],
    ...(kind.degrees ? { branchDegrees: kind.degrees } : {}),
    loss: 'tee-run',
    ratedKpa: branchLine === line ? line.ratedKpa(run) : leastKpa(line.ratedKpa(run), branchLine.ratedKpa(branch)),
    priceUsdAtOneInch: kind.priceUsd * line.priceFactor,
  });
}

/** Tees, crosses and wyes of every line, straight, reducing, and with a thread on the branch. */
export const tees = defineFamily({
  id: 'tee',
  name: 'Tee, cross and wye',
  source: TYPICAL_BODIES,
  parts: () => [
    ...overMade(STRAIGHT, (line, size) => branching(TEE, line, size, size)),
    ...overPairs(REDUCING, 3, (line, large, small) => branching(REDUCING_TEE, line, large, small)),
    ...THREAD_BRANCH.flatMap((made) =>
      overMade([made], (line, size) =>
        branching({ ...TEE, name: 'Tee with threaded branch', priceUsd: 2.6 }, line, size, made.of(size), made.branch),
      ),
    ),
    ...overMade(CROSSES, (line, size) => branching(CROSS, line, size, size)),
    ...overMade(WYES, (line, size) => branching(WYE, line, size, size)),
    ...overPairs(REDUCING_WYES, 2, (line, large, small) => branching(REDUCING_WYE, line, large, small)),
  ],
});
