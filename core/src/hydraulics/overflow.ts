import type { CheckContext } from '../derived/context';
import type { Penetration } from '../job/job';
import { boreM, invertM, sharingWith } from '../derived/levels';
import { baseLevelM } from '../derived/set-out';
import { workingHoles } from '../derived/shut';
import { holesOf, tankOf } from '../job/lookup';
import { rootOf } from '../quantity/root';
import { type NominalSize, sizeInInches } from '../quantity/size';
import { INFLOWS } from '../site/inflow-kinds';
import type { Tank } from '../walls/tank';
import { FLOAT_VALVE_M3S } from './free-flow';
import { overflowLawOf } from './overflow-law';
import { stormIntoM3s } from './storm';

/** Sizes of two systems are called differently: 4 in and 110 mm are one. Our judgement. */
export const ALIKE_SHARE = 0.85;

/** By which an overflow is held against an inlet: the square of what they are called [in2]. */
export const nominalAreaIn2 = ({ size }: { readonly size: NominalSize }): number => sizeInInches(size) ** 2;

/** From the lowest point of the bore of an overflow to the brim [m]. */
export const overflowHeadM = (hole: Penetration, tank: Tank, context: CheckContext): number =>
  Math.max(0, tank.brimM - invertM(hole, tank, context));

/** What an overflow takes before the tank runs over its brim [m3/s]. */
export function overflowM3s(hole: Penetration, context: CheckContext): number {
  const tank = tankOf(context.job, hole);
  return tank ? overflowLawOf(hole, context).flowM3s(boreM(hole, context), overflowHeadM(hole, tank, context)) : 0;
}

/**
 * How high the water stands in a tank while all that can come in leaves by its overflows [m above its base]; the lowest point of the
 * lowest of them where nothing is known to come, its brim where they carry less. Tanks that share their water are taken for one: what
 * their links hold back comes on top.
 */
export function stormLevelM(tank: Tank, context: CheckContext): number | undefined {
  const baseM = baseLevelM(tank, context.job);
  const group = sharingWith(tank, context);
  const overflows = group.flatMap((one) =>
    workingHoles(context, one.id, 'overflow').map((hole) => ({
      law: overflowLawOf(hole, context).flowM3s,
      boreM: boreM(hole, context),
      atM: invertM(hole, one, context) + baseLevelM(one, context.job) - baseM,
    })),
  );
  const lowestM = Math.min(...overflows.map(({ atM }) => atM));
  if (!Number.isFinite(lowestM)) return undefined;
  const inflow = inflowM3s(group, context);
  const carries = (levelM: number): number =>
    overflows.reduce((sum, one) => sum + one.law(one.boreM, levelM - one.atM), 0);
  if (inflow <= 0 || tank.brimM <= lowestM) return lowestM;
  if (carries(tank.brimM) < inflow) return tank.brimM;
  return rootOf((levelM) => carries(levelM) - inflow, lowestM, tank.brimM);
}

/**
 * All that can come into tanks that share their water at once [m3/s]: the rain that is led there, every other inflow at its rate,
 * a float valve that sticks where nothing is said of it, and the surplus of tanks whose overflow is led into one of them.
 */
export function inflowM3s(group: readonly Tank[], context: CheckContext, counted: readonly string[] = []): number {
  const { job, runs } = context;
  const holes = group.flatMap(({ id }) => holesOf(job, id));
  const others = job.inflows.filter(({ into }) => holes.some(({ id }) => id === into));
  const rates = others.reduce((sum, { rateM3s, kind }) => sum + (rateM3s ?? INFLOWS[kind].usualM3s), 0);
  const floats = holes.some(({ roles }) => roles.includes('float-fill'));
  const stuck = floats && others.length === 0 ? FLOAT_VALVE_M3S : 0;
  // Each tank once, however their surplus is led round.
  const known = [...counted, ...group.map(({ id }) => id)];
  const above = runs
    .filter(({ penetration }) => penetration.roles.includes('overflow') && !known.includes(penetration.tankId))
    .filter(({ strands }) => strands.some(({ end }) => end.at === 'hole' && holes.some(({ id }) => id === end.id)))
    .flatMap(({ penetration }) => tankOf(job, penetration) ?? []);
  const from = [...new Set(above.flatMap((tank) => sharingWith(tank, context)))];
  const surplus = from.length > 0 ? inflowM3s(from, context, known) : 0;
  return stormIntoM3s(holes, job) + rates + stuck + surplus;
}
