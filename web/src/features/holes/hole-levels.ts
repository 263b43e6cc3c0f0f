import {
  type Job,
  type Penetration,
  type Plan,
  type Tank,
  formatVolume,
  holeDiameterM,
  linkedTanks,
  tankType,
  volumeAtM3,
} from '@herrero/core';

/** Levels of a tank that follow from its holes [m above the base]. */
export interface TankLevels {
  /** The highest the water stands: the lowest edge of the lowest overflow of all tanks it is linked with, or the brim. */
  readonly fullM: number;
  /** Below it nothing comes out; 0 where there is no way out. */
  readonly deadM: number;
  readonly usableM3: number;
}

const edgeM = (hole: Penetration, job: Job, plan: Plan): number =>
  hole.heightM - (holeDiameterM(hole.id, job, plan.context.index) ?? 0.02) / 2;

/** Full and dead water of one tank as its holes are now. */
export function tankLevels(tank: Tank, job: Job, plan: Plan): TankLevels {
  const own = job.penetrations.filter(({ tankId, face }) => tankId === tank.id && face === 'wall');
  const shared = linkedTanks({ job, runs: plan.runs }).find((group) => group.some(({ id }) => id === tank.id)) ?? [
    tank,
  ];
  const overflows = shared.flatMap((other) =>
    job.penetrations
      .filter(({ tankId, face, roles }) => tankId === other.id && face === 'wall' && roles.includes('overflow'))
      .map((hole) => edgeM(hole, job, plan) + other.plinthM - tank.plinthM),
  );
  const outlets = own.filter(({ roles }) => roles.includes('draw-off')).map((hole) => edgeM(hole, job, plan));
  const fullM = Math.min(tank.brimM, ...overflows);
  const deadM = outlets.length === 0 ? 0 : Math.max(0, Math.min(...outlets));
  return { fullM, deadM, usableM3: Math.max(0, volumeAtM3(tank, fullM) - volumeAtM3(tank, deadM)) };
}

export const usableWords = ({ usableM3 }: TankLevels, job: Job): string =>
  `${formatVolume(usableM3, job.measures)} to draw on`;

/** Room to the nearest zone above and below, and what that zone is. */
export interface Clearance {
  readonly reason: string;
  readonly gapM: number;
}

export function clearances(tank: Tank, heightM: number, radiusM: number): readonly Clearance[] {
  const bands = tankType(tank.type).noDrill(tank);
  const below = bands.filter(({ toM }) => toM <= heightM).toSorted((a, b) => b.toM - a.toM)[0];
  const above = bands.filter(({ fromM }) => fromM >= heightM).toSorted((a, b) => a.fromM - b.fromM)[0];
  return [
    ...(above ? [{ reason: above.reason, gapM: above.fromM - heightM - radiusM }] : []),
    ...(below ? [{ reason: below.reason, gapM: heightM - radiusM - below.toM }] : []),
  ];
}
