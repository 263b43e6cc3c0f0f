import { isGuest, standingWith } from '../derived/shared-stand';
import type { CheckContext } from '../derived/context';
import { type Use, useOfTank } from '../parts/list/trace';
import { formatLength } from '../quantity/length';
import { formOf } from '../walls/forms';
import { coursesHigh, fullKg } from '../walls/stand';
import type { Tank } from '../walls/tank';
import { tankType } from '../walls/tank-types';
import { type Claim, claim } from './claim';
import { BEDDING, CONCRETE, ROUND_A_TANK } from './earth';

/** A block with its joint is 400 mm long and 200 mm wide; middle to middle at most 400 mm under a flat floor (common practice). */
const [BLOCK_LONG_M, BLOCK_WIDE_M, BLOCK_EVERY_M] = [0.4, 0.2, 0.4];

/** What tanks stand on, are held down by, are braced with and are reached through. */
export const atTanks = ({ job }: CheckContext): readonly Claim[] =>
  job.tanks.flatMap((tank) => {
    const use = useOfTank(tank);
    const { riser } = tank;
    const called = riser
      ? `${formatLength(riser.widthM, job.measures)} clear, ${formatLength(riser.heightM, job.measures)} high`
      : '';
    return [
      ...under(tank, job.tanks, use),
      ...driven(tank, job.tanks, use),
      ...(tank.stands || tank.buriedM <= 0 ? [] : held(tank, use)),
      ...dug(tank, use),
      ...(riser && !tank.stands ? ['RI', 'RL'].map((code) => claim(code, 1, use, { detail: called })) : []),
    ];
  });

function under(tank: Tank, tanks: readonly Tank[], use: Use): readonly Claim[] {
  if (tank.stands || tank.baseStands || isGuest(tank, tanks)) return [];
  const row = standingWith(tank, tanks);
  const longM = row.reduce((sum, one) => sum + formOf(one).acrossM(one), 0);
  const deepM = Math.max(...row.map((one) => formOf(one).throughM(one)));
  const high = coursesHigh(tank);
  if (tank.base === 'blocks') {
    const [along, deep] = [longM, deepM].map((metres) => Math.max(2, Math.ceil(metres / BLOCK_EVERY_M)));
    return [claim('BK', (along ?? 0) * (deep ?? 0) * high, use)].filter(({ amount }) => amount > 0);
  }
  if (tank.base !== 'planks' || tank.planks === null) return [];
  const { count, widthM, spanM } = tank.planks;
  // A row at each end and one wherever the span ends; as many blocks in it as the planks are wide.
  const rows = 1 + Math.max(1, Math.ceil((longM - BLOCK_WIDE_M) / (spanM + BLOCK_WIDE_M)));
  const inRow = Math.max(2, Math.ceil((count * widthM) / BLOCK_LONG_M));
  return [claim('BK', rows * inRow * high, use), claim('PK', count, use)].filter(({ amount }) => amount > 0);
}

/** What is driven is lashed: two straps up to a ton, one more for each half ton begun; and its wheels are chocked (our judgement). */
function driven(tank: Tank, tanks: readonly Tank[], use: Use): readonly Claim[] {
  if (tank.base !== 'trailer' || tank.stands || tank.baseStands) return [];
  const overTonKg = Math.max(0, fullKg(tank) - 1000);
  const straps = claim('LST', 2 + Math.ceil(overTonKg / 500), use);
  return isGuest(tank, tanks) ? [straps] : [straps, claim('CHK', 2, use)];
}

/** The pit is 400 mm wider than the tank on each side, its bed 150 mm (common practice). */
const [PIT_WIDER_M, BED_M] = [0.8, 0.15];

/** The bed in the pit of a new tank, and the gravel round it up to its top or the ground: none round concrete. */
function dug(tank: Tank, use: Use): readonly Claim[] {
  const downM = Math.min(tank.buriedM, tank.heightM);
  if (tank.stands || tank.baseStands || downM <= 0) return [];
  const [acrossM, throughM] = [formOf(tank).acrossM(tank), formOf(tank).throughM(tank)];
  const pitM2 = (acrossM + PIT_WIDER_M) * (throughM + PIT_WIDER_M);
  // A shell without a wall holds what the tank takes the place of.
  const shellM3 = formOf(tank).insideM3({ ...tank, wallM: 0, brimM: tank.heightM }, downM);
  const { material } = tankType(tank.type);
  return [
    claim(BEDDING, pitM2 * BED_M, use, { unit: 'm3' }),
    ...(material === 'concrete' ? [] : [claim(ROUND_A_TANK, pitM2 * downM - shellM3, use, { unit: 'm3' })]),
  ].filter(({ amount }) => amount > 0);
}

/** Concrete weighs 2400 kg/m3, and 1000 less under ground water (handbook values). */
const SUNK_KG_M3 = 2400 - 1000;

const concreteM3 = (tank: Tank): number =>
  tank.stands || tank.buriedM <= 0 ? 0 : Math.max(0, tank.anchorKg) / SUNK_KG_M3;

/** A strap every 1.2 m, a prop every 0.6 m, two of each at least (common practice). */
function held(tank: Tank, use: Use): readonly Claim[] {
  const longM = Math.max(formOf(tank).acrossM(tank), formOf(tank).throughM(tank));
  const every = (metres: number): number => Math.max(2, Math.ceil(longM / metres));
  return [
    ...(tank.anchorKg > 0
      ? [claim(CONCRETE, concreteM3(tank), use, { unit: 'm3' }), claim('TS-50', every(1.2), use)]
      : []),
    ...(tank.braced ? [claim('XBR-200', every(0.6), use)] : []),
  ];
}
