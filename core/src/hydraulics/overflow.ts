import type { CheckContext } from '../derived/context';
import type { Penetration } from '../job/job';
import { boreM, invertM } from '../derived/levels';
import { holesOf, tankOf } from '../job/lookup';
import { INFLOWS } from '../site/inflow-kinds';
import { isUpright } from '../walls/forms';
import type { Tank } from '../walls/tank';
import { FLOAT_VALVE_M3S, sideOverflowM3s, standpipeM3s } from './free-flow';
import { stormOnRoofsM3s } from './storm';

/** From the lowest point of the bore of an overflow to the brim [m]. */
export const overflowHeadM = (hole: Penetration, tank: Tank, context: CheckContext): number =>
  Math.max(0, tank.brimM - invertM(hole, tank, context));

/** What an overflow takes before the tank runs over its brim [m3/s]. */
export function overflowM3s(hole: Penetration, context: CheckContext): number {
  const tank = tankOf(context.job, hole);
  if (!tank) return 0;
  const flow = isUpright(hole.face) ? sideOverflowM3s : standpipeM3s;
  return flow(boreM(hole, context), overflowHeadM(hole, tank, context));
}

/**
 * All that can come into tanks that share their water at once [m3/s]: rain where there is an inlet, every other inflow at
 * its rate, and a float valve that sticks where nothing is said of it.
 */
export function inflowM3s(group: readonly Tank[], { job }: CheckContext): number {
  const holes = group.flatMap(({ id }) => holesOf(job, id));
  const has = (role: 'inlet' | 'float-fill'): boolean => holes.some(({ roles }) => roles.includes(role));
  const others = job.inflows.filter(({ into }) => holes.some(({ id }) => id === into));
  const rates = others.reduce((sum, { rateM3s, kind }) => sum + (rateM3s ?? INFLOWS[kind].usualM3s), 0);
  const stuck = has('float-fill') && others.length === 0 ? FLOAT_VALVE_M3S : 0;
  return (has('inlet') ? stormOnRoofsM3s(job) : 0) + rates + stuck;
}
