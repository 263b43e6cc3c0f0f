import { type Job, siteFigure } from '../job/job';
import { stormM3s } from './free-flow';

/** What a storm brings off all roofs of a job [m3/s], by the rain that is given or assumed. */
export const stormOnRoofsM3s = (job: Job): number =>
  stormM3s(
    job.roofs.reduce((sum, { planAreaM2 }) => sum + planAreaM2, 0),
    siteFigure(job, 'stormMmPerH'),
  );
