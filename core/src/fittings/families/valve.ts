import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { endSection } from '../body';
import { endsWords } from '../end-words';
import { fitting } from '../fitting';
import { type Line, type Made, overMade } from '../line';
import * as socketed from '../lines/socketed';
import * as tailed from '../lines/tailed';
import * as threaded from '../lines/threaded';
import { TYPICAL_BODIES, defineFamily } from '../part-family';
import type { Feature } from '../part';
import type { LossShape } from '../loss';

/** Overall lengths in inches by the bore they go with (typical, value from memory): brass, PVC, PVC with unions, gate. */
const LENGTHS_IN: readonly (readonly [NominalSize, brass: number, pvc: number, trueUnion: number, gate: number])[] = [
  ['1/4', 1.8, 2.5, 4, 1.6],
  ['3/8', 1.9, 2.6, 4.2, 1.7],
  ['1/2', 2.2, 2.8, 4.4, 1.9],
  ['3/4', 2.6, 3.2, 5, 2.1],
  ['1', 3.1, 3.7, 5.4, 2.5],
  ['1-1/4', 3.6, 4.2, 6.1, 2.8],
  ['1-1/2', 4, 4.6, 6.7, 3],
  ['2', 4.7, 5.4, 8, 3.5],
  ['2-1/2', 6, 7.4, 10, 4.2],
  ['3', 7, 8.4, 11.2, 4.7],
  ['4', 8.5, 10.2, 13.3, 5.6],
];
type Length = 'brass' | 'pvc' | 'trueUnion' | 'gate';
const COLUMN: Readonly<Record<Length, 1 | 2 | 3 | 4>> = { brass: 1, pvc: 2, trueUnion: 3, gate: 4 };

/** Length of the row whose bore comes next above; metric sizes go by their bore. */
function overallMm(boreMm: number, column: Length): number {
  const row =
    LENGTHS_IN.find(([size]) => BORES_MM[size] !== undefined && (BORES_MM[size] ?? 0) >= boreMm * 0.93) ??
    LENGTHS_IN.at(-1);
  return (row?.[COLUMN[column]] ?? 0) * MM_PER_INCH;
}
/** Nominal bores of those rows [mm]. */
const BORES_MM: Readonly<Partial<Record<NominalSize, number>>> = {
  '1/4': 9,
  '3/8': 12.5,
  '1/2': 16,
  '3/4': 21,
  '1': 27,
  '1-1/4': 35,
  '1-1/2': 41,
  '2': 53,
  '2-1/2': 63,
  '3': 78,
  '4': 103,
};

/** What makes a kind of valve differ. */
interface Kind {
  readonly mark: string;
  readonly name: string;
  readonly column: Length;
  readonly features: readonly Feature[];
  readonly loss: LossShape;
  readonly ends?: 'male-female' | 'male';
  readonly priceUsd: number;
}

const BALL: Kind = {
  mark: 'V',
  name: 'Ball valve',
  column: 'pvc',
  features: ['ball-and-lever'],
  loss: 'ball-full-bore',
  priceUsd: 8,
};
const LEVER: Kind = { ...BALL, mark: 'LV', name: 'Lever valve', column: 'brass', priceUsd: 3.6 };
const MALE_FEMALE: Kind = { ...LEVER, mark: 'LM', name: 'Lever valve, male and female', ends: 'male-female' };
const MALE: Kind = { ...LEVER, mark: 'LW', name: 'Lever valve, both ends male', ends: 'male' };
const TRUE_UNION: Kind = {
  ...BALL,
  mark: 'VU',
  name: 'Ball valve with unions',
  column: 'trueUnion',
  features: ['ball-and-lever', 'union-nut'],
  priceUsd: 16,
};
const GATE: Kind = {
  mark: 'GV',
  name: 'Gate valve',
  column: 'gate',
  features: ['gate-and-wheel'],
  loss: 'gate',
  priceUsd: 3.4,
};
const KNIFE: Kind = { ...GATE, mark: 'GK', name: 'Slide valve', column: 'pvc', priceUsd: 12 };

/** What is really made of each kind (ranges of the trade, from memory). */
const RANGES: readonly (readonly [Kind, readonly Made[]])[] = [
  [
    LEVER,
    [
      { line: threaded.NPT_BRASS, from: '1/4', to: '2' },
      { line: threaded.NPT_STAINLESS, from: '1/4', to: '2' },
      { line: threaded.ISO_BRASS, from: '1/4', to: '2' },
      { line: threaded.ISO_STAINLESS, from: '1/4', to: '3' },
      { line: socketed.COPPER_COMPRESSION, from: '15', to: '54' },
      { line: socketed.COPPER_ANZ_COMPRESSION },
      { line: tailed.HOSE_BRASS, from: '3/8', to: '3/4' },
    ],
  ],
  [
    MALE_FEMALE,
    [
      { line: threaded.NPT_BRASS, from: '1/4', to: '1' },
      { line: threaded.ISO_BRASS, from: '1/4', to: '2' },
      { line: threaded.ISO_STAINLESS, from: '1/4', to: '1' },
    ],
  ],
  [MALE, [{ line: threaded.ISO_BRASS, from: '1/2', to: '1' }]],
  [
    BALL,
    [
      { line: threaded.NPT_PVC, from: '1/2', to: '4' },
      { line: threaded.NPT_POLYPROPYLENE, from: '1/2', to: '2' },
      { line: threaded.ISO_POLYPROPYLENE, from: '1/2', to: '2' },
      { line: threaded.ISO_NYLON, from: '3/4', to: '2' },
      { line: socketed.SCHEDULE_40, from: '1/2', to: '4' },
      { line: socketed.CPVC_US, from: '1/2', to: '1' },
      { line: socketed.METRIC_PRESSURE, from: '20', to: '63' },
      { line: socketed.ANZ_PRESSURE, from: '15', to: '50' },
      { line: socketed.POLY_COMPRESSION },
      { line: socketed.RURAL_COMPRESSION },
      { line: socketed.PEX_CRIMP },
      { line: socketed.PEX_EXPANSION },
      { line: socketed.PE_IPS_COMPRESSION, from: '3/4', to: '2' },
      { line: tailed.HOSE_NYLON, from: '3/8', to: '1' },
      { line: tailed.METRIC_HOSE_NYLON, from: '13', to: '25' },
      { line: tailed.INSERT_NYLON, from: '1/2', to: '2' },
      { line: tailed.RURAL_NYLON, from: '3/4', to: '2' },
    ],
  ],
  [
    TRUE_UNION,
    [
      { line: socketed.SCHEDULE_80, from: '1/2', to: '4' },
      { line: threaded.NPT_PVC_80, from: '1/2', to: '4' },
      { line: socketed.METRIC_PRESSURE, from: '20', to: '110' },
      { line: socketed.ANZ_PRESSURE, from: '15', to: '100' },
      { line: threaded.ISO_POLYPROPYLENE, from: '1/2', to: '2' },
    ],
  ],
  [
    GATE,
    [
      { line: threaded.NPT_BRASS, from: '1/4', to: '2' },
      { line: threaded.ISO_BRASS, from: '1/4', to: '2' },
      { line: socketed.COPPER_COMPRESSION, from: '15', to: '28' },
      { line: socketed.COPPER_SOLDER, from: '15', to: '28' },
      { line: socketed.CTS_SOLDER, from: '1/2', to: '1' },
    ],
  ],
  [
    KNIFE,
    [
      { line: socketed.DRAIN_US, from: '1-1/2', to: '4' },
      { line: socketed.DRAIN_US_ABS, from: '2', to: '3' },
      { line: socketed.METRIC_PRESSURE, from: '50', to: '110' },
      { line: socketed.SOIL_SOLVENT },
      { line: socketed.EU_DRAIN, from: '110', to: '160' },
    ],
  ],
];

const LEAST_BALL_MM = 10;

function valve(kind: Kind, line: Line, size: NominalSize) {
  const ends = [
    kind.ends ? line.enters(size) : line.takes(size),
    kind.ends === 'male' ? line.enters(size) : line.takes(size),
  ];
  const plain = fitting({
    code: `${kind.mark}${kind === BALL && line === threaded.NPT_PVC ? 'T' : line.mark}-${sizeCode(size)}`,
    name: kind.name,
    detail: endsWords(ends),
    size,
    material: line.material,
    ends,
    betweenMm: 0,
    ratedKpa: line.ratedKpa(size),
    features: kind.features,
    loss: kind.loss,
    priceUsdAtOneInch: kind.priceUsd * line.priceFactor,
  });
  const sections = ends.map((end) => endSection(end, plain.boreMm));
  const endsMm = sections.reduce((sum, { lengthMm }) => sum + lengthMm, 0);
  const [inlet, outlet] = sections;
  if (!inlet || !outlet) return plain;
  return {
    ...plain,
    body: [
      inlet,
      {
        lengthMm: Math.max(LEAST_BALL_MM, overallMm(plain.boreMm, kind.column) - endsMm),
        outsideMm: Math.max(inlet.outsideMm, outlet.outsideMm) * 1.18,
        boreMm: plain.boreMm,
        surface: 'plain' as const,
      },
      outlet,
    ],
  };
}

/** Full-bore valves worked by hand: lever, ball, with unions, gate and slide valves, in the lines that counters carry. */
export const valves = defineFamily({
  id: 'valve',
  name: 'Valve',
  source: TYPICAL_BODIES,
  parts: () => RANGES.flatMap(([kind, made]) => overMade(made, (line, size) => valve(kind, line, size))),
});
