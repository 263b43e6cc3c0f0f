import type { Job } from '../job/job';
import { newTank } from '../job/new-tank';
import { setField } from '../edits/change-field';
import { awayBy, belowGround, newInflow, newMark, newRoof, newTerminal } from '../job/places';
import type { PlanRef } from '../walls/placing';
import { type JobBuilder, buildJob } from '../edits/build-job';

/**
 * Mill Row fire pond (invented): a lined corrugated steel tank in New Zealand with flanged outlets, a reserve for a
 * portable pump below the house line, and a bore that tops it up through an air gap. Under way: what seals
 * the sight tube is not chosen yet.
 */
export function millRow(): Job {
  const { edit, hole, run, set, job } = buildJob('Mill Row fire pond', 'mm-l', 'ANZ');
  set({
    sunPlan: 'shaded',
    frostPlan: 'none-here',
    armM: 0.75,
    groundKpa: 90,
    stormMmPerH: 120,
    northDegrees: 104,
  });
  edit({
    type: 'add-roof',
    roof: newRoof({
      id: 'mill',
      name: 'mill',
      planAreaM2: 240,
      material: 'metal',
      fixedTo: 'sheet',
      readings: belowGround(-3.6),
    }),
  });
  edit({ type: 'add-tank', tank: newTank('t1', 'corrugated') });
  const wall = { face: 'wall', tankId: 't1' } as const;
  const top = { face: 'top', tankId: 't1', heightM: 2.75 } as const;
  hole({ id: 'p1', ...top, name: 'Inlet', roles: ['inlet'], size: '110', aroundM: 1.2, depthM: 2.15 });
  hole({ id: 'p2', ...wall, name: 'Overflow', roles: ['overflow'], size: '4', heightM: 1.95, aroundM: 3 });
  hole({ id: 'p3', ...wall, name: 'House line', roles: ['draw-off'], size: '1-1/2', heightM: 1.0, aroundM: 6.2 });
  hole({ id: 'p4', ...wall, name: 'Fire coupling', roles: ['draw-off'], size: '2', heightM: 0.2, aroundM: 7.4 });
  hole({
    id: 'p5',
    ...top,
    name: 'Bore top-up, air gap',
    roles: ['float-fill'],
    size: '3/4',
    aroundM: 3.3,
    depthM: 2.15,
    shutsM: 1.2,
  });
  hole({ id: 'p6', ...top, name: 'Vent', roles: ['vent'], size: '3', aroundM: 2.15, depthM: 3.4 });
  hole({ id: 'p7', ...wall, name: 'Sight tube', roles: ['sight-tube'], size: '1', heightM: 0.25, aroundM: 8.6 });
  run('p1', [{ code: 'WLOM-110M' }]);
  run('p2', [{ code: 'WFT-400' }]);
  run('p3', [{ code: 'WFG-150' }]);
  run('p4', [{ code: 'WFG-200' }]);
  run('p5', [{ code: 'WFV-075' }]);
  run('p6', [{ code: 'WIS-300' }]);
  edit({
    type: 'add-inflow',
    inflow: newInflow({ id: 'bore', name: 'bore', kind: 'bore', rateM3s: 0.0004, into: 'p5', airGapM: 0.06 }),
  });
  // A wall leads to a mark that is there.
  edit({ type: 'add-mark', mark: newMark({ id: 'corner', name: 'mill corner', placed: { by: 'origin' } }) });
  edit({ type: 'add-mark', mark: newMark({ id: 'post', name: 'gate post', placed: { by: 'line', alongM: 14.05 } }) });
  edit({
    type: 'add-mark',
    mark: newMark({
      id: 'north-corner',
      name: 'north corner',
      placed: { by: 'wall', from: CORNER, towards: POST, alongM: 0, offM: 4 },
      wallTo: 'corner',
      wallSide: 'right',
    }),
  });
  const places = [
    {
      id: 'toilets',
      name: 'toilets',
      kind: 'fixture',
      placed: { by: 'wall', from: CORNER, towards: POST, alongM: 29.2, offM: 4.46 },
      readings: belowGround(-0.9),
    },
    { id: 'fire', name: 'fire coupling', kind: 'fire', reserveM3: 12, readings: belowGround(-0.45) },
    { id: 'ditch', name: 'ditch', kind: 'daylight', placed: awayBy(18), readings: belowGround(0.6) },
  ] as const;
  for (const place of places) edit({ type: 'add-terminal', terminal: newTerminal(place) });
  setOut(edit, job);
  return job();
}

const CORNER = { of: 'mark', id: 'corner' } as const;
const POST = { of: 'mark', id: 'post' } as const;

/** Two tapes to the near side of the tank, a third to its house line; the ditch is not taped yet. */
function setOut(edit: JobBuilder['edit'], job: () => Job): void {
  const [tank] = job().tanks;
  const [roof] = job().roofs;
  if (!tank || !roof) return;
  const tape = (from: PlanRef, tapeM: number) => ({ from, tapeM, to: 'near-side', openingId: null }) as const;
  const readings = [tape(CORNER, 7.29), tape(POST, 6.23)];
  edit(setField('tanks', tank, 'placed', { by: 'tapes', side: 'right', readings }));
  edit(setField('tanks', tank, 'turned', { by: 'tape', from: POST, tapeM: 7.68, openingId: 'p3', side: 'right' }));
  edit(
    setField('roofs', roof, 'placed', {
      by: 'wall',
      from: CORNER,
      towards: { of: 'mark', id: 'north-corner' },
      alongM: 2.2,
      offM: 0,
    }),
  );
}
