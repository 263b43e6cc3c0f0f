import type { Job } from '../job/job';
import { setOutTank } from '../edits/set-out-tank';
import { newTank } from '../job/new-tank';
import { buildJob } from '../edits/build-job';

/**
 * Quarry Lane brick saw (invented): one tank on a trailer in the United States, a dust-suppression line on quick
 * couplings, taken apart daily. Waits: nobody has read the plate of the trailer yet.
 */
export function quarryLane(): Job {
  const { edit, hole, run, set, job } = buildJob('Quarry Lane brick saw', 'in-gal', 'US');
  set({ sunPlan: 'shaded', frostPlan: 'drained' });
  for (const one of setOutTank('t1', 'trailer')) edit(one);
  const { heightM } = newTank('t1', 'trailer');
  edit({ type: 'change-field', in: 'penetrations', id: 't1-outlet', field: 'portUse', from: null, to: 'use' });
  hole({
    id: 'p2',
    tankId: 't1',
    name: 'Standpipe fill',
    roles: ['tanker-fill'],
    size: '2',
    face: 'top',
    heightM,
    aroundM: 0.4,
    depthM: 0.47,
    drawnIn: true,
  });
  hole({
    id: 'p3',
    tankId: 't1',
    name: 'Vent',
    roles: ['vent'],
    size: '2',
    face: 'top',
    heightM,
    aroundM: 1.35,
    depthM: 0.47,
  });
  hole({
    id: 'p4',
    tankId: 't1',
    name: 'Overflow',
    roles: ['overflow'],
    size: '2',
    face: 'left',
    heightM: 0.76,
    aroundM: 0.47,
    supported: true,
  });
  run('p2', [{ code: 'BH-200' }]);
  run('p3', [{ code: 'WIS-200' }]);
  run('p4', [{ code: 'PG-200' }]);
  return job();
}
