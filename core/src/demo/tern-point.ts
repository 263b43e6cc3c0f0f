import { rising } from '../job/placed-part';
import type { Job, Penetration } from '../job/job';
import { METRES_PER_INCH } from '../quantity/length';
import { newPenetration, newTank } from '../job/new-tank';
import { awayBy, belowGround, newMark, newRoof, newTerminal } from '../job/places';
import { buildJob } from '../edits/build-job';

const IN = METRES_PER_INCH;
const FT = 12 * IN;

type Hole = Pick<Penetration, 'id' | 'tankId' | 'name' | 'roles' | 'size'> & {
  readonly face?: 'top';
  readonly upIn: number;
  readonly frontIn?: number;
  readonly drawnIn?: true;
  readonly supported?: true;
  readonly aroundIn: number;
  readonly port?: string;
  readonly label?: string;
};

const HOLES: readonly Hole[] = [
  {
    id: 'p1',
    tankId: 't1',
    name: 'Inlet',
    roles: ['inlet'],
    size: '3',
    face: 'top',
    upIn: 50,
    aroundIn: 9,
    frontIn: 23,
  },
  {
    id: 'p2',
    tankId: 't1',
    name: 'Overflow',
    roles: ['overflow'],
    size: '3',
    upIn: 40.5,
    aroundIn: 36,
    supported: true,
  },
  {
    id: 'p3',
    tankId: 't1',
    name: 'Link to T2',
    roles: ['link'],
    size: '1-1/2',
    upIn: 5.5,
    aroundIn: 108,
    drawnIn: true,
  },
  { id: 'p4', tankId: 't2', name: 'Hose outlet', roles: ['draw-off'], size: '3/4', upIn: 8, aroundIn: 66.5 },
  {
    id: 'p5',
    tankId: 't2',
    name: 'Drain',
    roles: ['drain'],
    size: '1-1/2',
    upIn: 2,
    aroundIn: 88,
    port: '1-1/2 NPT F',
  },
  {
    id: 'p6',
    tankId: 't2',
    name: 'Sight tube',
    roles: ['sight-tube'],
    size: '1/2',
    upIn: 6,
    aroundIn: 107,
    drawnIn: true,
  },
  {
    id: 'p7',
    tankId: 't2',
    name: 'Vent',
    roles: ['vent'],
    size: '2',
    face: 'top',
    upIn: 50,
    aroundIn: 37,
    frontIn: 23,
  },
  {
    id: 'p3-t2',
    tankId: 't2',
    name: 'Link to T1',
    roles: ['link'],
    size: '1-1/2',
    upIn: 5.5,
    aroundIn: 36.125,
    drawnIn: true,
    label: 'P3',
  },
  {
    id: 'p6-top',
    tankId: 't2',
    name: 'Sight tube, top',
    roles: ['sight-tube'],
    size: '1/2',
    upIn: 42,
    aroundIn: 107,
    label: 'P6',
  },
];

/**
 * Tern Point boat rinse (invented): two linked upright tanks behind a boat house, a hose outlet to the rinse bay.
 * Deliberate mistake: the hose swivel of P4 is NH and stands on an NPT nipple. Deliberate unknown: the gap T1 to T2.
 */
export function ternPoint(): Job {
  const { edit, run, set, job } = buildJob('Tern Point boat rinse', 'in-gal', 'US');
  set({ sunPlan: 'painted', frostPlan: 'drained' });
  edit({
    type: 'add-roof',
    roof: newRoof({
      id: 'boat-house',
      name: 'boat house',
      planAreaM2: 640 * FT ** 2,
      material: 'metal',
      fixedTo: 'wood',
      // 8 ft 2 in over the base of the tanks, which stand 16 in up.
      readings: belowGround(-114 * IN),
    }),
  });
  edit({
    type: 'add-mark',
    mark: newMark({ id: 'level', name: 'line of the level', readings: belowGround(-65.5 * IN) }),
  });
  for (const id of ['t1', 't2'])
    edit({ type: 'add-tank', tank: { ...newTank(id, 'vertical-round'), plinthM: 16 * IN } });
  for (const {
    upIn,
    aroundIn,
    face = 'wall',
    frontIn = 0,
    port = null,
    drawnIn = false,
    supported = false,
    label,
    ...hole
  } of HOLES)
    edit({
      type: 'add-penetration',
      penetration: newPenetration({
        ...hole,
        face,
        port,
        portUse: port === null ? null : 'use',
        heightM: upIn * IN,
        aroundM: aroundIn * IN,
        depthM: face === 'top' ? frontIn * IN : 0,
        drawnIn,
        supported,
      }),
      label,
    });
  edit({
    type: 'add-terminal',
    terminal: newTerminal({
      id: 'downpipe',
      name: 'boat house downpipe',
      offers: '3 IPS socket',
    }),
  });
  edit({
    type: 'add-terminal',
    terminal: newTerminal({
      id: 'bay',
      name: 'rinse bay',
      offers: '3/4 NH F swivel',
      placed: awayBy(60 * FT),
      kind: 'hose-bay',
      // 66 in below the base of the tanks, which stand 16 in up.
      readings: [
        { from: { of: 'mark', id: 'level' }, by: 'laser', downM: 115.5 * IN },
        { from: { of: 'ground' }, by: 'tape', downM: 50.25 * IN },
      ],
    }),
  });
  edit({
    type: 'add-terminal',
    terminal: newTerminal({
      id: 'gravel',
      name: 'gravel bed',
      kind: 'daylight',
    }),
  });

  run('p1', [{ code: 'BS-300' }, { code: 'PI-300', lengthM: 31 * IN }], { of: 'terminal', id: 'downpipe' });
  run('p2', [
    { code: 'PG-300' },
    { code: 'PI-300', lengthM: 12 * IN },
    { code: 'ES-300', points: 'down' },
    { code: 'PI-300', lengthM: 48 * IN },
    { code: 'SO-300' },
  ]);
  run(
    'p3',
    [
      { code: 'BH-150' },
      { code: 'NC-150' },
      { code: 'U-150' },
      { code: 'AM-150' },
      { code: 'PI-150', lengthM: null },
      { code: 'AM-150', inEnd: 1 },
      { code: 'BH-150', inEnd: 1 },
    ],
    { of: 'hole', id: 'p3-t2' },
  );
  run('p4', [
    { code: 'BH-075' },
    { code: 'NC-075' },
    { code: 'LV-075' },
    { code: 'NH-075' },
    { code: 'HS-075100' },
    // The bay lies 66 in below the base, the hole 8 in above it.
    { code: 'HO-100', lengthM: 60 * FT, slope: rising(-74 * IN) },
  ]);
  run('p5', [{ code: 'NC-150' }, { code: 'VT-150' }, { code: 'AM-150' }, { code: 'PI-150', lengthM: 24 * IN }], {
    of: 'terminal',
    id: 'gravel',
  });
  // Centre to centre 36 in, less the take-off of two elbows and the union that lets it come off to be cleaned.
  run(
    'p6',
    [
      { code: 'BH-050' },
      { code: 'AM-050' },
      { code: 'CP-050', lengthM: 2.5 * IN },
      { code: 'ES-050', points: 'up' },
      { code: 'CP-050', lengthM: 3 * IN },
      { code: 'US-050' },
      { code: 'CP-050', lengthM: 31.0625 * IN },
      { code: 'ES-050', points: 'back' },
      { code: 'CP-050', lengthM: 2.5 * IN },
      { code: 'AM-050', inEnd: 1 },
      { code: 'BH-050', inEnd: 1 },
    ],
    { of: 'hole', id: 'p6-top' },
  );
  run('p7', [{ code: 'BS-200' }, { code: 'PI-200', lengthM: 8 * IN }, { code: 'SV-200' }]);
  return job();
}
