import { rising } from '../job/placed-part';
import { ashdown } from '../demo/ashdown';
import type { DemoPart } from '../edits/build-job';
import { kilnYard } from '../demo/kiln-yard';
import { millRow } from '../demo/mill-row';
import { quarryLane } from '../demo/quarry-lane';
import { ternPoint } from '../demo/tern-point';
import type { Job, Penetration, Roof } from '../job/job';
import { awayBy, belowGround, newTerminal } from '../job/places';
import type { Role } from '../walls/roles';
import type { Pump } from '../walls/tank';
import { crateOverflow, cutTooShort, fourDrums, measured, movedBy, ring, twoDrums, withWall } from './layouts';
import { LINES, jobOfLine } from './lines';
import {
  OVERFLOW,
  type SampleHole,
  BY_FIRST_FLUSH,
  TOP_INLET,
  byDiverter,
  byDrain,
  drumWith,
  linkedDrums,
  place,
  tankWith,
  upToGutter,
} from './sample-jobs';
import { type Edit, applyEdits } from '../edits/edits';
import { shippedCatalogue } from '../fittings/catalogue';
import { newPart } from '../job/new-part';
import { jobOfPattern } from '../patterns/pattern';
import { PATTERNS } from '../patterns/patterns';
import { REGIONS } from '../region';

/** With parts on the further end of one that is there. */
function withBranch(job: Job, of: string, end: number, parts: readonly (readonly [string, number | null])[]): Job {
  const edits = parts.map(([code, lengthM], at): Edit => ({
    type: 'add-part',
    part: newPart(`branch-${at}`, code, { lengthM }),
    at: at === 0 ? { of: 'part', id: of, end } : { of: 'part', id: `branch-${at - 1}`, end: 1 },
    partEnd: 0,
    jointId: `branch-j${at}`,
  }));
  const edited = applyEdits(job, edits, shippedCatalogue);
  if (!edited.ok) throw new RangeError(`withBranch: ${edited.error.message}`);
  return edited.value.job;
}

const SIDE_INLET = { ...TOP_INLET, face: 'wall', heightM: 0.6, depthM: 0 } as const;

/** A drum that a roof falls into. */
const fed = (inlet: SampleHole, parts: readonly DemoPart[], roof: Partial<Roof> = {}): Job => {
  const job = tankWith({
    roof: { material: 'metal', ...roof, readings: [...belowGround(-2.5), ...belowGround(-2.4)] },
    holes: [OVERFLOW, { ...inlet, parts }],
  });
  return { ...job, roofs: job.roofs.map((roof) => ({ ...roof, into: 'i' })) };
};

/** A tap that hangs on a drum, with what is on it, and where it leads: so far up (negative: down). */
const tap = (parts: readonly DemoPart[], upM?: number): Job =>
  drumWith({
    parts: [{ code: 'BH-075' }, { code: 'HT-075M', points: 'down' }, ...parts],
    ...(upM === undefined
      ? {}
      : {
          terminals: [place({ id: 'bed', name: 'bed', dropM: -upM, placed: awayBy(5) })],
          end: { of: 'terminal', id: 'bed' } as const,
        }),
  });

const PUMP: Pump = { diameterM: 0.15, lengthM: 0.4, intakeM: 0.05, fromLeftM: 0.6, fromFrontM: 0.6 };
const well = (given: Partial<Pump>): Job =>
  tankWith({
    type: 'vertical-round',
    tank: { diameterM: 1.2, baseDiameterM: 1.2, accessM: 0.4, pump: { ...PUMP, ...given } },
  });

/** A concrete tank with one hole in its side. */
const cast = (roles: readonly Role[], size: Penetration['size'], parts: readonly DemoPart[], buriedM = 0): Job =>
  tankWith({
    type: 'concrete',
    tank: { buriedM },
    terminals: [
      newTerminal({ id: 'ditch', name: 'ditch', kind: 'daylight', placed: awayBy(12), readings: belowGround(-2) }),
    ],
    holes: [{ id: 'h', roles, size, heightM: 1, parts, end: { of: 'terminal', id: 'ditch' } }],
  });

const pipe = (lengthM: number, more: Partial<DemoPart> = {}): DemoPart => ({ code: 'PI-100', lengthM, ...more });

/** What asks for care that few plans need: each is of a kind that one of the checks is about. */
const WITH_CARE: readonly Job[] = [
  well({ diameterM: 0.4 }),
  well({ lengthM: 1.3, fromLeftM: 0.1 }),
  well({ fromLeftM: 0.1 }),
  tap([{ code: 'TD-075' }], -1),
  tap([], 2),
  ...['HT-075M', 'LV-075'].map((code) =>
    withBranch(
      drumWith({
        hole: { roles: ['tanker-fill'] },
        terminals: [place({ id: 'm', name: 'mains', offers: '3/4 NPT M', mains: true })],
        parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'T-075' }, { code: 'NC-075' }, { code: 'C-075' }],
        end: { of: 'terminal', id: 'm' },
      }),
      'h-3',
      2,
      code === 'LV-075'
        ? [
            ['NC-075', null],
            ['LV-075', null],
            ['HT-075M', null],
          ]
        : [['HT-075M', null]],
    ),
  ),
  ...[0.1, 0.4].map((overM) =>
    drumWith({
      parts: [
        { code: 'BS-100' },
        pipe(0.3),
        { code: 'ES-100', points: 'up' },
        pipe(overM),
        { code: 'ES-100', points: 'out' },
        pipe(0.5),
        { code: 'ES-100', points: 'down' },
        pipe(1),
      ],
    }),
  ),
  drumWith({ parts: [{ code: 'WBG-075' }, { code: 'NC-075' }] }),
  {
    ...drumWith({
      hole: { heightM: 0.03 },
      parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 3 }],
    }),
    sedimentM: 0.1,
  },
  { ...drumWith({ parts: [{ code: 'BH-075' }, { code: 'NLG-075-4' }, { code: 'TG-075' }] }), drinking: true },
  ...[0.3, 1, null].map((chamberM) =>
    withBranch(
      tankWith({
        holes: [{ ...TOP_INLET, parts: BY_FIRST_FLUSH }],
        roofM2: 4,
      }),
      'i-3',
      2,
      chamberM === 1
        ? [
            ['DPG-300', chamberM],
            ['DSG-300', null],
          ]
        : [['DPG-300', chamberM]],
    ),
  ),
  ...[0.08, 1].map((reserveM3) =>
    tankWith({
      terminals: [place({ id: 'fire', name: 'fire coupling', kind: 'fire', reserveM3 })],
      holes: [
        { id: 'f', parts: [{ code: 'BH-075' }], end: { of: 'terminal', id: 'fire' } },
        { id: 'h', name: 'House', heightM: 0.14, aroundM: 1 },
      ],
    }),
  ),
  ...(['half-round-112', 'k-style-5'] as const).map((gutter) =>
    fed(
      { ...TOP_INLET, size: '4' },
      [
        { code: 'BS-400' },
        { code: 'DA-400-D2729-400', inEnd: 1 },
        { code: 'DPG-400', lengthM: 1, inEnd: 1 },
        { code: 'DGG-400' },
      ],
      { gutterM: 6, gutter },
    ),
  ),
  tankWith({
    roof: { readings: belowGround(-0.5) },
    holes: [
      {
        ...TOP_INLET,
        parts: upToGutter(0.6).map((part) => ({ ...part, inEnd: part.code === 'DPG-300' ? 0 : (part.inEnd ?? 0) })),
      },
    ],
  }),
  tankWith({
    type: 'drum-upside-down',
    tank: { base: 'slab' },
    holes: [
      {
        face: 'bottom',
        size: '2',
        heightM: 0,
        aroundM: 0.2,
        depthM: 0.3,
        port: '2 NPS F',
        portId: 'bung',
        portUse: 'use',
      },
    ],
  }),
  {
    ...tap([{ code: 'HS-075063' }]),
    joints: tap([{ code: 'HS-075063' }]).joints.map((joint) => ({ ...joint, madeWith: ['washer', 'tape'] })),
  },
  tankWith({
    holes: [
      {
        id: 's',
        roles: ['sight-tube'],
        size: '1/2',
        parts: [{ code: 'BH-050' }, { code: 'AM-050' }, { code: 'CP-050', lengthM: 0.4 }],
      },
      OVERFLOW,
    ],
  }),
  cast(['cord-entry', 'pump-line'], '4', [{ code: 'WCS-400' }]),
  cast(['overflow'], '3', [{ code: 'PG-300' }, { code: 'PI-300', lengthM: 4, slope: rising(0.05) }], 1.15),
  cast(['inlet'], '110', [{ code: 'PG-110M' }, { code: 'PISL-110M', lengthM: 1 }, { code: 'JFSP-110M', inEnd: 1 }]),
  tankWith({ type: 'crate-us', tank: { buriedM: 0.5 } }),
  // A riser that ends at the lawn, and a tub whose two diameters are the wrong way round.
  tankWith({ type: 'buried', tank: { riser: { heightM: 0.4, widthM: 0.6 } } }),
  tankWith({ type: 'own-tapered', tank: { diameterM: 0.9, baseDiameterM: 1.1, accessM: 0.5 } }),
  tankWith({
    type: 'crate-us',
    holes: [
      {
        face: 'front',
        size: '2',
        aroundM: 0.6,
        port: '2 cam adapter',
        portId: 'outlet',
        portUse: 'use',
        parts: [{ code: 'CMBP-200' }],
      },
    ],
  }),
  linkedDrums('BS-100', [pipe(0.3), { code: 'AM-100', inEnd: 1 }, { code: 'YT-100' }, { code: 'AM-100' }, pipe(0.3)], {
    size: '1',
  }),
  {
    ...tankWith({
      roofM2: 200,
      others: [{ id: 't2', type: 'open-drum' }],
      holes: [
        TOP_INLET,
        { id: 'b', tankId: 't2', name: 'Link', roles: ['link'], label: 'P2' },
        {
          id: 'a',
          name: 'Link',
          roles: ['link'],
          label: 'P2',
          parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'BH-075', inEnd: 1 }],
          end: { of: 'hole', id: 'b' },
        },
        { ...OVERFLOW, tankId: 't2', size: '3', heightM: 0.78, parts: [] },
      ],
    }),
  },
  tankWith({
    holes: [{ ...SIDE_INLET, size: '1', heightM: 0.8, parts: byDiverter({ slope: rising(0.3) }) }],
    roof: {},
  }),
  tankWith({ holes: [{ ...TOP_INLET, ownSeal: 'silicone' }, { id: 'c', heightM: 0.3, ownSeal: 'cap' }, OVERFLOW] }),
  // In space: what meets, what does not, what has no room, what comes back on itself.
  twoDrums(),
  fourDrums(),
  crateOverflow(),
  cutTooShort(),
  movedBy(twoDrums(), 't2', -0.25),
  ring(),
  tankWith({
    holes: [
      {
        roles: ['overflow'],
        size: '1-1/2',
        heightM: 0.7,
        parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 0.3 }, { code: 'VS-150' }],
      },
    ],
  }),
  tankWith({ type: 'own-cylinder', tank: { diameterM: 2.4, baseDiameterM: 2.4, capacityM3: 0.5 } }),
  tankWith({
    others: [{ id: 't2', type: 'open-drum', plinthM: 3 }],
    holes: [
      { id: 'b', tankId: 't2', roles: ['inlet'], size: '3/4', heightM: 0.7 },
      {
        id: 'a',
        size: '3/4',
        parts: [{ code: 'BH-075' }, { code: 'NL-075-4' }, { code: 'BH-075', inEnd: 1 }],
        end: { of: 'hole', id: 'b' },
      },
    ],
  }),
  withWall(measured(-2, -0.25), measured(2, -0.25)),
  // Longer than any length it is sold in; two flanges that lie on one another.
  drumWith({ parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 40 }] }),
  tankWith({
    holes: [0.5, 0.55].map((aroundM, place) => ({
      id: `near-${place}`,
      heightM: 0.15,
      aroundM,
      parts: [{ code: 'BH-075' }],
    })),
  }),
  // A lever against the ground.
  drumWith({ hole: { heightM: 0.06 }, parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }] }),
  // Filled by a tanker, and the air leaves through half an inch.
  tankWith({
    type: 'closed-drum',
    holes: [
      { id: 'air', roles: ['vent'], size: '1/2', face: 'top', heightM: 0.89, aroundM: 0.3, depthM: 0.15 },
      { id: 'in', roles: ['tanker-fill'], size: '2', face: 'top', heightM: 0.89, aroundM: 0.3, depthM: 0.45 },
    ],
  }),
  // Stored by somebody whose program took it; today's does not.
  { ...ternPoint(), frostM: 9 },
];

/** What people plan: every kind of system, every line, the demo jobs, drums linked and fed in the usual ways. */
export const BEGUN_JOBS: readonly Job[] = [
  ...[ternPoint, ashdown, kilnYard, millRow, quarryLane].map((demo) => demo()),
  // Each kind in one region, the regions in turn: what differs between them is tried where the patterns are.
  ...PATTERNS.map((pattern, place) => jobOfPattern(pattern, REGIONS[place % REGIONS.length] ?? 'US')),
  ...LINES.map(jobOfLine),
  ...WITH_CARE,
  linkedDrums('BH-075', [{ code: 'NC-075' }, { code: 'LV-075' }, { code: 'NC-075' }]),
  drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] }),
  fed(TOP_INLET, upToGutter(1.2), { material: 'green' }),
  fed(SIDE_INLET, byDiverter(), { material: 'lead' }),
  fed(SIDE_INLET, byDrain()),
];
