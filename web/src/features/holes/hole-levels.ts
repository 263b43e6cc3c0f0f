import { type Job, type NoDrillZone, type TankLevels, type WallPlace, formatVolume } from '@herrero/core';

/** What can be drawn between full and dead, as it stands on the drawing. */
export const usableWords = ({ usableM3 }: TankLevels, job: Job): string =>
  `${formatVolume(usableM3, job.measures)} to draw on`;

/** Room to the nearest zone above and below, and what that zone is. */
export interface Clearance {
  readonly reason: string;
  readonly gapM: number;
}

/** How far a flange is clear of what is above and below it, and to its sides. */
export function clearances(zones: readonly NoDrillZone[], place: WallPlace, radiusM: number): readonly Clearance[] {
  const bands = zones.flatMap((zone) => (zone.shape === 'band' && zone.face === place.face ? [zone] : []));
  return (['up', 'round'] as const).flatMap((along) => {
    const at = along === 'up' ? place.heightM : place.aroundM;
    const own = bands.filter((band) => band.along === along);
    const below = own.filter(({ toM }) => toM <= at).toSorted((a, b) => b.toM - a.toM)[0];
    const above = own.filter(({ fromM }) => fromM >= at).toSorted((a, b) => a.fromM - b.fromM)[0];
    return [
      ...(above ? [{ reason: above.reason, gapM: above.fromM - at - radiusM }] : []),
      ...(below ? [{ reason: below.reason, gapM: at - radiusM - below.toM }] : []),
    ];
  });
}
