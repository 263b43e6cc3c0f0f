import { endsInside } from '../../assembly/course';
import { isSoldIn } from '../../fittings/part';
import { holeById } from '../../job/lookup';
import { formatEnd } from '../../connections/format';
import { closesEnd } from '../../fittings/capability';
import type { Catalogue } from '../../fittings/catalogue';
import { memoize } from '../../quantity/memoize';
import { holeOf } from '../../derived/hole-of';
import type { EndRef, Job } from '../../job/job';
import { fitsPlace } from '../../derived/destinations';
import { resolveEnd } from '../../derived/resolve';
import { serviceAt } from '../../derived/service';
import { type Run, type Strand, itemsOfRun } from '../../derived/run';
import { waysBetween } from '../../routes/ways-between';
import type { Route } from '../../routes/find-routes';
import type { Offer } from '../../routes/next-parts';
import type { OpenEnd } from '../../routes/way-index';
import { appendChain } from '../../routes/chain-edits';
import { leftShortM } from '../../routes/left-short';
import type { CheckContext } from '../../derived/context';
import { passesWater } from '../../walls/roles';
import type { Fix } from '../finding';
import { goesOn } from '../goes-on';
import { finishOf, screenings } from '../screenings';

/** Open ends of runs that have begun: at least one part stands beyond what seals the hole. */
export const openStrands = ({ strands }: Run): readonly Strand[] => strands.filter(({ end }) => end.at === 'open');

/** Parts beyond the wall: what seals a hole is not yet a run. */
export const partsBeyondSeal = (run: Run): number =>
  itemsOfRun(run).filter(({ part }) => part.ends.every(({ end }) => end.kind !== 'wall-seal')).length;

const NO_PARTS: Route = { links: [], priceUsd: 0, smallestBoreMm: Number.POSITIVE_INFINITY, cost: 0 };
/** A note offers the first way and no more. */
const FEW = { limit: 1, mostParts: 4 } as const;

/** The caps of a catalogue that have been looked for, by the end they close and where. */
const knownCaps = memoize<Catalogue, Map<string, Offer | undefined>>(() => new Map());

/** The cheapest cap or plug that closes an end, of what is sold where the work is. */
function capFor(at: OpenEnd, context: CheckContext): Offer | undefined {
  const caps = knownCaps(context.catalogue);
  const key = `${formatEnd(at.end)}|${at.material ?? ''}|${at.service ?? ''}|${context.job.region ?? ''}`;
  if (!caps.has(key)) caps.set(key, goesOn(at, context, closesEnd)[0]);
  return caps.get(key);
}

/** The places where a run ends already. */
const reachedBy = memoize(
  (joints: Job['joints']): ReadonlySet<string> =>
    new Set(joints.flatMap(({ a, b }) => [a, b]).flatMap((ref) => (ref.of === 'terminal' ? [ref.id] : []))),
);

/** Ways to finish an open end: to each named terminal that a chain leads to, then the screen that it ends in, or the cheapest cap or plug. */
export function closings(at: EndRef, context: CheckContext): readonly Fix[] {
  const { job, index, runs } = context;
  const { end, material } = resolveEnd(at, job, index);
  const service = serviceAt(at, runs);
  // What hangs in the water is led to no place, and a cap on it shuts the line.
  if (end === undefined || endsInside(at, context)) return [];
  const reached = reachedBy(job.joints);
  // Where no run ends yet comes first: that is what this one is likely to be for.
  const hole = holeOf(at, job, context.catalogue);
  const roles = (hole?.of === 'hole' ? holeById(job, hole.id)?.roles : undefined) ?? [];
  const terminals = job.terminals
    .filter((terminal) => fitsPlace({ roles }, terminal) === 'meant')
    .toSorted((a, b) => Number(reached.has(a.id)) - Number(reached.has(b.id)));
  const finishes = terminals.flatMap((terminal): Fix[] => {
    const to: EndRef = { of: 'terminal', id: terminal.id };
    const offers = resolveEnd(to, job, index).end;
    const text = `Finish to ${terminal.name}`;
    const [route] =
      offers === undefined
        ? [NO_PARTS]
        : waysBetween({ end, material, service }, { end: offers }, context, { ...FEW, home: job.region ?? undefined });
    // What nobody can buy there finishes nothing there, nor what does not come there.
    if (!route?.links.every(({ part }) => isSoldIn(part, job.region))) return [];
    if (leftShortM(at, terminal.id, route.links, context) !== undefined) return [];
    return [appendChain(job, at, route, route.links.length > 0 ? `${text}: {parts}` : text, to)];
  });
  // Closed, an overflow spills elsewhere, a vent lets no air in, a sight tube shows nothing: none is ever shut to be done with it.
  if (finishOf(roles) !== undefined) return [...finishes, ...screenings({ at: 'open', ref: at }, roles, context)];
  // A duct is closed round its cord by hand, never capped.
  if (!passesWater(roles)) return finishes;
  const cap = capFor({ end, material, service }, context);
  if (!cap) return finishes;
  const closed = {
    ...NO_PARTS,
    links: [{ part: cap.part, endIn: cap.endIn, endOut: cap.endIn }],
    priceUsd: cap.part.priceUsd,
  };
  return [...finishes, appendChain(job, at, closed, 'Close it: {parts}')];
}
