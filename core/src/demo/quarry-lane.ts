import { buildOn } from '../edits/build-job';
import { setField } from '../edits/change-field';
import type { Job } from '../job/job';
import { jobOfPattern } from '../patterns/pattern';
import { trailerTank } from '../patterns/trailer-tank';
import { called } from './called';

/**
 * Quarry Lane brick saw (invented): one tank on a trailer in the United States, a dust-suppression line on quick couplings, taken
 * apart daily. Waits: nobody has read the plate of the trailer yet.
 */
export function quarryLane(): Job {
  const builder = buildOn(jobOfPattern(trailerTank, 'US', { hoseM: 7.62 }));
  const { edit, set, job } = builder;
  set({ name: 'Quarry Lane brick saw' });
  called(builder, 'terminals', 'place', 'brick saw');
  const [tank] = job().tanks;
  if (tank) edit(setField('tanks', tank, 'ratedKg', null));
  return job();
}
