import type { Job } from '../job/job';
import { newTank } from '../job/new-tank';
import { awayBy, belowGround, newRoof, newTerminal } from '../job/places';
import { buildJob } from '../edits/build-job';

/**
 * Ashdown kennel wash (invented): a slim tank on a yard wall in the United Kingdom, sieve and drain, a line to three wash
 * points, one of them above the tank. Its tank and holes are settled; the runs are begun.
 */
export function ashdown(): Job {
  const { edit, hole, run, set, job } = buildJob('Ashdown kennel wash', 'mm-l', 'UK');
  set({ sunPlan: 'shaded', frostPlan: 'drained', sedimentM: 0.04, stormMmPerH: 75 });
  edit({
    type: 'add-roof',
    roof: newRoof({
      id: 'kennels',
      name: 'kennels',
      planAreaM2: 42,
      material: 'slate',
      fixedTo: 'masonry',
      readings: belowGround(-2.7),
    }),
  });
  edit({
    type: 'add-tank',
    tank: {
      ...newTank('t1', 'slimline'),
      capacityM3: 1.5,
      lengthM: 1.6,
      widthM: 0.58,
      brimM: 1.84,
      heightM: 1.96,
      plinthM: 0.15,
    },
  });
  const top = { face: 'top', heightM: 1.96 } as const;
  hole({
    id: 'p1',
    tankId: 't1',
    name: 'Inlet with sieve',
    roles: ['inlet'],
    size: '110',
    ...top,
    aroundM: 0.3,
    depthM: 0.29,
  });
  hole({
    id: 'p2',
    tankId: 't1',
    name: 'Overflow',
    roles: ['overflow'],
    size: '110',
    face: 'right',
    heightM: 1.7,
    aroundM: 0.29,
    supported: true,
  });
  hole({
    id: 'p3',
    tankId: 't1',
    name: 'To the wash points',
    roles: ['draw-off'],
    size: '1',
    face: 'front',
    heightM: 0.15,
    aroundM: 0.4,
    drawnIn: true,
  });
  hole({
    id: 'p4',
    tankId: 't1',
    name: 'Drain',
    roles: ['drain'],
    size: '1',
    face: 'left',
    heightM: 0.13,
    aroundM: 0.29,
    drawnIn: true,
  });
  hole({ id: 'p5', tankId: 't1', name: 'Vent', roles: ['vent'], size: '2', ...top, aroundM: 1.3, depthM: 0.29 });
  run('p1', [{ code: 'WLOM-110M' }]);
  run('p2', [{ code: 'PG-110M' }]);
  run('p3', [{ code: 'WBG-100' }]);
  run('p4', [{ code: 'WBG-100' }]);
  run('p5', [{ code: 'WIS-200' }]);
  // The upper pen lies above the water: its line wants a small pump.
  const places = [
    { id: 'lower', name: 'lower pen', kind: 'tap', placed: awayBy(9), readings: belowGround(-0.6) },
    { id: 'yard', name: 'yard wash', kind: 'hose-bay', placed: awayBy(14), readings: belowGround(0.3) },
    { id: 'upper', name: 'upper pen', kind: 'tap', placed: awayBy(22), readings: belowGround(-2.4) },
  ] as const;
  for (const place of places) edit({ type: 'add-terminal', terminal: newTerminal(place) });
  return job();
}
