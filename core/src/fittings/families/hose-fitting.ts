import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { barb, gMale, gSwivel, nhMale, nhSwivel, nptFemale, nptMale, rMale, rpFemale, socket } from '../ends';
import { type FittingSpec, discharge, fitting } from '../fitting';
import type { Feature, PartEnd } from '../part';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

const HOSE_TAIL_SIZES: readonly NominalSize[] = ['1/2', '5/8', '3/4', '1'];
const METRIC_TAILS: readonly NominalSize[] = ['13', '15', '16', '19', '25'];
const HEX_MM = 10;

/** Nuts with a tail for drip tube, and what they bear [kPa] (ranges of the trade, from memory). */
const DRIP_TAILS: readonly (readonly [NominalSize, nut: End])[] = [
  ['1/2', nhSwivel],
  ['13', gSwivel('3/4')],
  ['16', gSwivel('3/4')],
  ['19', gSwivel('3/4')],
];
const DRIP_KPA = 200;
/** What a reducer for drip lets through [kPa]: 25 psi (value from memory). */
const REDUCED_KPA = 172;

interface Spec {
  readonly code: string;
  readonly name: string;
  readonly inlet: End;
  readonly outlet: End | PartEnd;
  readonly branches?: readonly (End | PartEnd)[];
  readonly size: NominalSize;
  readonly priceUsd: number;
  readonly material?: Material;
  readonly features?: readonly Feature[];
  readonly betweenMm?: number;
  readonly loss?: NonNullable<FittingSpec['loss']>;
  readonly ratedKpa?: number;
  readonly leastKpa?: number;
  readonly reducesToKpa?: number;
  readonly oneWay?: true;
}

const made = ({
  inlet,
  outlet,
  branches = [],
  material = 'brass',
  features = [],
  betweenMm,
  loss,
  priceUsd,
  ...rest
}: Spec) =>
  fitting({
    ...rest,
    material,
    features,
    ends: [inlet, outlet, ...branches],
    betweenMm: betweenMm ?? HEX_MM,
    girth: 1.1,
    surface: betweenMm === undefined ? 'hex' : 'plain',
    ratedKpa: rest.ratedKpa ?? 1000,
    priceUsdAtOneInch: priceUsd,
    ...(loss === undefined ? {} : { loss }),
  });

/** Taps with a threaded spout: turned a quarter or screwed down on a washer; with and without a vacuum breaker. */
const taps = (mark: string, sizes: readonly NominalSize[], inlet: (size: NominalSize) => End, spout: End) =>
  sizes.flatMap((size) => {
    const own = { inlet: inlet(size), outlet: discharge(spout), size, betweenMm: 42 };
    const code = (kind: string): string => `${kind}-${sizeCode(size)}${mark}`;
    return [
      made({ ...own, code: code('HT'), name: 'Hose tap', features: ['spout'], loss: 'washer-tap', priceUsd: 16 }),
      made({
        ...own,
        code: code('HTQ'),
        name: 'Quarter-turn hose tap',
        features: ['spout'],
        loss: 'quarter-turn-tap',
        priceUsd: 18,
      }),
      made({
        ...own,
        code: code('HTV'),
        name: 'Hose tap with vacuum breaker',
        features: ['spout', 'vacuum-breaker'],
        loss: 'washer-tap',
        oneWay: true,
        priceUsd: 22,
      }),
      made({
        ...own,
        code: code('HTP'),
        name: 'Plastic hose tap',
        features: ['spout'],
        material: 'nylon',
        loss: 'washer-tap',
        ratedKpa: 600,
        priceUsd: 5,
      }),
      made({
        ...own,
        code: code('HTF'),
        name: 'Frost-proof wall tap',
        features: ['spout', 'vacuum-breaker'],
        loss: 'washer-tap',
        oneWay: true,
        betweenMm: 220,
        priceUsd: 42,
      }),
    ];
  });

/** What screws on between a tap and a hose, in both hose threads: mark of its code, nut on the tap, male on the hose. */
const LINES: readonly (readonly [mark: string, nut: End, male: End, size: NominalSize])[] = [
  ['', nhSwivel, nhMale, '3/4'],
  ['G', gSwivel('3/4'), gMale('3/4'), '3/4'],
];

const onTheTap = ([mark, nut, male, size]: (typeof LINES)[number]) => [
  made({
    code: `HV${mark}-075`,
    name: 'Hose-end valve',
    inlet: nut,
    outlet: discharge(male),
    size,
    features: ['ball-and-lever'],
    betweenMm: 30,
    loss: 'quarter-turn-tap',
    priceUsd: 17.4,
  }),
  made({
    code: `TD${mark}-075`,
    name: 'Diaphragm timer',
    // 10 psi (common practice): below it the diaphragm neither opens nor shuts for sure.
    leastKpa: 69,
    inlet: nut,
    outlet: male,
    size,
    features: ['timer'],
    betweenMm: 90,
    loss: 'washer-tap',
    material: 'nylon',
    ratedKpa: 800,
    oneWay: true,
    priceUsd: 45,
  }),
  made({
    code: `TM${mark}-075`,
    name: 'Motor timer',
    inlet: nut,
    outlet: male,
    size,
    features: ['timer'],
    betweenMm: 100,
    loss: 'quarter-turn-tap',
    material: 'nylon',
    ratedKpa: 800,
    oneWay: true,
    priceUsd: 58,
  }),
  made({
    code: `VB${mark}-075`,
    name: 'Hose vacuum breaker',
    inlet: nut,
    outlet: male,
    size,
    features: ['vacuum-breaker'],
    betweenMm: 24,
    loss: 'spring-check',
    oneWay: true,
    priceUsd: 12,
  }),
  made({
    code: `HK${mark}-075`,
    name: 'Hose check valve',
    inlet: nut,
    outlet: male,
    size,
    features: ['spring-check'],
    betweenMm: 24,
    loss: 'spring-check',
    oneWay: true,
    priceUsd: 11,
  }),
  made({
    code: `HI${mark}-075`,
    name: 'Inline hose filter',
    inlet: nut,
    outlet: male,
    size,
    features: ['filter'],
    betweenMm: 80,
    loss: 'mesh',
    material: 'nylon',
    ratedKpa: 600,
    oneWay: true,
    priceUsd: 19,
  }),
  made({
    code: `HJ${mark}-075`,
    name: 'Pressure reducer for drip',
    inlet: nut,
    outlet: male,
    size,
    betweenMm: 40,
    loss: 'washer-tap',
    material: 'nylon',
    ratedKpa: 800,
    reducesToKpa: REDUCED_KPA,
    oneWay: true,
    priceUsd: 13,
  }),
  ...[2, 3, 4].map((ways) =>
    made({
      code: `HY${mark}-075${ways}`,
      name: `Manifold, ${ways} hoses`,
      inlet: nut,
      outlet: discharge(male),
      branches: Array.from({ length: ways - 1 }, () => ({ ...discharge(male), position: 'branch' as const })),
      size,
      features: ['branch', 'ball-and-lever'],
      betweenMm: 30 * ways,
      loss: 'quarter-turn-tap',
      priceUsd: 12 * ways,
    }),
  ),
  made({
    code: `HW${mark}-075`,
    name: 'Swivel elbow',
    inlet: nut,
    outlet: male,
    size,
    features: ['bend'],
    betweenMm: 34,
    loss: 'bend-90',
    priceUsd: 9,
  }),
  made({ code: `HU${mark}-075`, name: 'Double hose union', inlet: nut, outlet: nut, size, priceUsd: 7 }),
];

/** Fittings between pipe thread, hose thread and hose tail; the taps that end in them; timers, manifolds and what else hangs on a tap. */
export const hoseFittings = defineFamily({
  id: 'hose-fitting',
  name: 'Hose fitting',
  source: TYPICAL_BODIES,
  parts: () => [
    ...(['1/2', '3/4', '1'] as const).flatMap((size) => [
      made({
        code: `AD-${sizeCode(size)}F`,
        name: 'Hose adapter',
        inlet: nptFemale(size),
        outlet: nhMale,
        size,
        priceUsd: 8,
      }),
      made({
        code: `AD-${sizeCode(size)}M`,
        name: 'Hose adapter',
        inlet: nptMale(size),
        outlet: nhMale,
        size,
        priceUsd: 7.5,
      }),
      made({
        code: `AS-${sizeCode(size)}M`,
        name: 'Hose swivel adapter',
        inlet: nhSwivel,
        outlet: nptMale(size),
        size,
        priceUsd: 9,
      }),
      made({
        code: `AS-${sizeCode(size)}F`,
        name: 'Hose swivel adapter',
        inlet: nhSwivel,
        outlet: nptFemale(size),
        size,
        priceUsd: 9,
      }),
    ]),
    made({
      code: 'AG-075A',
      name: 'Hose thread adapter',
      inlet: gSwivel('3/4'),
      outlet: nhMale,
      size: '3/4',
      priceUsd: 9,
    }),
    made({
      code: 'AG-075B',
      name: 'Hose thread adapter',
      inlet: nhSwivel,
      outlet: gMale('3/4'),
      size: '3/4',
      priceUsd: 9,
    }),
    ...taps('M', ['1/2', '3/4'], nptMale, nhMale),
    ...taps('F', ['1/2', '3/4'], nptFemale, nhMale),
    ...taps('R', ['1/2', '3/4', '1'], rMale, gMale('3/4')),
    ...taps('P', ['1/2', '3/4'], rpFemale, gMale('3/4')),
    ...(['1/2', '3/4'] as const).map((size) =>
      made({
        code: `HTS-${sizeCode(size)}`,
        name: 'Plastic hose tap',
        inlet: socket(size),
        outlet: discharge(nhMale),
        size,
        features: ['spout'],
        material: 'pvc',
        betweenMm: 42,
        loss: 'washer-tap',
        ratedKpa: 600,
        priceUsd: 6,
      }),
    ),
    ...HOSE_TAIL_SIZES.flatMap((size) => [
      made({
        code: `HS-075${sizeCode(size)}`,
        name: 'Hose swivel',
        inlet: nhSwivel,
        outlet: barb(size),
        size,
        priceUsd: 6.5,
      }),
      made({
        code: `HM-075${sizeCode(size)}`,
        name: 'Hose male end',
        inlet: barb(size),
        outlet: nhMale,
        size,
        priceUsd: 6.5,
      }),
    ]),
    ...METRIC_TAILS.flatMap((size) => [
      made({
        code: `HS-075${sizeCode(size)}`,
        name: 'Hose swivel',
        inlet: gSwivel('3/4'),
        outlet: barb(size),
        size,
        priceUsd: 6,
      }),
      made({
        code: `HM-075${sizeCode(size)}`,
        name: 'Hose male end',
        inlet: barb(size),
        outlet: gMale('3/4'),
        size,
        priceUsd: 6,
      }),
    ]),
    ...DRIP_TAILS.map(([size, nut]) =>
      made({
        code: `HSD-075${sizeCode(size)}`,
        name: 'Hose swivel for drip tube',
        inlet: nut,
        outlet: { kind: 'hose', system: 'drip', size, part: 'barb' },
        size,
        material: 'polypropylene',
        ratedKpa: DRIP_KPA,
        priceUsd: 2.2,
      }),
    ),
    ...LINES.flatMap(onTheTap),
  ],
});
