import { runsOnce } from '../../assembly/flow';
import { beddingM3 } from '../../assembly/trench';
import type { CheckContext } from '../../derived/context';
import { M3_PER_CUBIC_YARD } from '../../quantity/volume';
import type { Measures } from '../../quantity/length';
import { formOf } from '../../walls/forms';
import type { Tank } from '../../walls/tank';
import { tankType } from '../../walls/tank-types';
import type { PartsLine } from '../list/parts-list';
import { type Use, useOfHole, useOfTank } from '../list/trace';
import { packed } from './packed';

/** Of sand, gravel and stone: an amount, and where it goes. */
interface Earth {
  readonly use: Use;
  readonly m3: number;
}

/** Room beside a tank in its pit, and the bed under it [m] (common practice; the maker of a tank says it for that tank). */
const PIT_BESIDE_M = 0.4;
const PIT_BED_M = 0.15;

/** The pit of a tank that is set in the ground now: the bed under it, and what fills it round up to its top [m3]. */
export function pitOf(tank: Tank): { readonly bedM3: number; readonly fillM3: number } | undefined {
  if (tank.stands || tank.baseStands || tank.buriedM <= 0) return undefined;
  const form = formOf(tank);
  const areaM2 = (form.acrossM(tank) + 2 * PIT_BESIDE_M) * (form.throughM(tank) + 2 * PIT_BESIDE_M);
  const deepM = Math.min(tank.buriedM, tank.heightM);
  // The shell is displaced like the inside of a tank without a wall: the volume is that of the outside.
  const shellM3 = form.insideM3({ ...tank, wallM: 0, brimM: tank.heightM }, deepM);
  // Round concrete goes back what was dug; round plastic only what does not settle and does not press unevenly.
  const fillM3 = tankType(tank.type).material === 'concrete' ? 0 : Math.max(0, areaM2 * deepM - shellM3);
  return { bedM3: areaM2 * PIT_BED_M, fillM3 };
}

const BAG_M3 = 0.02;
const BAG_USD = 4.2;
/** More bags than this are carried by nobody: it is tipped from a lorry (our judgement). */
const MOST_BAGS = 10;

/** How loose goods are ordered: by the quarter of a cubic metre, or of a cubic yard (common practice). */
const LOOSE: Readonly<Record<Measures, { readonly ending: string; readonly holds: number; readonly detail: string }>> =
  {
    'mm-l': { ending: 'M3', holds: 0.25, detail: 'loose, by the quarter cubic metre' },
    'in-gal': { ending: 'YD', holds: M3_PER_CUBIC_YARD / 4, detail: 'loose, by the quarter cubic yard' },
  };
/** Delivered, of a cubic metre. */
const LOOSE_USD_PER_M3 = 62;

const sumOf = (some: readonly Earth[]): number => some.reduce((sum, { m3 }) => sum + m3, 0);

function loose(kind: 'BE' | 'GV', title: string, some: readonly Earth[], measures: Measures, note: string): PartsLine {
  const { ending, holds, detail } = LOOSE[measures];
  return packed({
    code: `${kind}-${ending}`,
    title,
    detail,
    need: sumOf(some),
    unit: 'm3',
    holds,
    packUsd: holds * LOOSE_USD_PER_M3,
    uses: some.map(({ use }) => use),
    note,
  });
}

/** Sand or fine gravel under buried pipes and tanks, and stone that fills the pit of a plastic tank round it. */
export function earthLines(context: CheckContext): PartsLine[] {
  const { tanks, measures } = context.job;
  const pits = tanks.flatMap((tank) => {
    const pit = pitOf(tank);
    return pit ? [{ use: useOfTank(tank), ...pit }] : [];
  });
  const trenches = runsOnce(context)
    .map((run): Earth => ({ use: useOfHole(run.penetration), m3: beddingM3(run, context) }))
    .filter(({ m3 }) => m3 > 0);
  const beds = [...trenches, ...pits.map(({ use, bedM3 }): Earth => ({ use, m3: bedM3 }))];
  const fills = pits.map(({ use, fillM3 }): Earth => ({ use, m3: fillM3 })).filter(({ m3 }) => m3 > 0);
  const note = [
    ...(trenches.length > 0 ? ['trench 300 mm wider than the pipe, 100 mm below it, 150 mm over it'] : []),
    ...(pits.length > 0 ? ['150 mm under a tank, in a pit 400 mm wider all round'] : []),
  ].join('; ');
  const title = 'Bedding sand or pea gravel';
  return [
    ...(beds.length === 0
      ? []
      : sumOf(beds) > MOST_BAGS * BAG_M3
        ? [loose('BE', title, beds, measures, note)]
        : [
            packed({
              code: 'BE-20',
              title,
              detail: '20 L bag',
              need: sumOf(beds),
              unit: 'm3',
              holds: BAG_M3,
              packUsd: BAG_USD,
              uses: beds.map(({ use }) => use),
              note,
            }),
          ]),
    ...(fills.length === 0
      ? []
      : [
          loose(
            'GV',
            'Gravel of 4 to 10 mm round the tank',
            fills,
            measures,
            'pit with upright sides, 400 mm wider all round, to the top of the tank; the maker says what goes round it',
          ),
        ]),
  ];
}
