import { type Job, type Penetration, siteFigure } from '../job/job';
import { stormM3s } from './free-flow';

/**
 * What a storm brings to some openings [m3/s], by the rain that is given or assumed: the roofs that are led there, and, where
 * any is an inlet, those of which nobody has said where they are led.
 */
export function stormIntoM3s(holes: readonly Penetration[], job: Job): number {
  const takes = holes.some(({ roles }) => roles.includes('inlet'));
  const areaM2 = job.roofs
    .filter(({ into }) => (into === null ? takes : holes.some(({ id }) => id === into)))
    .reduce((sum, { planAreaM2 }) => sum + planAreaM2, 0);
  return stormM3s(areaM2, siteFigure(job, 'stormMmPerH'));
}
