import { formOf } from '../../walls/forms';
import { BLOCK, coursesHigh, fullKg } from '../../walls/stand';
import type { CheckContext } from '../../derived/context';
import { isGuest, standingWith } from '../../derived/shared-stand';
import { type Measures, formatLength } from '../../quantity/length';
import type { Riser, Tank } from '../../walls/tank';
import { formatMass } from '../../quantity/values';
import { type Bulk, type Filled, bulkLine } from './loose';
import { packed } from './packed';
import type { PartsLine } from '../list/parts-list';
import { type Use, useOfTank } from '../list/trace';

/** From the middle of one block to the next under a flat floor (common practice). */
const BLOCK_EVERY_M = 0.4;
const BLOCK_USD = 2.4;
const PLANK_USD_PER_M3 = 620;

/** What it stands on is not bought: it is there, with its tank or before it. */
export const isBaseThere = ({ stands, baseStands }: Tank): boolean => stands || baseStands;

/** How long a stand is that carries a tank and those that share it, in a row, and how deep [m]. */
export function standSizeM(tank: Tank, tanks: readonly Tank[]): { readonly longM: number; readonly deepM: number } {
  const row = standingWith(tank, tanks);
  return {
    longM: row.reduce((sum, one) => sum + formOf(one).acrossM(one), 0),
    deepM: Math.max(...row.map((one) => formOf(one).throughM(one))),
  };
}

/** As blocks are called where they are sold: of 400 mm, or of a nominal 16 in with its joint. */
const BLOCK_WORDS: Readonly<Record<Measures, string>> = {
  'mm-l': '400 mm x 200 mm x 200 mm',
  'in-gal': 'nominal 16 in x 8 in x 8 in',
};

/** Blocks under one tank and those that share its stand; none under one that stands on the stand of another. */
export function blocksOf(tank: Tank, tanks: readonly Tank[] = [tank]): number {
  if (isBaseThere(tank) || isGuest(tank, tanks)) return 0;
  const { longM: acrossM, deepM: throughM } = standSizeM(tank, tanks);
  const along = (metres: number): number => Math.max(2, Math.ceil(metres / BLOCK_EVERY_M));
  switch (tank.base) {
    case 'blocks':
      return along(acrossM) * along(throughM) * coursesHigh(tank);
    case 'planks': {
      if (tank.planks === null) return 0;
      // A row of blocks under the planks at each end and wherever the span asks for one, as wide as the planks together.
      const { spanM, count, widthM } = tank.planks;
      const rows = Math.max(1, Math.ceil((acrossM - BLOCK.wideM) / (spanM + BLOCK.wideM))) + 1;
      return rows * Math.max(2, Math.ceil((count * widthM) / BLOCK.longM)) * coursesHigh(tank);
    }
    default:
      return 0;
  }
}

/** Concrete under ground water weighs so much less by what it displaces [kg/m3] (2400 less 1000, handbook values). */
const SUNK_CONCRETE_KG_M3 = 1400;
/** Strap to strap over a buried tank, and the least of them (common practice). */
const STRAP_EVERY_M = 1.2;
const LEAST_STRAPS = 2;
const TIE_DOWN_USD = 48;
const LASHING_USD = 18;
const CHOCK_USD = 9;

/** What holds a buried tank down by its anchors: concrete beside it, and straps over it with a turnbuckle at each end. */
export function anchoringOf(tank: Tank): { readonly concreteM3: number; readonly straps: number } | undefined {
  if (tank.stands || tank.anchorKg <= 0 || tank.buriedM <= 0) return undefined;
  const form = formOf(tank);
  const longM = Math.max(form.acrossM(tank), form.throughM(tank));
  return {
    concreteM3: tank.anchorKg / SUNK_CONCRETE_KG_M3,
    straps: Math.max(LEAST_STRAPS, Math.ceil(longM / STRAP_EVERY_M)),
  };
}

const RISER_USD_PER_M = 95;
const RISER_LID_USD = 38;

/** The riser of a tank that is set now, as a list calls it. */
export const riserDetail = ({ heightM, widthM }: Riser, measures: Measures): string =>
  `${formatLength(widthM, measures)} clear, ${formatLength(heightM, measures)} high`;

/** Tanks that get a riser and its lid. */
export const withRiser = (tanks: readonly Tank[]): readonly (Tank & { readonly riser: Riser })[] =>
  tanks.flatMap((tank) => (tank.riser && !tank.stands ? [{ ...tank, riser: tank.riser }] : []));

function riserLines({ job: { tanks, measures } }: CheckContext): PartsLine[] {
  const risen = withRiser(tanks);
  return [...new Set(risen.map(({ riser }) => riserDetail(riser, measures)))].flatMap((detail) => {
    const own = risen.filter(({ riser }) => riserDetail(riser, measures) === detail);
    const [first] = own;
    if (!first) return [];
    const uses = own.map(useOfTank);
    return [
      packed({
        code: 'RI',
        title: 'Riser for the way in',
        detail,
        need: own.length,
        packUsd: Math.round(first.riser.heightM * RISER_USD_PER_M * 20) / 20,
        uses,
        note: 'made for this tank, with its ring and screws; ask whether it comes with it',
      }),
      packed({
        code: 'RL',
        title: 'Lid of the riser, locks or screws down',
        detail,
        need: own.length,
        packUsd: RISER_LID_USD,
        uses,
      }),
    ];
  });
}

/** A bag of 25 kg of ready mix gives 12 L (value from memory); more than half a cubic metre nobody mixes by the bag (common practice). */
const CONCRETE: Bulk = {
  kind: 'CA',
  title: 'Concrete for anchors',
  usdPerM3: 160,
  comes: 'ready mixed, or anchors ready cast of as much',
  bag: { ending: '25', detail: 'bag of 25 kg', m3: 0.012, usd: 6.5, upToM3: 0.5 },
};

/** The prop of the catalogue that keeps the walls of a tank in shape while it is filled round. */
export const BRACE_CODE = 'XBR-200';
/** Prop to prop along the longer side, and the least of them (common practice). */
const BRACE_EVERY_M = 0.6;
const LEAST_BRACES = 2;

/** Props that a tank takes which is braced inside while it is buried. */
export function bracesOf(tank: Tank): number {
  if (tank.stands || !tank.braced || tank.buriedM <= 0) return 0;
  const form = formOf(tank);
  return Math.max(LEAST_BRACES, Math.ceil(Math.max(form.acrossM(tank), form.throughM(tank)) / BRACE_EVERY_M));
}

function braceLines({ job: { tanks }, catalogue }: CheckContext): PartsLine[] {
  const braced = tanks.filter((tank) => bracesOf(tank) > 0);
  const part = catalogue.byCode.get(BRACE_CODE);
  if (!part || braced.length === 0) return [];
  return [
    packed({
      code: BRACE_CODE,
      title: part.name,
      detail: part.detail,
      need: braced.reduce((sum, tank) => sum + bracesOf(tank), 0),
      packUsd: part.priceUsd,
      uses: braced.map(useOfTank),
    }),
  ];
}

function anchorLines({ job: { tanks, measures } }: CheckContext): PartsLine[] {
  const held = tanks.flatMap((tank) => {
    const by = anchoringOf(tank);
    return by ? [{ use: useOfTank(tank), by }] : [];
  });
  if (held.length === 0) return [];
  const uses = held.map(({ use }) => use);
  const kg = tanks.reduce((sum, tank) => sum + (anchoringOf(tank) ? tank.anchorKg : 0), 0);
  return [
    ...bulkLine(
      CONCRETE,
      held.map(({ use, by }): Filled => ({ use, m3: by.concreteM3 })),
      measures,
      `holds ${formatMass(kg, measures)} down under ground water; on both sides, cast before the tank is filled round`,
    ),
    packed({
      code: 'TS-50',
      title: 'Tie-down strap with turnbuckles',
      detail: '50 mm, stainless or coated, over the tank',
      need: held.reduce((sum, { by }) => sum + by.straps, 0),
      packUsd: TIE_DOWN_USD,
      uses,
    }),
  ];
}

/** A strap is rated for so much of a full tank [kg], and nobody drives with fewer than two (our judgement; the law on loads decides). */
const LASHED_KG = 500;
const FEWEST_LASHINGS = 2;

/** Straps that hold a tank to its trailer; none where it stands and is driven already. */
export const lashingsOf = (tank: Tank): number =>
  tank.base === 'trailer' && !isBaseThere(tank) ? Math.max(FEWEST_LASHINGS, Math.ceil(fullKg(tank) / LASHED_KG)) : 0;

function lashingLines({ job: { tanks } }: CheckContext): PartsLine[] {
  const lashed = tanks.filter((tank) => lashingsOf(tank) > 0);
  if (lashed.length === 0) return [];
  const trailers = lashed.filter((tank) => !isGuest(tank, tanks));
  return [
    packed({
      code: 'LST',
      title: 'Ratchet strap',
      detail: 'lashing capacity of 2500 daN on its label',
      need: lashed.reduce((sum, tank) => sum + lashingsOf(tank), 0),
      packUsd: LASHING_USD,
      uses: lashed.map(useOfTank),
      note: 'one for each half ton, two at least; the law on loads decides',
    }),
    packed({
      code: 'CHK',
      title: 'Wheel chock',
      detail: 'two for each trailer',
      need: 2 * trailers.length,
      packUsd: CHOCK_USD,
      uses: trailers.map(useOfTank),
    }),
  ];
}

/** Blocks and planks under the tanks, as far as they are said, and what holds those in the ground down. */
export function standLines(context: CheckContext): PartsLine[] {
  const { tanks, measures } = context.job;
  const onBlocks = blockUses(tanks);
  const blocks = onBlocks.reduce((sum, { count }) => sum + count, 0);
  const planked = tanks.flatMap((tank) =>
    !isBaseThere(tank) && !isGuest(tank, tanks) && tank.base === 'planks' && tank.planks
      ? [{ tank, planks: tank.planks, longM: standSizeM(tank, tanks).longM }]
      : [],
  );
  const detailOf = ({ planks, longM }: (typeof planked)[number]): string =>
    [planks.widthM, planks.thickM, longM].map((side) => formatLength(side, measures)).join(' x ');
  return [
    ...anchorLines(context),
    ...braceLines(context),
    ...riserLines(context),
    ...lashingLines(context),
    ...(blocks === 0
      ? []
      : [
          packed({
            code: 'BK',
            title: 'Block, solid or filled',
            detail: BLOCK_WORDS[measures],
            need: blocks,
            packUsd: BLOCK_USD,
            uses: onBlocks.map(({ use }) => use),
            note: 'on firm level ground; check what stands there already',
          }),
        ]),
    ...[...new Set(planked.map(detailOf))].map((detail) => {
      const own = planked.filter((one) => detailOf(one) === detail);
      const [{ planks, longM }] = own as [(typeof planked)[number]];
      const m3 = planks.widthM * planks.thickM * longM;
      return packed({
        code: 'PK',
        title: 'Plank, softwood for outdoors',
        detail,
        need: own.reduce((sum, one) => sum + one.planks.count, 0),
        packUsd: Math.round(m3 * PLANK_USD_PER_M3 * 20) / 20,
        uses: own.map((one) => useOfTank(one.tank)),
      });
    }),
  ];
}

/** What a stand still asks for before it can be listed. */
export const standQuestions = ({ job: { tanks } }: CheckContext): readonly string[] =>
  tanks
    .filter((tank) => !isBaseThere(tank) && !isGuest(tank, tanks) && tank.base === 'planks' && tank.planks === null)
    .map(({ label }) => `Which planks carry ${label}: how many, how wide and thick, and over which span?`);

/** Every tank that stands on blocks, and how many it takes. */
export const blockUses = (tanks: readonly Tank[]): readonly { readonly use: Use; readonly count: number }[] =>
  tanks.map((tank) => ({ use: useOfTank(tank), count: blocksOf(tank, tanks) })).filter(({ count }) => count > 0);
