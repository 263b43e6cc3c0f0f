import { type DemoEnd, type DemoPart, buildJob } from '../demo/build-job';
import type { Job, Penetration, Settings, Terminal } from '../job/job';
import { newPenetration, newTank } from '../job/new-tank';
import type { Tank } from '../walls/tank';

/** An opening of a sample job: an outlet unless it says otherwise, its hand drawn in, with the parts of its run. */
export interface SampleHole extends Partial<Penetration> {
  readonly parts?: readonly DemoPart[];
  readonly end?: DemoEnd;
}

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
  readonly settings?: Partial<Settings>;
}): Job {
  const { edit, run, set, job } = buildJob('Test', 'in-gal');
  const { type = 'open-drum', tank = {}, others = [], holes = [], terminals = [], settings = {} } = options;
  edit({ type: 'add-tank', tank: { ...newTank('t1', type), ...CLEAN, ...tank } });
  for (const other of others)
    edit({ type: 'add-tank', tank: { ...newTank(other.id, other.type), ...CLEAN, ...other } });
  if (options.roofM2 !== undefined)
    edit({ type: 'add-roof', roof: { id: 'r', name: 'shed', planAreaM2: options.roofM2 } });
  for (const terminal of terminals) edit({ type: 'add-terminal', terminal });
  set(settings);
  for (const [index, { parts = [], end, ...hole }] of holes.entries()) {
    const id = hole.id ?? `h${index + 1}`;
    edit({ type: 'add-penetration', penetration: sampleHole({ ...hole, id }), label: hole.label });
    run(id, parts, end);
  }
  return job();
}

const sampleHole = (hole: Partial<Penetration> & { readonly id: string }): Omit<Penetration, 'label'> =>
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
): Job =>
  tankWith({
    others: [{ id: 't2', type: 'open-drum' }],
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
