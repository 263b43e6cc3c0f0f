import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { pipeOf } from '../../connections/standards/pipes';
import { wallSealSizeOf, wallSealStyle } from '../../connections/standards/wall-seals';
import { WALL_SEAL_SOURCE, type WallSealSize } from '../../connections/standards/wall-seals/wall-seal';
import type { NominalSize } from '../../quantity/size';
import { sizeCode } from '../../quantity/size';
import { endSection } from '../body';
import { gFemale, gMale, nhMale, nptFemale, nptMale, soilPushFit, socket, wallSealEnd } from '../ends';
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
  /** A tap: water leaves at its outlet. */
  readonly tap?: true;
  /** A float valve: it shuts by itself when the water is up. */
  readonly floats?: true;
  readonly usdAtOneInch: number;
}

const SMALL: readonly NominalSize[] = ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'];

const RANGES: readonly Range[] = [
  {
    style: 'bulkhead',
    code: 'WBG',
    name: 'Bulkhead',
    material: 'polypropylene',
    sizes: SMALL,
    outlet: gFemale,
    detail: (size) => `${size} G female`,
    usdAtOneInch: 11,
  },
  {
    style: 'tap-shank',
    code: 'WTB',
    name: 'Barrel tap on a shank',
    material: 'brass',
    sizes: ['3/4'],
    outlet: () => nhMale,
    detail: (size) => `${size} shank, 3/4 NH`,
    tap: true,
    usdAtOneInch: 14,
  },
  {
    style: 'tap-shank',
    code: 'WTG',
    name: 'Barrel tap on a shank',
    material: 'brass',
    sizes: ['1/2', '3/4'],
    outlet: () => gMale('3/4'),
    detail: (size) => `${size} shank, 3/4 G`,
    tap: true,
    usdAtOneInch: 14,
  },
  {
    style: 'tap-shank',
    code: 'WFV',
    name: 'Float valve on a shank',
    material: 'brass',
    sizes: ['1/2', '3/4', '1'],
    outlet: gMale,
    detail: (size) => `${size} G male`,
    floats: true,
    usdAtOneInch: 19,
  },
  {
    style: 'tap-shank',
    code: 'WFN',
    name: 'Float valve on a shank',
    material: 'brass',
    sizes: ['1/2', '3/4', '1'],
    outlet: nptMale,
    detail: (size) => `${size} NPT male`,
    floats: true,
    usdAtOneInch: 19,
  },
  {
    style: 'nipple-and-rubbers',
    code: 'WNR',
    name: 'Nipple with two rubbers and locknuts',
    material: 'brass',
    sizes: SMALL,
    outlet: nptMale,
    detail: (size) => `${size} NPT male`,
    usdAtOneInch: 9,
  },
  {
    style: 'bolted-flange',
    code: 'WFT',
    name: 'Bolted tank flange',
    material: 'galvanised',
    sizes: ['1', '1-1/4', '1-1/2', '2', '3', '4'],
    outlet: nptFemale,
    detail: (size) => `${size} NPT female`,
    usdAtOneInch: 24,
  },
  {
    style: 'bolted-flange',
    code: 'WFG',
    name: 'Bolted tank flange',
    material: 'galvanised',
    sizes: ['1', '1-1/4', '1-1/2', '2'],
    outlet: gFemale,
    detail: (size) => `${size} G female`,
    usdAtOneInch: 24,
  },
  {
    style: 'cast-sleeve',
    code: 'WCS',
    name: 'Cast-in sleeve',
    material: 'pvc',
    sizes: ['2', '3', '4'],
    outlet: socket,
    detail: (size) => `for ${size} Schedule 40 pipe`,
    usdAtOneInch: 9,
  },
  {
    style: 'cast-sleeve',
    code: 'WCSM',
    name: 'Cast-in sleeve',
    material: 'pvc',
    sizes: ['110'],
    outlet: soilPushFit,
    detail: (size) => `for ${size} mm soil pipe`,
    usdAtOneInch: 9,
  },
  {
    style: 'link-seal',
    code: 'WLS',
    name: 'Mechanical link seal',
    material: 'rubber',
    sizes: ['1', '1-1/2', '2', '3', '4'],
    outlet: (size) => ({ kind: 'gasket', series: 'ips-40', size }),
    detail: (size) => `for ${size} Schedule 40 pipe`,
    usdAtOneInch: 26,
  },
  {
    style: 'link-seal',
    code: 'WLSM',
    name: 'Mechanical link seal',
    material: 'rubber',
    sizes: ['110'],
    outlet: (size) => ({ kind: 'gasket', series: 'soil', size }),
    detail: (size) => `for ${size} mm soil pipe`,
    usdAtOneInch: 26,
  },
  {
    style: 'wall-boot',
    code: 'WB',
    name: 'Wall boot',
    material: 'rubber',
    sizes: ['4'],
    outlet: (size) => ({ kind: 'gasket', series: 'ips-40', size }),
    detail: (size) => `for ${size} Schedule 40 pipe`,
    usdAtOneInch: 15,
  },
  {
    style: 'wall-boot',
    code: 'WBM',
    name: 'Wall boot',
    material: 'rubber',
    sizes: ['110'],
    outlet: (size) => ({ kind: 'gasket', series: 'soil', size }),
    detail: (size) => `for ${size} mm soil pipe`,
    usdAtOneInch: 15,
  },
  {
    style: 'welded-boss',
    code: 'WN',
    name: 'Welded boss',
    material: 'polyethylene',
    sizes: ['3/4', '1', '1-1/2', '2'],
    outlet: nptFemale,
    detail: (size) => `${size} NPT female`,
    usdAtOneInch: 7,
  },
  {
    style: 'welded-boss',
    code: 'WG',
    name: 'Welded boss',
    material: 'polyethylene',
    sizes: ['3/4', '1', '1-1/2', '2'],
    outlet: gFemale,
    detail: (size) => `${size} G female`,
    usdAtOneInch: 7,
  },
  {
    style: 'drop-grate',
    code: 'WDG',
    name: 'Drop-in grate with mesh',
    material: 'polypropylene',
    sizes: ['3', '4', '6'],
    detail: (size) => `${size} in`,
    opens: true,
    usdAtOneInch: 3,
  },
  {
    style: 'lift-out',
    code: 'WLO',
    name: 'Lift-out collar',
    material: 'polyethylene',
    sizes: ['2', '3', '4'],
    outlet: socket,
    detail: (size) => `for ${size} Schedule 40 pipe`,
    usdAtOneInch: 3.4,
  },
  {
    style: 'lift-out',
    code: 'WLOM',
    name: 'Lift-out collar',
    material: 'polyethylene',
    sizes: ['110'],
    outlet: soilPushFit,
    detail: (size) => `for ${size} mm soil pipe`,
    usdAtOneInch: 3.4,
  },
  {
    style: 'insect-screen',
    code: 'WIS',
    name: 'Clip-in insect screen',
    material: 'stainless',
    sizes: ['1/2', '3/4', '1', '1-1/2', '2', '3', '4'],
    detail: (size) => `${size} in`,
    opens: true,
    usdAtOneInch: 2.2,
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
        ];
        return {
          code: `${range.code}-${sizeCode(size)}`,
          name: range.name,
          detail: range.detail(size),
          size,
          material: range.material,
          ends,
          body: bodyOf(row, outer, wallSealStyle(range.style).washer),
          features: featuresOf(range),
          boreMm: boreOf(row, outer),
          wallFaceMm: FLANGE_MM + WASHER_MM,
          sale: { by: 'piece' as const },
          priceUsd: inventedPriceUsd(range.usdAtOneInch, size),
        };
      }),
    ),
});

const featuresOf = ({ opens, tap, floats }: Range): readonly Feature[] => [
  ...(opens ? (['screen'] as const) : []),
  ...(tap ? (['spout'] as const) : []),
  ...(floats ? (['float-arm'] as const) : []),
];

/** What passes: the pipe it is made for, or most of its shank. */
const boreOf = (row: WallSealSize, outer: End | undefined): number =>
  outer?.kind === 'gasket' ? pipeOf(outer).outsideMm : row.holeMm[0] * 0.78;

function bodyOf(row: WallSealSize, outer: End | undefined, nut: boolean) {
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
    return [...inner, { lengthMm: FLANGE_MM, outsideMm: row.flangeMm, boreMm, surface: 'mesh' as const }];
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
