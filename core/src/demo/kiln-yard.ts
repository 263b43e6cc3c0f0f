import { buildOn } from '../edits/build-job';
import type { Job } from '../job/job';
import { jobOfPattern } from '../patterns/pattern';
import { sightTube } from '../patterns/sight-tube';
import { called } from './called';

/**
 * Kiln Yard pottery (invented): an upright tank in the European Union over the clay-wash sink, with a sight tube on its outlet, so
 * that the potter sees what is left. Whole.
 */
export function kilnYard(): Job {
  const builder = buildOn(jobOfPattern(sightTube, 'EU', { brimM: 1.74, diameterM: 1.26, outletM: 0.25 }));
  const { set, job } = builder;
  set({ name: 'Kiln Yard pottery', frostPlan: 'insulated' });
  called(builder, 'roofs', 'roof', 'kiln house');
  const [outlet] = job().penetrations;
  if (outlet) called(builder, 'penetrations', outlet.id, 'Clay-wash sink');
  return job();
}
