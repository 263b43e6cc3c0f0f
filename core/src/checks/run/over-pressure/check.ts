import { coursesOf } from '../../../assembly/course';
import type { RunSight } from '../../../derived/context';
import { levelsOf } from '../../../derived/levels';
import { baseLevelM } from '../../../derived/set-out';
import { tankOf } from '../../../job/lookup';
import type { Run } from '../../../derived/run';
import { isDownpipe } from '../../../fittings/capability';
import { GRAVITY_M_S2 } from '../../../hydraulics/free-flow';
import { type Report, defineCheck } from '../../define-check';
import { flowOf, runsOnce } from '../../../assembly/flow';
import { atPart } from '../../places';

/** What mains may stand at, where nobody has measured it [kPa] (common practice). */
const MAINS_KPA = 600;
/** Drainage weeps under more than this [kPa]: a metre of water (our judgement). */
const DRAINAGE_KPA = 10;
/** Nobody knows what an own part bears; a seal in a wall is judged with the wall. */
const NOT_JUDGED: readonly string[] = ['own', 'wall-fitting', 'push-through-gasket', 'support', 'screen'];

export default defineCheck({
  meta: {
    id: 'run/over-pressure',
    severity: 'fails',
    safety: true,
    toDo: 'Take a part of pressure pipe, or a reducing valve.',
    sources: [{ document: 'hydrostatics: 9.81 kPa a metre', provenance: 'standard-formula' }],
    messages: {
      over: { title: 'Too much pressure', text: '{part} is made for {rated}; {because} puts {stands} on it.' },
      drainage: {
        title: 'Drainage under pressure',
        text: '{part} is drainage, made for no pressure; {because} puts {stands} on it.',
      },
    },
  },
  sees: 'run-in-water',
  check: (context) => runsOnce(context).flatMap((run) => worst(run, context)),
});

/** One finding a run: the part that is furthest over. */
function worst(run: Run, context: RunSight): readonly Report<'over' | 'drainage'>[] {
  const { penetration } = run;
  const tank = tankOf(context.job, penetration);
  const course = coursesOf(context).get(penetration.id);
  if (!tank || !course) return [];
  const added = addedBy(run, context);
  const surfaceM = baseLevelM(tank, context.job) + levelsOf(tank, context).fullM;
  const full = added !== undefined || STANDS_FULL.some((role) => penetration.roles.includes(role));
  if (!full) return [];
  const limits = limitsIn(run, added?.by === 'pump', context);
  const over = course.strands.flatMap((legs) =>
    legs.flatMap(({ placed, part, from, to }) => {
      const { isPumped, mostKpa } = limits.get(placed.id) ?? UNLIMITED;
      const standsKpa = Math.max(0, surfaceM - Math.min(from.up, to.up)) * GRAVITY_M_S2;
      const kpa = Math.min(mostKpa, standsKpa + (isPumped ? (added?.kpa ?? 0) : 0));
      const rated = part.ratedKpa ?? DRAINAGE_KPA;
      // A downpipe is open above: nothing stands in it.
      return NOT_JUDGED.includes(part.family) || part.ends.length === 0 || isDownpipe(part) || kpa <= rated
        ? []
        : [{ placed, part, kpa, rated }];
    }),
  );
  const [first] = over.toSorted((a, b) => b.kpa / b.rated - a.kpa / a.rated);
  if (!first) return [];
  return [
    {
      messageId: first.part.ratedKpa === null ? 'drainage' : 'over',
      at: atPart(first.placed.id, penetration),
      data: {
        part: first.part.name,
        because: added?.because ?? 'the water above it',
        stands: { pressureKpa: first.kpa },
        ...(first.part.ratedKpa === null ? {} : { rated: { pressureKpa: first.rated } }),
      },
    },
  ];
}

/** Lines that stand full of water under that of the tank; an overflow or an inlet runs and is empty. */
const STANDS_FULL = ['draw-off', 'pump-line', 'link', 'sight-tube'] as const;

/** What a part bears at most: is it behind the pump, and what does a reducer before it let through? */
interface Limit {
  readonly isPumped: boolean;
  readonly mostKpa: number;
}
const UNLIMITED: Limit = { isPumped: true, mostKpa: Infinity };

/** The limits of every part, along the water: what lies before a pump does not have its pressure, what lies behind a reducer no more than that. */
function limitsIn(run: Run, byPump: boolean, context: RunSight): ReadonlyMap<string, Limit> {
  const limits = new Map<string, Limit>();
  for (const strand of run.strands) {
    // Against the water a line is not followed: there all of it counts.
    if (flowOf(run, strand, context) !== 'onward') continue;
    const { from, items } = strand;
    const hasPump = items.some(({ part }) => part.pump);
    let limit = (from.of === 'part' ? limits.get(from.id) : undefined) ?? {
      ...UNLIMITED,
      isPumped: !(byPump && hasPump),
    };
    for (const { placed, part } of items) {
      if (part.pump) limit = { ...limit, isPumped: true };
      limits.set(placed.id, limit);
      if (part.reducesToKpa !== undefined) limit = { ...limit, mostKpa: Math.min(limit.mostKpa, part.reducesToKpa) };
    }
  }
  return limits;
}

/** Pressure that comes to that of the tank. */
function addedBy(
  { strands }: Run,
  { job }: RunSight,
): { readonly by: 'mains' | 'pump'; readonly kpa: number; readonly because: string } | undefined {
  const mains = strands.some(
    ({ end }) => end.at === 'terminal' && job.terminals.find(({ id }) => id === end.id)?.mains === true,
  );
  const pumps = strands.flatMap(({ items }) => items.flatMap(({ part }) => (part.pump ? [part] : [])));
  const shutOffM = Math.max(0, ...pumps.map(({ pump }) => pump?.curve[0]?.[1] ?? 0));
  if (mains && MAINS_KPA >= shutOffM * GRAVITY_M_S2) return { by: 'mains', kpa: MAINS_KPA, because: 'the mains' };
  return shutOffM > 0 ? { by: 'pump', kpa: shutOffM * GRAVITY_M_S2, because: 'the pump, shut off,' } : undefined;
}
