import type { Job } from '../job/job';
import { newTank } from '../job/new-tank';
import { newRoof } from '../job/places';
import { buildJob } from '../edits/build-job';

/**
 * Kiln Yard pottery (invented): an upright tank in the European Union that feeds a clay-wash sink and a settling trough.
 * In trouble on purpose: the overflow is smaller than the inlet, and an outlet stands on a rib.
 */
export function kilnYard(): Job {
  const { edit, hole, run, set, job } = buildJob('Kiln Yard pottery', 'mm-l', 'EU');
  set({ sunPlan: 'painted', frostPlan: 'insulated' });
  edit({ type: 'add-roof', roof: newRoof({ id: 'kiln', name: 'kiln house', planAreaM2: 88 }) });
  edit({
    type: 'add-tank',
    tank: {
      ...newTank('t1', 'vertical-round'),
      capacityM3: 2,
      diameterM: 1.26,
      baseDiameterM: 1.26,
      brimM: 1.74,
      heightM: 1.98,
      wallM: 0.006,
      accessM: 0.4,
      base: 'slab',
      plinthM: 0.1,
    },
  });
  const top = { face: 'top', heightM: 1.98 } as const;
  hole({ id: 'p1', tankId: 't1', name: 'Inlet', roles: ['inlet'], size: '110', ...top, aroundM: 0.24, depthM: 0.63 });
  hole({
    id: 'p2',
    tankId: 't1',
    name: 'Overflow',
    roles: ['overflow', 'vent'],
    size: '50',
    face: 'wall',
    heightM: 1.62,
    aroundM: 1.2,
    supported: true,
  });
  hole({
    id: 'p3',
    tankId: 't1',
    name: 'Clay-wash sink',
    roles: ['draw-off'],
    size: '1',
    face: 'wall',
    heightM: 0.62,
    aroundM: 1.9,
    drawnIn: true,
  });
  hole({
    id: 'p4',
    tankId: 't1',
    name: 'Settling trough',
    roles: ['draw-off'],
    size: '1',
    face: 'wall',
    heightM: 0.2,
    aroundM: 2.4,
    drawnIn: true,
  });
  run('p1', [{ code: 'WLOM-110M' }]);
  run('p2', [{ code: 'PG-50M' }]);
  run('p3', [{ code: 'WBG-100' }]);
  run('p4', [{ code: 'WBG-100' }]);
  return job();
}
