import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { pipeOf } from '../../connections/standards/pipes';
import { wallSealSizeOf, wallSealStyle } from '../../connections/standards/wall-seals';
import { WALL_SEAL_SOURCE, type WallSealSize } from '../../connections/standards/wall-seals/wall-seal';
import { type NominalSize, sizeWords } from '../../quantity/size';
import { sizeCode } from '../../quantity/size';
import { endSection } from '../body';
import {
  gFemale,
  gMale,
  nhMale,
  nptFemale,
  nptMale,
  pipeEnd,
  rpFemale,
  soilPushFit,
  socket,
  wallSealEnd,
} from '../ends';
import type { Feature, PartEnd } from '../part';
import { defineFamily, inventedPriceUsd } from '../part-family';

/** One range of wall fittings: the way it seals, what it is called, and the end it offers outside. */
interface Range {
  readonly style: string;
  readonly code: string;
  readonly name: string;
  readonly material: Material;
  readonly sizes: readonly NominalSize[];
  /** What it offers outside; undefined where nothing goes on to it. */
  readonly outlet?: (size: NominalSize) => End;
  readonly detail: (size: NominalSize) => string;
  /** Lets through by itself: a screen, a grate. */
  readonly opens?: true;
  /** Nothing goes through it. */
  readonly closes?: true;
  /** A tap: water leaves at its outlet. */
  readonly tap?: true;
  /** A float valve: it shuts by itself when the water is up. */
  readonly floats?: true;
  readonly usdAtOneInch: number;
}

const SMALL: readonly NominalSize[] = ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'];
const FLANGES: readonly NominalSize[] = ['1', '1-1/4', '1-1/2', '2', '3', '4'];
const INCH_PIPE: readonly NominalSize[] = ['2', '3', '4'];
const SOIL: readonly NominalSize[] = ['110'];
/** Polyethylene that goes from tank to tank in the ground. */
const BURIED: readonly NominalSize[] = ['32', '50', '63'];

/** The cords that a gland closes round (EN 62444, from memory). */
const CORDS: Readonly<Partial<Record<NominalSize, string>>> = {
  '1/2': 'M20, cord of 6 to 12 mm',
  '3/4': 'M25, cord of 11 to 17 mm',
  '1': 'M32, cord of 15 to 21 mm',
};

type Outlet = Pick<Range, 'outlet' | 'detail'>;

/** What a fitting offers outside, and how it is said. */
const said = (outlet: (size: NominalSize) => End, words: (size: NominalSize) => string): Outlet => ({
  outlet,
  detail: words,
});
const NPT_FEMALE = said(nptFemale, (size) => `${size} NPT female`);
const NPT_MALE = said(nptMale, (size) => `${size} NPT male`);
const G_FEMALE = said(gFemale, (size) => `${size} G female`);
const RP_FEMALE = said(rpFemale, (size) => `${size} Rp female`);
const G_MALE = said(gMale, (size) => `${size} G male`);
const forSchedule40 = (outlet: (size: NominalSize) => End) => said(outlet, (size) => `for ${size} Schedule 40 pipe`);
const forSoil = (outlet: (size: NominalSize) => End) => said(outlet, (size) => `for ${size} mm soil pipe`);
/** Drain pipe of Australia and New Zealand is called by its bore and is 110 mm outside. */
const forDrainAnz = said(
  () => ({ kind: 'gasket', series: 'anz-dwv', size: '100' }),
  () => 'for 100 mm AS/NZS 1260 drain pipe',
);
const gripping =
  (series: string) =>
  (size: NominalSize): End => ({ kind: 'gasket', series, size });

type Made = Pick<Range, 'style' | 'code' | 'name' | 'material' | 'sizes' | 'usdAtOneInch'>;

const made = (
  style: string,
  code: string,
  name: string,
  material: Material,
  sizes: readonly NominalSize[],
  usdAtOneInch: number,
): Made => ({ style, code, name, material, sizes, usdAtOneInch });

const TAP = 'Barrel tap on a shank';
const FLOAT = 'Float valve on a shank';
const FLANGE = 'Bolted tank flange';
const SLEEVE = 'Cast-in sleeve';
const LINKS = 'Mechanical link seal';
const COLLAR = 'Lift-out collar';
const SHANKS: readonly NominalSize[] = ['1/2', '3/4', '1'];
const BOSSES: readonly NominalSize[] = ['3/4', '1', '1-1/2', '2'];

/** What stands in walls, by the way it seals; ranges of the trade, from memory. */
const RANGES: readonly Range[] = [
  { ...made('bulkhead', 'WBG', 'Bulkhead', 'polypropylene', SMALL, 11), ...G_FEMALE },
  { ...made('bulkhead', 'WBR', 'Bulkhead', 'brass', SMALL, 15), ...RP_FEMALE },
  {
    ...made('tap-shank', 'WTB', TAP, 'brass', ['3/4'], 14),
    ...said(
      () => nhMale,
      (size) => `${size} shank, 3/4 NH`,
    ),
    tap: true,
  },
  {
    ...made('tap-shank', 'WTG', TAP, 'brass', ['1/2', '3/4'], 14),
    ...said(
      () => gMale('3/4'),
      (size) => `${size} shank, 3/4 G`,
    ),
    tap: true,
  },
  { ...made('tap-shank', 'WFV', FLOAT, 'brass', SHANKS, 19), ...G_MALE, floats: true },
  { ...made('tap-shank', 'WFN', FLOAT, 'brass', SHANKS, 19), ...NPT_MALE, floats: true },
  { ...made('nipple-and-rubbers', 'WNR', 'Nipple with two rubbers and locknuts', 'brass', SMALL, 9), ...NPT_MALE },
  { ...made('bolted-flange', 'WFT', FLANGE, 'galvanised', FLANGES, 24), ...NPT_FEMALE },
  { ...made('bolted-flange', 'WFG', FLANGE, 'galvanised', FLANGES, 24), ...G_FEMALE },
  { ...made('bolted-flange', 'WFR', FLANGE, 'galvanised', FLANGES, 24), ...RP_FEMALE },
  { ...made('cast-sleeve', 'WCS', SLEEVE, 'pvc', INCH_PIPE, 9), ...forSchedule40(socket) },
  { ...made('cast-sleeve', 'WCSM', SLEEVE, 'pvc', SOIL, 9), ...forSoil(soilPushFit) },
  {
    ...made('link-seal', 'WLS', LINKS, 'rubber', ['1', '1-1/2', ...INCH_PIPE], 26),
    ...forSchedule40(gripping('ips-40')),
  },
  { ...made('link-seal', 'WLSM', LINKS, 'rubber', SOIL, 26), ...forSoil(gripping('soil')) },
  { ...made('link-seal', 'WLSZ', LINKS, 'rubber', SOIL, 26), ...forDrainAnz },
  {
    ...made('link-seal', 'WLSP', LINKS, 'rubber', BURIED, 26),
    ...said(gripping('pe'), (size) => `for ${size} mm polyethylene pipe`),
  },
  { ...made('wall-boot', 'WB', 'Wall boot', 'rubber', ['4'], 15), ...forSchedule40(gripping('ips-40')) },
  { ...made('wall-boot', 'WBM', 'Wall boot', 'rubber', SOIL, 15), ...forSoil(gripping('soil')) },
  { ...made('wall-boot', 'WBZ', 'Wall boot', 'rubber', SOIL, 15), ...forDrainAnz },
  { ...made('welded-boss', 'WN', 'Welded boss', 'polyethylene', BOSSES, 7), ...NPT_FEMALE },
  { ...made('welded-boss', 'WG', 'Welded boss', 'polyethylene', BOSSES, 7), ...G_FEMALE },
  {
    ...made('drop-grate', 'WDG', 'Drop-in grate with mesh', 'polypropylene', ['3', '4', '6'], 3),
    detail: sizeWords,
    opens: true,
  },
  { ...made('lift-out', 'WLO', COLLAR, 'polyethylene', INCH_PIPE, 3.4), ...forSchedule40(socket) },
  { ...made('lift-out', 'WLOM', COLLAR, 'polyethylene', SOIL, 3.4), ...forSoil(soilPushFit) },
  {
    ...made(
      'insect-screen',
      'WIS',
      'Clip-in insect screen',
      'stainless',
      ['1/2', '3/4', '1', '1-1/2', ...INCH_PIPE],
      2.2,
    ),
    detail: sizeWords,
    opens: true,
  },
  {
    ...made('cable-gland', 'WCG', 'Cable gland', 'nylon', ['1/2', '3/4', '1'], 3),
    detail: (size) => CORDS[size] ?? sizeWords(size),
    closes: true,
  },
  {
    ...made('blanking-plug', 'WBP', 'Blanking plug with rubber', 'polypropylene', [...SMALL], 2.4),
    detail: sizeWords,
    closes: true,
  },
  {
    ...made('screw-cover', 'WSC', 'Screw-down cover', 'polypropylene', ['4', '6'], 2.2),
    detail: sizeWords,
    closes: true,
  },
  {
    ...made('bulkhead', 'WTC', 'Tank connector', 'brass', ['1/2', '3/4'], 9),
    ...said(
      (size) => pipeEnd('copper-metric', 'compression')(size === '1/2' ? '15' : '22'),
      (size) => `${size === '1/2' ? '15' : '22'} CU compression`,
    ),
  },
  {
    ...made('bulkhead', 'WTO', 'Overflow connector', 'polypropylene', ['3/4'], 3),
    ...said(
      () => pipeEnd('uk-overflow', 'push-fit')('21.5'),
      () => 'for 21.5 mm overflow pipe',
    ),
  },
];

const FLANGE_MM = 7;
const WASHER_MM = 4;
const NUT_MM = 10;
/** The nut is this much wider than its shank. */
const NUT_OVER = 1.4;
const MOST_NECK_MM = 60;

/** Everything else that stands in a wall, drawn from its hole and flange: flange and washer inside, neck, nut or rim outside. */
export const wallFittings = defineFamily({
  id: 'wall-fitting',
  name: 'Wall fitting',
  source: WALL_SEAL_SOURCE,
  parts: () =>
    RANGES.flatMap((range) =>
      range.sizes.map((size) => {
        const row = wallSealSizeOf(range.style, size);
        if (!row) throw new RangeError(`wall-fitting: no ${size} ${range.style}`);
        const outer = range.outlet?.(size);
        const ends: PartEnd[] = [
          { end: wallSealEnd(range.style, size), position: 'inlet' },
          ...(outer
            ? [{ end: outer, position: 'outlet' as const, ...(range.tap ? { mayStayOpen: 'discharge' as const } : {}) }]
            : []),
          ...insideOf(range.style, outer),
        ];
        return {
          code: `${range.code}-${sizeCode(size)}`,
          name: range.name,
          detail: range.detail(size),
          size,
          material: range.material,
          ends,
          body: bodyOf(row, outer, wallSealStyle(range.style).washer, range.closes === true),
          features: featuresOf(range),
          ...(range.floats ? { oneWay: true as const } : {}),
          // What lets air and water through by itself, or lets nothing through, bears no pressure.
          ...(range.opens || range.closes ? { ratedKpa: null } : {}),
          boreMm: boreOf(row, outer),
          wallFaceMm: FLANGE_MM + WASHER_MM,
          sale: { by: 'piece' as const },
          priceUsd: inventedPriceUsd(range.usdAtOneInch, size),
        };
      }),
    ),
});

/** Fittings with a thread that goes right through (ranges of the trade, from memory). */
const THREADED_THROUGH: readonly string[] = ['bulkhead', 'bolted-flange'];

/** What something inside the tank can go on: the pipe that goes on through what closes round it, or the thread of the inner side. */
function insideOf(style: string, outer: End | undefined): readonly PartEnd[] {
  const inside = (end: End): readonly PartEnd[] => [{ end, position: 'inside', mayStayOpen: 'optional' }];
  if (outer?.kind === 'gasket') return inside({ kind: 'pipe', series: outer.series, size: outer.size, part: 'spigot' });
  return outer?.kind === 'thread' && outer.sex === 'female' && THREADED_THROUGH.includes(style) ? inside(outer) : [];
}

const featuresOf = ({ opens, tap, floats }: Range): readonly Feature[] => [
  ...(opens ? (['screen'] as const) : []),
  ...(tap ? (['spout'] as const) : []),
  ...(floats ? (['float-arm'] as const) : []),
];

/** What passes: the pipe it is made for, or most of its shank. */
const boreOf = (row: WallSealSize, outer: End | undefined): number =>
  outer?.kind === 'gasket' ? pipeOf(outer).outsideMm : row.holeMm[0] * 0.78;

function bodyOf(row: WallSealSize, outer: End | undefined, nut: boolean, closes: boolean) {
  const boreMm = boreOf(row, outer);
  const shankMm = Math.max(row.typicalHoleMm - 2, boreMm + 2);
  const inner = [
    { lengthMm: FLANGE_MM, outsideMm: row.flangeMm, boreMm, surface: 'flange' as const },
    {
      lengthMm: WASHER_MM,
      outsideMm: row.flangeMm * 0.94,
      boreMm,
      surface: 'washer' as const,
      material: 'rubber' as const,
    },
    { lengthMm: Math.min(MOST_NECK_MM, row.gripMm[1] * 0.6), outsideMm: shankMm, boreMm, surface: 'plain' as const },
  ];
  if (outer === undefined)
    return [
      ...inner,
      {
        lengthMm: FLANGE_MM,
        outsideMm: row.flangeMm,
        boreMm,
        surface: closes ? ('closed' as const) : ('mesh' as const),
      },
    ];
  const close = {
    lengthMm: NUT_MM,
    outsideMm: shankMm * NUT_OVER,
    boreMm,
    surface: nut ? ('nut' as const) : ('flange' as const),
  };
  if (outer.kind === 'gasket') return [...inner, close];
  const end = endSection(outer, Math.min(boreMm, outerBoreMm(outer)));
  return [...inner, close, end];
}

/** A male end is bored well inside its roots. */
const outerBoreMm = (outer: End): number => {
  const section = endSection(outer, 1);
  return section.boreMm === 1 ? section.outsideMm * 0.72 : section.boreMm;
};
