import { type Course, type Leg, UNKNOWN_LENGTH_M, coursesOf } from '../assembly/course';
import { flowOf } from '../assembly/flow';
import { type PumpCurve, isByLength, ownLengthM } from '../fittings/part';
import type { RunSight } from '../derived/context';
import { placeUpM } from '../derived/heights';
import { invertM, levelsOf } from '../derived/levels';
import { linksOf } from '../derived/linked-tanks';
import { baseLevelM } from '../derived/set-out';
import { holeById, tankOf } from '../job/lookup';
import { type Run, type Strand, type StrandItem, strandPath } from '../derived/run';
import { inWaterOf } from '../derived/run-view';
import { memoizeBoth } from '../quantity/memoize';
import { levelAtM } from '../walls/level';
import { DRAWS } from '../walls/roles';
import { GRAVITY_M_S2 } from './free-flow';
import { type Reach, freeRunM3s, lossM, roughnessM, velocityHeadM } from './pipe-flow';

/** How full the tank is: to its overflow, with half of what can be drawn, with a tenth of it. */
export const WATER_STATES = ['full', 'half', 'low'] as const;
export type WaterState = (typeof WATER_STATES)[number];
const SHARE: Readonly<Record<WaterState, number>> = { full: 1, half: 0.5, low: 0.1 };

/** A line at one state of the water. */
export interface FlowState {
  readonly water: WaterState;
  /** From the surface down to the end [m]; below nothing the end is above the water. */
  readonly headM: number;
  /** At the end while it is shut [kPa]. */
  readonly shutKpa: number;
  /** While it runs free [m3/s]. */
  readonly flowM3s: number;
  /** The part in which the pressure falls below that of the air while it runs; absent where it never does, or nobody knows. */
  readonly sucksAt?: StrandItem;
}

/** What a line from a tank gives at its end, each line by itself with the others shut. */
export interface LineFlow {
  /** Which strand of its run ends here. */
  readonly strand: number;
  /** The end above the finished ground [m], and how that is known. */
  readonly endM: number;
  /** `tank`: it leads into another tank, and ends at the water there or where it comes in over it. */
  readonly endKnownBy: 'place' | 'course' | 'assumed' | 'tank';
  readonly pumped: boolean;
  /** Lengths that nobody has measured were taken as half a metre. */
  readonly lengthsAssumed: boolean;
  readonly states: readonly FlowState[];
  readonly items: readonly StrandItem[];
}

const MM_PER_M = 1000;
/** A port without a fitting of its own: a sharp entry (handbook value, from memory). */
const SHARP_ENTRY = 0.5;

/** A piece of a line as its flow is worked out; the first is the way out of a tank. */
export function lineReachOf({ part, placed }: StrandItem, place: number): Reach {
  const lengthM = ownLengthM(part, placed);
  return {
    boreM: part.boreMm / MM_PER_M,
    lengthM: lengthM === null ? UNKNOWN_LENGTH_M : (lengthM ?? 0),
    roughnessM: roughnessM(part.material),
    lossK: (isByLength(part) ? 0 : part.lossK) + (place === 0 && part.wallFaceMm === undefined ? SHARP_ENTRY : 0),
  };
}

function pumpOf({ strands }: Run): PumpCurve | undefined {
  const [first] = strands.flatMap(({ items }) => items.flatMap(({ part }) => (part.pump ? [part.pump.curve] : [])));
  return first;
}

/**
 * Where a line into another tank ends: at the full water there, if it comes in below it, else where it comes in. A line between tanks that
 * share their water evens them out: it has no end of its own.
 */
function endInTank(run: Run, strand: Strand, context: RunSight): Pick<LineFlow, 'endM' | 'endKnownBy'> | undefined {
  const { job } = context;
  const hole = strand.end.at === 'hole' ? holeById(job, strand.end.id) : undefined;
  const tank = tankOf(job, hole);
  if (!hole || !tank || tank.id === run.penetration.tankId) return undefined;
  if (linksOf(context).some(({ from, to }) => from.id === run.penetration.id && to.id === hole.id)) return undefined;
  const inM = hole.face === 'top' ? tank.heightM : invertM(hole, tank, context);
  const fills = hole.roles.includes('float-fill') || hole.face === 'top';
  const endM = baseLevelM(tank, job) + (fills ? inM : Math.max(inM, levelsOf(tank, context).fullM));
  return { endM, endKnownBy: 'tank' };
}

/** Where a strand ends: as its place was measured, else as its parts lead. */
function endOf(
  strand: Strand,
  legs: readonly Leg[],
  job: RunSight['job'],
): Pick<LineFlow, 'endM' | 'endKnownBy'> | undefined {
  const { end } = strand;
  const placeM = end.at === 'terminal' ? placeUpM(job, end.id) : undefined;
  if (placeM !== undefined) return { endM: placeM, endKnownBy: 'place' };
  const last = legs.at(-1);
  if (!last) return undefined;
  return { endM: last.to.up, endKnownBy: last.sure && last.assumed.length === 0 ? 'course' : 'assumed' };
}

/**
 * What every line of a run gives at its end; none for runs that fill a tank, carry air, or go to another tank. Worked out
 * once for a judged job.
 */
export const lineFlows = (context: RunSight, run: Run): readonly LineFlow[] => flowsIn(inWaterOf(context, run), run);

const flowsIn = memoizeBoth(workOut);

function workOut(context: RunSight, run: Run): readonly LineFlow[] {
  const tank = tankOf(context.job, run.penetration);
  const course = coursesOf(context).get(run.penetration.id);
  if (!tank || !course || run.penetration.roles.includes('overflow')) return [];
  const base = baseLevelM(tank, context.job);
  const levels = levelsOf(tank, context);
  const pump = pumpOf(run);
  return run.strands.flatMap((strand, place): readonly LineFlow[] => {
    const flow = flowOf(run, strand, context);
    // A line that both fills and draws has its figures while it draws: to the places that it serves.
    const draws = flow === 'onward' || (flow === undefined && strand.end.at === 'terminal' && drawsToo(run));
    if (!draws || strand.end.at === 'unknown') return [];
    const items = strandPath(run, strand);
    const last = items.at(-1);
    // A cap at the end lets nothing out.
    if (!last || (strand.end.at === 'closed' && last.part.ends.length === 1)) return [];
    const end =
      strand.end.at === 'hole'
        ? endInTank(run, strand, context)
        : endOf(strand, course.along.get(strand) ?? [], context.job);
    if (!end) return [];
    const reaches = items.map(lineReachOf);
    const states = WATER_STATES.map((water): FlowState => {
      // Where nothing can be drawn the water stands at full all the same.
      const volume = Math.min(levels.deadM3, levels.fullM3) + SHARE[water] * levels.usableM3;
      const surfaceM = base + levelAtM(tank, volume);
      const headM = surfaceM - end.endM;
      const flowM3s = freeRunM3s(headM, reaches, pump);
      const sucksAt = pump ? undefined : suckedPart(items, reaches, flowM3s, surfaceM, course, end.endKnownBy);
      return {
        water,
        headM,
        shutKpa: Math.max(0, headM + (pump?.[0]?.[1] ?? 0)) * GRAVITY_M_S2,
        flowM3s,
        ...(sucksAt ? { sucksAt } : {}),
      };
    });
    return [
      {
        strand: place,
        ...end,
        pumped: pump !== undefined,
        lengthsAssumed: items.some(({ part, placed }) => isByLength(part) && placed.lengthM === null),
        states,
        items,
      },
    ];
  });
}

/** Is water drawn by an opening that it also comes in by? */
const drawsToo = ({ penetration: { roles } }: Run): boolean => roles.some((role) => DRAWS.includes(role));

/** While the water stands so high above the finished ground [m], what a line gives [m3/s]. */
export const flowAtM3s = ({ endM, items }: Pick<LineFlow, 'endM' | 'items'>, surfaceM: number): number =>
  freeRunM3s(surfaceM - endM, items.map(lineReachOf), items.find(({ part }) => part.pump)?.part.pump?.curve);

/** So much below the pressure of the air is within what the losses are known by [m]. */
const UNSURE_M = 0.3;

/** The first part on the way in which the line of pressure runs below the pipe while the water flows. */
function suckedPart(
  items: readonly StrandItem[],
  reaches: readonly Reach[],
  flowM3s: number,
  surfaceM: number,
  course: Course,
  known: LineFlow['endKnownBy'],
): StrandItem | undefined {
  // Nothing is drawn in where nothing runs.
  if (known === 'assumed' || flowM3s <= 0) return undefined;
  const legs = new Map(course.strands.flat().map((leg) => [leg.placed.id, leg]));
  let lost = 0;
  for (const [place, item] of items.entries()) {
    const [reach, leg] = [reaches[place], legs.get(item.placed.id)];
    if (!reach || !leg?.sure) return undefined;
    // Before its own loss at its near end, after it at its far end: whichever lies higher over the line of pressure.
    const before = surfaceM - lost - velocityHeadM(flowM3s, reach.boreM) - leg.from.up;
    lost += lossM(reach, flowM3s);
    const after = surfaceM - lost - velocityHeadM(flowM3s, reach.boreM) - leg.to.up;
    if (place < items.length - 1 && Math.min(before, after) < -UNSURE_M) return item;
  }
  return undefined;
}
