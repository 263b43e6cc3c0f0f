import type { End } from '../../connections/end';
import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { endsWords } from '../end-words';
import { fitting } from '../fitting';
import { type Line, type Made, overPairs } from '../line';
import * as socketed from '../lines/socketed';
import * as threaded from '../lines/threaded';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

/** Bushings by line (ranges of the trade, from memory): one size inside another, up to four sizes down. */
const BUSHINGS: readonly Made[] = [
  { line: threaded.NPT_BRASS },
  { line: threaded.NPT_STAINLESS },
  { line: threaded.NPT_GALVANISED },
  { line: threaded.NPT_PVC },
  { line: threaded.NPT_PVC_80, from: '1/2', to: '3' },
  { line: threaded.NPT_POLYPROPYLENE },
  { line: threaded.ISO_BRASS },
  { line: threaded.ISO_STAINLESS },
  { line: threaded.ISO_GALVANISED },
  { line: threaded.ISO_POLYPROPYLENE },
  { line: threaded.ISO_NYLON },
  { line: socketed.SCHEDULE_40 },
  { line: socketed.SCHEDULE_80 },
  { line: socketed.DRAIN_US },
  { line: socketed.DRAIN_US_ABS },
  { line: socketed.CPVC_US },
  { line: socketed.METRIC_PRESSURE },
  { line: socketed.ANZ_PRESSURE },
  { line: socketed.WASTE_SOLVENT },
  { line: socketed.ANZ_DRAIN },
];

/** Spigot outside, thread inside: how a pressure line comes down to a tap. */
const TO_THREAD: readonly (Made & { readonly inner: Line })[] = [
  { line: socketed.SCHEDULE_40, from: '1/2', to: '4', inner: threaded.NPT_PVC },
  { line: socketed.SCHEDULE_80, from: '1/2', to: '3', inner: threaded.NPT_PVC_80 },
];

/** What a flush bushing of Schedule 40 adds to the run, by its larger size; inches (typical, value from memory). */
const ADDS_IN: Readonly<Partial<Record<NominalSize, number>>> = {
  '3/4': 0.281,
  '1': 0.325,
  '1-1/4': 0.362,
  '1-1/2': 0.306,
  '2': 0.344,
  '2-1/2': 0.3,
  '3': 0.325,
  '4': 0.4,
};
const HEAD_MM = 8;

function bushing(line: Line, large: NominalSize, small: NominalSize, inner: Line = line) {
  const outer = line.enters(large);
  const inside: End = inner.takes(small);
  const threads = outer.kind === 'thread';
  return fitting({
    code: `R${line.mark}${inner === line ? '' : 'F'}-${sizeCode(large)}${sizeCode(small)}`,
    name: threads ? 'Hex bushing' : 'Reducing bushing',
    detail: endsWords([outer, inside]),
    size: large,
    material: line.material,
    ends: [outer, inside],
    betweenMm: threads ? HEAD_MM : (ADDS_IN[large] ?? HEAD_MM / MM_PER_INCH) * MM_PER_INCH,
    girth: threads ? 1.2 : 1.08,
    nested: true,
    ratedKpa: line.ratedKpa(large),
    priceUsdAtOneInch: 1.1 * line.priceFactor,
  });
}

/** Nobody moulds a drain bushing down to 1-1/4 in from 3 in or more (common practice). */
const isMade = (line: Line, large: NominalSize, small: NominalSize): boolean =>
  line !== socketed.DRAIN_US || small !== '1-1/4' || large === '1-1/2' || large === '2';

/** Reducing bushings, glued into a socket or screwed into a thread. */
export const reducers = defineFamily({
  id: 'reducer',
  name: 'Reducing bushing',
  source: TYPICAL_BODIES,
  parts: () => [
    ...overPairs(BUSHINGS, 4, (line, large, small) => (isMade(line, large, small) ? bushing(line, large, small) : [])),
    ...TO_THREAD.flatMap((made) =>
      overPairs([made], 4, (line, large, small) => bushing(line, large, small, made.inner)),
    ),
  ],
});
