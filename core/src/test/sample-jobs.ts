import { rising } from '../job/placed-part';
import { type DemoEnd, type DemoPart, buildJob } from '../edits/build-job';
import type { Inflow, Job, Mark, Penetration, Roof, Settings, Terminal } from '../job/job';
import { newPenetration, newTank } from '../job/new-tank';
import { belowGround, newRoof, newTerminal } from '../job/places';
import type { Tank } from '../walls/tank';

/** An opening of a sample job: an outlet unless it says otherwise, its hand drawn in, with the parts of its run. */
export interface SampleHole extends Partial<Penetration> {
  readonly parts?: readonly DemoPart[];
  readonly end?: DemoEnd;
}

/** A place where a run may end, so far below the ground that the tank stands on. */
export const place = ({
  dropM = null,
  ...given
}: Parameters<typeof newTerminal>[0] & { readonly dropM?: number | null }): Terminal =>
  newTerminal({ ...given, readings: dropM === null ? [] : belowGround(dropM) });

/** A used drum whose past is known, so that nothing is left to say of it. */
const CLEAN = { contents: 'olives', foodGrade: true, cleaning: 'washed' } as const;

/** One tank of a type with its openings, or several: the smallest job a check can look at. Invented, for tests. */
export function tankWith(options: {
  readonly type?: string;
  readonly tank?: Partial<Tank>;
  readonly others?: readonly (Partial<Tank> & { readonly id: string; readonly type: string })[];
  readonly holes?: readonly SampleHole[];
  readonly terminals?: readonly Terminal[];
  readonly roofM2?: number;
  /** A roof of 60 m2 that falls into the first opening that says it is an inlet, and what is known of it. */
  readonly roof?: Partial<Roof>;
  readonly inflows?: readonly Inflow[];
  readonly marks?: readonly Mark[];
  readonly settings?: Partial<Settings>;
}): Job {
  const { edit, run, set, job } = buildJob('Test', 'in-gal');
  const { type = 'open-drum', tank = {}, others = [], holes = [], terminals = [], settings = {} } = options;
  edit({ type: 'add-tank', tank: { ...newTank('t1', type), ...CLEAN, ...tank } });
  for (const other of others)
    edit({ type: 'add-tank', tank: { ...newTank(other.id, other.type), ...CLEAN, ...other } });
  const { roofM2, roof, inflows = [], marks = [] } = options;
  if (roofM2 !== undefined || roof !== undefined)
    edit({ type: 'add-roof', roof: newRoof({ id: 'r', name: 'shed', planAreaM2: roofM2 ?? 60, ...roof }) });
  for (const mark of marks) edit({ type: 'add-mark', mark });
  for (const terminal of terminals) edit({ type: 'add-terminal', terminal });
  set(settings);
  for (const [index, { parts = [], end, ...hole }] of holes.entries()) {
    const id = hole.id ?? `h${index + 1}`;
    edit({ type: 'add-penetration', penetration: sampleHole({ ...hole, id }), label: hole.label });
    run(id, parts, end);
  }
  for (const inflow of inflows) edit({ type: 'add-inflow', inflow });
  return job();
}

/** Its label is given beside it. */
const sampleHole = ({
  label: _,
  ...hole
}: Partial<Penetration> & { readonly id: string }): Omit<Penetration, 'label'> =>
  newPenetration({
    tankId: 't1',
    name: 'Outlet',
    roles: ['draw-off'],
    size: '3/4',
    face: 'wall',
    heightM: 0.12,
    aroundM: 0.5,
    drawnIn: true,
    ...hole,
  });

/** An overflow through a gasket with a screen at its end, clear of the rim of a drum. */
export const OVERFLOW: SampleHole = {
  id: 'o',
  name: 'Overflow',
  roles: ['overflow'],
  size: '1-1/2',
  heightM: 0.8,
  supported: true,
  parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 0.3 }, { code: 'SO-150' }],
};

/** A drum with an overflow, and one more hole with a run. */
export function drumWith(options: {
  readonly hole?: Partial<Penetration>;
  readonly parts?: readonly DemoPart[];
  readonly end?: DemoEnd;
  readonly terminals?: readonly Terminal[];
  readonly overflow?: boolean;
}): Job {
  const { hole, parts, end, terminals, overflow = true } = options;
  const outlet = hole !== undefined || parts !== undefined;
  return tankWith({
    ...(terminals === undefined ? {} : { terminals }),
    settings: { sunPlan: 'shaded', frostPlan: 'drained' },
    holes: [
      ...(outlet
        ? [{ id: 'h', ...hole, ...(parts === undefined ? {} : { parts }), ...(end === undefined ? {} : { end }) }]
        : []),
      ...(overflow ? [OVERFLOW] : []),
    ],
  });
}

/** Two drums with a link: what stands between their two seals of one kind. The opening of the second drum is set out first. */
export const linkedDrums = (
  seal: string,
  parts: readonly DemoPart[],
  { size = '3/4', ...hole }: SampleHole = {},
  type = 'open-drum',
): Job =>
  tankWith({
    type,
    others: [{ id: 't2', type }],
    holes: [
      { id: 'b', tankId: 't2', name: 'Link', roles: ['link'], size },
      {
        id: 'a',
        name: 'Link',
        roles: ['link'],
        size,
        ...hole,
        parts: [{ code: seal }, ...parts, { code: seal, inEnd: 1 }],
        end: { of: 'hole', id: 'b' },
      },
    ],
  });

/** An inlet in the top of a drum that stands on the ground: its lid is 0.93 m up. */
export const TOP_INLET = {
  id: 'i',
  name: 'Inlet',
  roles: ['inlet'],
  size: '3',
  face: 'top',
  heightM: 0.93,
  aroundM: 0.3,
  depthM: 0.3,
} as const satisfies SampleHole;

/** Pipe under a gasket in a top, which goes on through it, with an adapter at its end. */
export const dropPipe = (size: string, adapter: string, lengthM = 0.7): readonly DemoPart[] => [
  { code: `PG-${size}`, outEnd: 2 },
  { code: `CS-${size}` },
  { code: `PI-${size}`, lengthM },
  { code: `${adapter}-${size}`, inEnd: 1 },
];

/** A pump on its pipe under the top of an upright tank. */
export const HUNG_PUMP: SampleHole = {
  id: 'p',
  name: 'Pump line',
  roles: ['pump-line'],
  size: '1',
  face: 'top',
  heightM: 1.35,
  aroundM: 0.6,
  depthM: 0.6,
  parts: [...dropPipe('100', 'AM'), { code: 'PS1N-100' }],
};

/** From the top of a drum up to the gutter: a pipe of this length between adapter and gutter outlet. */
export const upToGutter = (lengthM: number | null): readonly DemoPart[] => [
  { code: 'BS-300' },
  { code: 'DA-300-IPS-40-300', inEnd: 1 },
  { code: 'DPG-300', lengthM, inEnd: 1 },
  { code: 'DGG-300' },
];

/** From the top of a drum up to the gutter with a first flush between; its chamber hangs from the branch of the third part. */
export const BY_FIRST_FLUSH: readonly DemoPart[] = [
  { code: 'BS-300' },
  { code: 'DA-300-IPS-40-300', inEnd: 1 },
  { code: 'FFG-300', inEnd: 1, outEnd: 0, points: 'out' },
  { code: 'DGG-300' },
];

/** A downpipe beside the drum with a diverter in it, whose hose goes in through the wall. */
export const byDiverter = (hose: Partial<DemoPart> = {}): readonly DemoPart[] => [
  { code: 'BH-100' },
  { code: 'HB-100' },
  { code: 'HO-100', lengthM: 0.5, slope: rising(0), ...hose },
  { code: 'DVG-300', inEnd: 2, outEnd: 0, points: 'up' },
  { code: 'DPG-300', lengthM: 0.6, inEnd: 1 },
  { code: 'DGG-300' },
];

/** A drum that is filled through its wall by the hose of a diverter, which rises so far; unknown where nobody has said. */
export const filledByDiverter = (heightM: number, riseM: number | null, others: readonly SampleHole[] = []): Job =>
  tankWith({
    roof: {},
    holes: [
      {
        ...TOP_INLET,
        size: '1',
        face: 'wall',
        heightM,
        depthM: 0,
        parts: byDiverter({ slope: riseM === null ? null : rising(riseM) }),
      },
      ...others,
    ],
  });

/** In through the wall of a drum by a level pipe, from a downpipe beside it. */
export const byDrain = (pipe: Partial<DemoPart> = {}, before: readonly DemoPart[] = []): readonly DemoPart[] => [
  { code: 'PG-300' },
  { code: 'PI-300', lengthM: 2, ...pipe },
  ...before,
  { code: 'ES-300', points: 'up' },
  { code: 'DA-300-IPS-40-300', inEnd: 1 },
];
