import { type DemoEnd, type DemoPart, buildJob } from '../demo/build-job';
import type { Job, Penetration, Terminal } from '../job/job';
import { newTank } from '../job/new-tank';

/** A drum with an overflow, and one more hole with a run: the smallest job a check can look at. Invented, for tests. */
export function drumWith(options: {
  readonly hole?: Partial<Penetration>;
  readonly parts?: readonly DemoPart[];
  readonly end?: DemoEnd;
  readonly terminals?: readonly Terminal[];
  readonly overflow?: boolean;
}): Job {
  const { edit, run, job } = buildJob('Test', 'in-gal');
  edit({ type: 'add-tank', tank: newTank('t1', 'open-drum') });
  const hole = {
    tankId: 't1',
    name: 'Outlet',
    roles: ['draw-off'],
    size: '3/4',
    face: 'wall',
    heightM: 0.09,
    aroundM: 0.5,
    holeM: null,
    port: null,
  } as const;
  for (const terminal of options.terminals ?? []) edit({ type: 'add-terminal', terminal });
  if (options.hole !== undefined || options.parts !== undefined) {
    edit({ type: 'add-penetration', penetration: { ...hole, ...options.hole, id: 'h' } });
    run('h', options.parts ?? [], options.end);
  }
  if (options.overflow !== false) {
    edit({
      type: 'add-penetration',
      penetration: { ...hole, id: 'o', name: 'Overflow', roles: ['overflow'], size: '1-1/2', heightM: 0.8 },
    });
    run('o', [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 0.3 }, { code: 'SO-150' }]);
  }
  return job();
}
