import { buildOn } from '../edits/build-job';
import type { Job } from '../job/job';
import { airGap } from '../patterns/air-gap';
import { jobOfPattern } from '../patterns/pattern';
import { called } from './called';

/**
 * Kiln Yard pottery (invented): an upright tank in the European Union for the clay-wash sink, topped up from the mains through an air gap
 * when the roof does not bring enough. Whole.
 */
export function kilnYard(): Job {
  const builder = buildOn(jobOfPattern(airGap, 'EU', { roofM2: 38, gapM: 0.08 }));
  const { set, job } = builder;
  set({ name: 'Kiln Yard pottery', frostPlan: 'insulated' });
  called(builder, 'roofs', 'roof', 'kiln house');
  called(builder, 'terminals', 'bed', 'clay-wash sink');
  return job();
}
