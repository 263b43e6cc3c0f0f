import type { Measures } from '../../quantity/length';
import { runsOnce } from '../../assembly/flow';
import { beddingM3 } from '../../assembly/trench';
import type { CheckContext } from '../../derived/context';
import { formOf } from '../../walls/forms';
import type { Tank } from '../../walls/tank';
import { tankType } from '../../walls/tank-types';
import type { PartsLine } from '../list/parts-list';
import { useOfHole, useOfTank } from '../list/trace';
import { type Bulk, type Filled, bulkLine } from './loose';

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

/** Delivered, of a cubic metre. */
const USD_PER_M3 = 62;
/** More than ten bags are carried by nobody (our judgement). */
const BEDDING: Bulk = {
  kind: 'BE',
  title: 'Bedding sand or pea gravel',
  usdPerM3: USD_PER_M3,
  comes: 'loose',
  bag: { ending: '20', detail: '20 L bag', m3: 0.02, usd: 4.2, upToM3: 0.2 },
};
const ROUND_THE_TANK: Bulk = {
  kind: 'GV',
  title: 'Gravel of 4 to 10 mm round the tank',
  usdPerM3: USD_PER_M3,
  comes: 'loose',
};

/** The same room, as it is dug by a tape of inches or of millimetres. */
const ROOM_WORDS: Readonly<Record<Measures, { readonly trench: string; readonly bed: string; readonly room: string }>> =
  {
    'mm-l': {
      trench: 'trench 300 mm wider than the pipe, 100 mm below it, 150 mm over it',
      bed: '150 mm under a tank',
      room: '400 mm',
    },
    'in-gal': {
      trench: 'trench 12 in wider than the pipe, 4 in below it, 6 in over it',
      bed: '6 in under a tank',
      room: '16 in',
    },
  };

/** Sand or fine gravel under buried pipes and tanks, and stone that fills the pit of a plastic tank round it. */
export function earthLines(context: CheckContext): PartsLine[] {
  const { tanks, measures } = context.job;
  const pits = tanks.flatMap((tank) => {
    const pit = pitOf(tank);
    return pit ? [{ use: useOfTank(tank), ...pit }] : [];
  });
  const trenches = runsOnce(context)
    .map((run): Filled => ({ use: useOfHole(run.penetration), m3: beddingM3(run, context) }))
    .filter(({ m3 }) => m3 > 0);
  const beds = [...trenches, ...pits.map(({ use, bedM3 }): Filled => ({ use, m3: bedM3 }))];
  const fills = pits.map(({ use, fillM3 }): Filled => ({ use, m3: fillM3 })).filter(({ m3 }) => m3 > 0);
  const { trench, bed, room } = ROOM_WORDS[measures];
  const note = [
    ...(trenches.length > 0 ? [trench] : []),
    ...(pits.length > 0 ? [`${bed}, in a pit ${room} wider all round`] : []),
  ].join('; ');
  return [
    ...bulkLine(BEDDING, beds, measures, note),
    ...bulkLine(
      ROUND_THE_TANK,
      fills,
      measures,
      `pit with upright sides, ${room} wider all round, to the top of the tank; the maker says what goes round it`,
    ),
  ];
}
