import type { Tank } from './tank';

/**
 * Water in the tank when it stands `levelM` above the base [m3].
 *
 * Straight-sided: the effective area is the nominal capacity over the height to the brim, so that both come out; outside
 * diameters alone overstate by a tenth or more. Below the base 0, above the brim the capacity.
 */
export function volumeAtM3(tank: Tank, levelM: number): number {
  const share = Math.min(1, Math.max(0, levelM / tank.brimM));
  return tank.capacityM3 * share;
}

/** Round the wall, outside [m]. */
export const circumferenceM = (tank: Tank): number => Math.PI * tank.diameterM;
