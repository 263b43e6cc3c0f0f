import { lengthsToAsk } from '../assembly/in-space';
import type { CheckContext } from '../derived/context';
import { type ChangeField, answered, askField, setField } from '../edits/change-field';
import { heightKey, heightsOf } from '../derived/heights';
import type { Job, Measured, Reading } from '../job/job';
import { awayBy } from '../job/places';
import { memoize } from '../quantity/memoize';
import { setOutOf } from '../derived/set-out';
import { type PlanRef, planKey } from '../walls/placing';

/** Something about the site that only a visit can tell. */
export interface Unknown {
  readonly id: string;
  /** Where one stands to take it: the sheet goes from the roof to the tanks and on to where the water is used. */
  readonly at: string;
  readonly what: string;
  readonly unit: 'length' | 'height' | 'flow' | 'place';
  /** For a place on the plan: what is placed. */
  readonly place?: PlanRef;
  /** For a height: what it hangs on, and where its reading goes. */
  readonly of?: Measured;
  /** The edit that its answer makes. */
  readonly answer?: (to: number) => ChangeField;
}

const notRead = (job: Job, of: Measured): boolean => {
  const trouble = heightsOf(job).get(heightKey(of))?.trouble;
  return trouble !== undefined && trouble !== 'blunder';
};

/**
 * Every unknown of the job in walking order: gutters, what comes in, what lies between the tanks, then the places and the
 * ground they lie in.
 */
export const unknownsOf = memoize((context: CheckContext): readonly Unknown[] => {
  const { job } = context;
  const gutters = job.roofs.flatMap(({ id, name }): readonly Unknown[] =>
    notRead(job, { of: 'roof', id })
      ? [{ id: `roof ${id}`, at: name, what: 'underside of the gutter', unit: 'height', of: { of: 'roof', id } }]
      : [],
  );
  const inflows = job.inflows.flatMap((inflow): readonly Unknown[] => {
    const { id, name, rateM3s, airGapM, kind } = inflow;
    return [
      ...(rateM3s === null
        ? [
            {
              id: `rate ${id}`,
              at: name,
              what: 'what it brings',
              unit: 'flow',
              answer: (to: number) => answered(askField('inflows', inflow, 'rateM3s'), to),
            } as const,
          ]
        : []),
      ...(airGapM === null && (kind === 'mains' || kind === 'bore')
        ? [
            {
              id: `gap ${id}`,
              at: name,
              what: 'from the end of its pipe down to where the tank spills',
              unit: 'length',
              answer: (to: number) => answered(askField('inflows', inflow, 'airGapM'), to),
            } as const,
          ]
        : []),
    ];
  });
  const lengths = lengthsToAsk(context).map(({ run: { penetration }, item: { placed, part } }): Unknown => ({
    id: `length ${placed.id}`,
    at: `${penetration.label} ${penetration.name}`,
    what: `length of ${part.name.toLowerCase()} ${part.detail}`,
    unit: 'length',
    answer: (to) => answered(askField('parts', placed, 'lengthM'), to),
  }));
  const places = job.terminals.flatMap((terminal): readonly Unknown[] => {
    const { id, name, placed, kind } = terminal;
    return [
      ...(notRead(job, { of: 'terminal', id })
        ? [
            {
              id: `place ${id}`,
              at: name,
              what: 'where the line ends',
              unit: 'height',
              of: { of: 'terminal', id },
            } as const,
          ]
        : []),
      ...(placed === null && kind === 'daylight'
        ? [
            {
              id: `far ${id}`,
              at: name,
              what: 'how far along the line',
              unit: 'length',
              answer: (distanceM: number) => setField('terminals', terminal, 'placed', awayBy(distanceM)),
            } as const,
          ]
        : []),
    ];
  });
  const readFrom = new Set(
    [...job.marks, ...job.roofs, ...job.terminals].flatMap(({ readings }) =>
      readings.map(({ from }) => heightKey(from)),
    ),
  );
  const marks = job.marks.flatMap(({ id, name, placed }): readonly Unknown[] =>
    // What only tapes are held at needs no height.
    notRead(job, { of: 'mark', id }) && (placed === null || readFrom.has(heightKey({ of: 'mark', id })))
      ? [{ id: `mark ${id}`, at: name, what: 'its height', unit: 'height', of: { of: 'mark', id } }]
      : [],
  );
  // What others are read from comes first.
  return [...marks, ...placesToTape(job), ...gutters, ...inflows, ...lengths, ...places];
});

const COLLECTION = { roof: 'roofs', terminal: 'terminals', mark: 'marks' } as const;

/** Once a plan is begun: what has no measured place on it, references first, and tanks that nobody has said how they are turned. */
function placesToTape(job: Job): readonly Unknown[] {
  const { places, turns } = setOutOf(job);
  if (![...places.values()].some(({ at }) => at !== undefined)) return [];
  const listed: readonly (readonly [PlanRef, string])[] = [
    ...job.marks.filter(({ placed }) => placed !== null).map(({ id, name }) => [{ of: 'mark', id }, name] as const),
    ...job.tanks.map(({ id, label }) => [{ of: 'tank', id }, label] as const),
    ...job.terminals.map(({ id, name }) => [{ of: 'terminal', id }, name] as const),
  ];
  return listed.flatMap(([ref, at]): readonly Unknown[] => {
    const key = planKey(ref);
    const place = places.get(key);
    const tank = ref.of === 'tank' ? job.tanks.find(({ id }) => id === ref.id) : undefined;
    const placed = tank?.placed;
    if (tank && placed?.by === 'beside' && placed.gapM === null) {
      const neighbour = job.tanks.find(({ id }) => id === placed.tankId)?.label ?? '';
      return [
        {
          id: `gap ${key}`,
          at,
          what: `clear gap to ${neighbour}`,
          unit: 'length',
          answer: (gapM: number) => setField('tanks', tank, 'placed', { ...placed, gapM }),
        },
      ];
    }
    const turned = ref.of !== 'tank' || turns.get(ref.id)?.degrees !== undefined;
    if (place?.sure && turned) return [];
    return [
      {
        id: `plan ${key}`,
        at,
        what: place?.sure ? 'how it is turned' : 'where it is, by two tapes',
        unit: 'place',
        place: ref,
      },
    ];
  });
}

/** The readings of a height as they stand in the job. */
export const readingsOf = (job: Job, of: Measured): readonly Reading[] =>
  job[COLLECTION[of.of]].find(({ id }) => id === of.id)?.readings ?? [];

/** The edit that gives a height other readings. */
export const setReadings = (job: Job, of: Measured, to: readonly Reading[]): ChangeField => ({
  type: 'change-field',
  in: COLLECTION[of.of],
  id: of.id,
  field: 'readings',
  from: readingsOf(job, of),
  to,
});
