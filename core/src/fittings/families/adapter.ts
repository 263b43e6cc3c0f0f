import type { End } from '../../connections/end';
import { isMetal } from '../../connections/material';
import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { gSwivel } from '../ends';
import { endsWords } from '../end-words';
import { fitting } from '../fitting';
import { type Line, type Made, overPairs, sizesOf } from '../line';
import * as socketed from '../lines/socketed';
import * as tailed from '../lines/tailed';
import { copperThread, metricThread, nominalThread } from '../lines/threads-for-pipe';
import * as threaded from '../lines/threaded';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

/** Between thread and socket of Schedule 40, in inches: take-off of a male adapter (typical, value from memory). */
const BETWEEN_IN: Readonly<Partial<Record<NominalSize, number>>> = {
  '1/2': 0.118,
  '3/4': 0.228,
  '1': 0.244,
  '1-1/4': 0.321,
  '1-1/2': 0.285,
  '2': 0.397,
  '2-1/2': 0.41,
  '3': 0.419,
  '4': 0.48,
};
const BETWEEN_MM = 6;

const same = (size: NominalSize): NominalSize => size;

/** A line of pipe and the line of threads it is joined to; which thread goes with which pipe. */
interface Range extends Made {
  readonly threads: Line;
  readonly threadOf: (size: NominalSize) => NominalSize;
  readonly sexes?: readonly ('male' | 'female')[];
  /** Elbows with a thread on one end are made in this line too. */
  readonly elbows?: true;
}

/** Male and female adapters as trade counters carry them (ranges from memory). The first two keep the short codes. */
const RANGES: readonly Range[] = [
  { line: socketed.SCHEDULE_40, threads: threaded.NPT_PVC, threadOf: same, elbows: true },
  { line: socketed.SCHEDULE_80, threads: threaded.NPT_PVC_80, threadOf: same },
  { line: socketed.DRAIN_US, threads: threaded.NPT_PVC, threadOf: same },
  { line: socketed.DRAIN_US_ABS, threads: threaded.NPT_PVC, threadOf: same },
  { line: socketed.CPVC_US, threads: threaded.NPT_BRASS, threadOf: same, elbows: true },
  { line: socketed.CTS_PUSH_FIT, threads: threaded.NPT_BRASS, threadOf: same, elbows: true },
  {
    line: socketed.METRIC_PRESSURE,
    threads: threaded.ISO_POLYPROPYLENE,
    threadOf: metricThread,
    from: '20',
    to: '90',
    elbows: true,
  },
  {
    line: socketed.ANZ_PRESSURE,
    threads: threaded.ISO_POLYPROPYLENE,
    threadOf: nominalThread,
    from: '15',
    to: '80',
    elbows: true,
  },
  // Waste pipe goes by its bore, as the thread does: 32 mm takes 1-1/4 in.
  { line: socketed.WASTE_SOLVENT, threads: threaded.ISO_POLYPROPYLENE, threadOf: nominalThread, from: '32', to: '50' },
  { line: socketed.COPPER_COMPRESSION, threads: threaded.ISO_BRASS, threadOf: copperThread, elbows: true },
  { line: socketed.COPPER_PUSH_FIT, threads: threaded.ISO_BRASS, threadOf: copperThread },
  { line: socketed.COPPER_ANZ_COMPRESSION, threads: threaded.ISO_BRASS, threadOf: nominalThread, elbows: true },
  { line: socketed.POLY_COMPRESSION, threads: threaded.ISO_POLYPROPYLENE, threadOf: metricThread, elbows: true },
  { line: socketed.RURAL_COMPRESSION, threads: threaded.ISO_POLYPROPYLENE, threadOf: same, elbows: true },
  { line: socketed.COPPER_SOLDER, threads: threaded.ISO_BRASS, threadOf: copperThread },
  { line: socketed.COPPER_PRESS, threads: threaded.ISO_BRASS, threadOf: copperThread, elbows: true },
  { line: socketed.COPPER_ANZ_PRESS, threads: threaded.ISO_BRASS, threadOf: nominalThread, elbows: true },
  { line: socketed.CTS_SOLDER, threads: threaded.NPT_BRASS, threadOf: same },
  { line: socketed.CTS_PRESS, threads: threaded.NPT_BRASS, threadOf: same, elbows: true },
  { line: socketed.PEX_CRIMP, threads: threaded.NPT_BRASS, threadOf: same, elbows: true },
  { line: socketed.PEX_EXPANSION, threads: threaded.NPT_BRASS, threadOf: same, elbows: true },
  { line: socketed.PE_IPS_COMPRESSION, threads: threaded.NPT_BRASS, threadOf: same, elbows: true },
  { line: socketed.PE_CTS_COMPRESSION, threads: threaded.NPT_BRASS, threadOf: same, elbows: true },
  { line: tailed.INSERT_NYLON, threads: threaded.NPT_PVC, threadOf: same, elbows: true },
  { line: tailed.INSERT_BRASS, threads: threaded.NPT_BRASS, threadOf: same },
  { line: tailed.RURAL_NYLON, threads: threaded.ISO_NYLON, threadOf: same, elbows: true },
];

/** The thread is of the line's own material unless the pipe takes metal (CPVC). */
const materialOf = ({ line }: Range) => line.material;

/** A thread cut or moulded in plastic takes half of what the pipe bears (common practice). */
const THREADED_PLASTIC_SHARE = 0.5;
const threadedKpa = (line: Line, size: NominalSize): number | null => {
  const kpa = line.ratedKpa(size);
  return kpa === null || isMetal(line.material) ? kpa : kpa * THREADED_PLASTIC_SHARE;
};

function adapter(range: Range, size: NominalSize, sex: 'male' | 'female', thread = range.threadOf(size)) {
  const { line, threads } = range;
  const threadEnd: End = sex === 'male' ? threads.enters(thread) : threads.takes(thread);
  const mark = line === socketed.SCHEDULE_40 ? '' : line.mark;
  const reduced = thread !== range.threadOf(size);
  return fitting({
    code: `A${sex === 'male' ? 'M' : 'F'}${mark}-${sizeCode(size)}${reduced ? sizeCode(thread) : ''}`,
    name: `${reduced ? 'Reducing ' : ''}${sex} adapter`.replace(/^./, (letter) => letter.toUpperCase()),
    detail:
      line === socketed.SCHEDULE_40 && !reduced
        ? `${thread} NPT ${sex} x socket`
        : endsWords([threadEnd, line.takes(size)]),
    size,
    material: materialOf(range),
    ends: [threadEnd, line.takes(size)],
    betweenMm: line === socketed.SCHEDULE_40 ? (BETWEEN_IN[size] ?? 0.25) * MM_PER_INCH : BETWEEN_MM,
    girth: 1.05,
    surface: 'hex',
    ratedKpa: threadedKpa(line, size),
    priceUsdAtOneInch: (sex === 'male' ? 1.3 : 1.4) * line.priceFactor,
  });
}

function threadedElbow(range: Range, size: NominalSize, sex: 'male' | 'female') {
  const { line, threads, threadOf } = range;
  const threadEnd: End = sex === 'male' ? threads.enters(threadOf(size)) : threads.takes(threadOf(size));
  return fitting({
    code: `E${sex === 'male' ? 'X' : 'Y'}${line.mark}-${sizeCode(size)}`,
    name: `Elbow with ${sex} thread`,
    size,
    material: materialOf(range),
    ends: [line.takes(size), threadEnd],
    betweenMm: 2 * line.takeOffMm(size, 90),
    girth: 1,
    features: ['bend'],
    bendDegrees: 90,
    loss: 'bend-90',
    ratedKpa: threadedKpa(line, size),
    priceUsdAtOneInch: 2 * line.priceFactor,
  });
}

/** Adapters one thread larger or smaller than usual, in pressure lines. */
const REDUCING: readonly Range[] = [
  { line: socketed.SCHEDULE_40, from: '1/2', to: '2', threads: threaded.NPT_PVC, threadOf: same },
  {
    line: socketed.POLY_COMPRESSION,
    from: '20',
    to: '63',
    threads: threaded.ISO_POLYPROPYLENE,
    threadOf: metricThread,
  },
];

/** From one pipe thread to the other, and from taper threads to the flat faces of G: what saves a false friend. */
interface ThreadPair {
  readonly mark: string;
  readonly name: string;
  readonly material: 'brass' | 'stainless';
  readonly sizes: readonly NominalSize[];
  readonly a: (size: NominalSize) => End;
  readonly b: (size: NominalSize) => End;
  readonly priceUsd: number;
}

const thread =
  (standard: string, sex: 'male' | 'female') =>
  (size: NominalSize): End => ({ kind: 'thread', standard, size, sex });
const npsmSwivel = (size: NominalSize): End => ({
  kind: 'thread',
  standard: 'npsm',
  size,
  sex: 'female',
  swivel: true,
});
const TO_TWO: readonly NominalSize[] = ['1/4', '3/8', '1/2', '3/4', '1', '1-1/4', '1-1/2', '2'];
const TO_ONE: readonly NominalSize[] = ['1/4', '3/8', '1/2', '3/4', '1'];

const BETWEEN_THREADS: readonly ThreadPair[] = [
  ...(['brass', 'stainless'] as const).flatMap((material): ThreadPair[] => {
    const own = { material, name: 'Thread adapter', sizes: TO_TWO, priceUsd: material === 'brass' ? 9 : 12 };
    const letter = material === 'brass' ? '' : 'N';
    return [
      { ...own, mark: `TAA${letter}`, a: thread('npt', 'male'), b: thread('r', 'male') },
      { ...own, mark: `TAB${letter}`, a: thread('npt', 'male'), b: thread('rp', 'female') },
      { ...own, mark: `TAC${letter}`, a: thread('npt', 'female'), b: thread('r', 'male') },
      { ...own, mark: `TAD${letter}`, a: thread('npt', 'female'), b: thread('rp', 'female') },
      { ...own, mark: `TAE${letter}`, a: thread('npt', 'male'), b: thread('g', 'male') },
      { ...own, mark: `TAF${letter}`, a: thread('npt', 'female'), b: thread('g', 'male') },
      { ...own, mark: `TAG${letter}`, a: thread('npt', 'male'), b: gSwivel },
    ];
  }),
  {
    mark: 'TAH',
    name: 'Flat-faced adapter',
    material: 'brass',
    sizes: TO_TWO,
    a: thread('r', 'male'),
    b: thread('g', 'male'),
    priceUsd: 7,
  },
  {
    mark: 'TAJ',
    name: 'Flat-faced adapter',
    material: 'brass',
    sizes: TO_TWO,
    a: thread('rp', 'female'),
    b: thread('g', 'male'),
    priceUsd: 7,
  },
  {
    mark: 'TAK',
    name: 'Swivel adapter',
    material: 'brass',
    sizes: TO_TWO,
    a: gSwivel,
    b: thread('r', 'male'),
    priceUsd: 8,
  },
  {
    mark: 'TAL',
    name: 'Swivel adapter',
    material: 'brass',
    sizes: TO_TWO,
    a: gSwivel,
    b: thread('rp', 'female'),
    priceUsd: 8,
  },
  {
    mark: 'TAM',
    name: 'Swivel adapter',
    material: 'brass',
    sizes: TO_ONE,
    a: gSwivel,
    b: thread('g', 'male'),
    priceUsd: 8,
  },
  {
    mark: 'TAN',
    name: 'Swivel adapter',
    material: 'brass',
    sizes: TO_TWO,
    a: npsmSwivel,
    b: thread('npt', 'male'),
    priceUsd: 9,
  },
];

/** Male, female and reducing adapters between pipe and thread, elbows with a thread, and adapters between threads. */
export const adapters = defineFamily({
  id: 'adapter',
  name: 'Adapter',
  source: TYPICAL_BODIES,
  parts: () => [
    ...RANGES.flatMap((range) =>
      sizesOf(range.line, range.from, range.to).flatMap((size) => [
        ...(range.sexes ?? (['male', 'female'] as const)).map((sex) => adapter(range, size, sex)),
        ...(range.elbows ? (['male', 'female'] as const).map((sex) => threadedElbow(range, size, sex)) : []),
      ]),
    ),
    ...REDUCING.flatMap((range) =>
      overPairs([range], 1, (_, large, small) => [
        adapter(range, large, 'male', range.threadOf(small)),
        adapter(range, large, 'female', range.threadOf(small)),
        adapter(range, small, 'male', range.threadOf(large)),
      ]),
    ),
    ...tailed.INSERT_NYLON.sizes.map((size) =>
      fitting({
        code: `AI-${sizeCode(size)}`,
        name: 'Insert adapter',
        detail: endsWords([socketed.SCHEDULE_40.takes(size), tailed.INSERT_NYLON.takes(size)]),
        size,
        material: 'pvc',
        ends: [socketed.SCHEDULE_40.takes(size), tailed.INSERT_NYLON.takes(size)],
        betweenMm: BETWEEN_MM,
        girth: 1.05,
        surface: 'hex',
        ratedKpa: tailed.INSERT_NYLON.ratedKpa(size),
        priceUsdAtOneInch: 1.6,
      }),
    ),
    ...BETWEEN_THREADS.flatMap(({ mark, name, material, sizes, a, b, priceUsd }) =>
      sizes.map((size) =>
        fitting({
          code: `${mark}-${sizeCode(size)}`,
          name,
          size,
          material,
          ends: [a(size), b(size)],
          betweenMm: 10,
          girth: 1.15,
          surface: 'hex',
          ratedKpa: 1000,
          priceUsdAtOneInch: priceUsd,
        }),
      ),
    ),
  ],
});
