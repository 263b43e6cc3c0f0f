import { buildOn } from '../edits/build-job';
import { setField } from '../edits/change-field';
import type { Job } from '../job/job';
import { jobOfPattern } from '../patterns/pattern';
import { surfacePump } from '../patterns/surface-pump';
import { called } from './called';

/**
 * Ashdown kennel wash (invented): an upright tank in a yard in the United Kingdom under a slate roof, a pump beside it, and a line to
 * the wash points, which lie above it. Whole: nothing is open but what somebody has to look at.
 */
export function ashdown(): Job {
  const figures = { diameterM: 1.2, brimM: 1.4, houseM: 14, roofM2: 42 };
  const builder = buildOn(jobOfPattern(surfacePump, 'UK', figures));
  const { edit, set, job } = builder;
  set({ name: 'Ashdown kennel wash', sedimentM: 0.04, stormMmPerH: 75 });
  called(builder, 'roofs', 'roof', 'kennels');
  called(builder, 'terminals', 'house', 'wash points');
  const [roof] = job().roofs;
  if (roof) edit(setField('roofs', roof, 'material', 'slate'));
  return job();
}
