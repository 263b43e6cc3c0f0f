import { rootOf } from '../quantity/root';
import { formOf } from './forms';
import type { MeteredFill, Tank } from './tank';

/**
 * Water in the tank when it stands `levelM` above the base [m3].
 *
 * The closed formula of its form gives the shape of the curve; the curve is fitted so that the nominal capacity comes out
 * at the brim (outside dimensions alone overstate by a tenth to a quarter). A metered fill gives more points that must
 * come out; between two of them the shape is stretched to fit. Below the floor 0, above the brim the last point.
 */
export function volumeAtM3(tank: Tank, levelM: number): number {
  const form = formOf(tank);
  const inside = (level: number): number => form.insideM3(tank, Math.max(0, level - tank.wallM));
  const points = fixedPoints(tank);
  const last = points.at(-1);
  if (!last || levelM <= tank.wallM) return 0;
  if (levelM >= last.levelM) return last.volumeM3;
  const above = points.findIndex((point) => point.levelM > levelM);
  const [from, to] = [points[above - 1], points[above]];
  if (!from || !to) return 0;
  const [low, high] = [inside(from.levelM), inside(to.levelM)];
  const share = high > low ? (inside(levelM) - low) / (high - low) : 0;
  return from.volumeM3 + (to.volumeM3 - from.volumeM3) * share;
}

/** What a tank holds to the brim [m3]: as its maker has it, else what is inside its dimensions. */
export const holdsM3 = (tank: Tank): number =>
  tank.capacityM3 ?? formOf(tank).insideM3(tank, Math.max(0, tank.brimM - tank.wallM));

/** What must come out: nothing at the floor, the readings of the meter, and the capacity at the brim unless it was metered. */
function fixedPoints(tank: Tank): readonly MeteredFill[] {
  const metered = tank.metered.filter(({ levelM }) => levelM > tank.wallM && levelM <= tank.brimM);
  const toBrim = metered.some(({ levelM }) => levelM === tank.brimM);
  return [
    { levelM: tank.wallM, volumeM3: 0 },
    ...metered,
    ...(toBrim ? [] : [{ levelM: tank.brimM, volumeM3: Math.max(holdsM3(tank), metered.at(-1)?.volumeM3 ?? 0) }]),
  ];
}

/** The level at which the tank holds `volumeM3` [m above the base]: the inverse of `volumeAtM3`. */
export const levelAtM = (tank: Tank, volumeM3: number): number =>
  rootOf((levelM) => volumeAtM3(tank, levelM) - volumeM3, tank.wallM, tank.brimM);

/** What the outside dimensions alone would make of it, as a share over the capacity: 0.15 is 15 % too much. */
export const outsideOverstates = (tank: Tank): number => {
  const outside = formOf(tank).insideM3({ ...tank, wallM: 0 }, tank.heightM);
  return outside / holdsM3(tank) - 1;
};
