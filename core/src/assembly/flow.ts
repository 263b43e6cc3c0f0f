import type { RunSight } from '../derived/context';
import { waterGoes } from '../walls/roles';
import type { Run, Strand } from '../derived/run';
import { type Part, isSpout } from '../fittings/part';
import { type EndRef, type Joint, refKey } from '../job/job';
import { memoize } from '../quantity/memoize';

/** Which way the water goes along a strand, seen from its start; undefined where it goes both ways, or where only air does. */
export type Flow = 'onward' | 'back' | undefined;

/** How the water goes in a strand of a run: by the roles of its opening; what hangs on the inside runs the other way. */
export function flowOf({ penetration: { roles } }: Run, strand: Strand, { index }: RunSight): Flow {
  const goes = waterGoes(roles);
  if (goes === undefined) return undefined;
  const { from } = strand;
  const start = from.of === 'part' ? index.placed(from.id)?.part : undefined;
  const at = from.of === 'part' ? start?.ends[from.end]?.position : undefined;
  // What a diverter does not turn aside falls on down its pipe, away from the tank.
  if (start?.diverts !== undefined && at === 'outlet') return 'onward';
  const inside = at === 'inside';
  return (goes === 'out') === inside ? 'back' : 'onward';
}

/** Which way the water goes, seen from an open end outward: as in the strand that ends there, else as its opening is for. */
export function flowAt(at: EndRef, context: RunSight): Flow {
  const key = refKey(at);
  for (const run of context.runs)
    for (const strand of run.strands) {
      const { end, from } = strand;
      if (('ref' in end && refKey(end.ref) === key) || refKey(from) === key) return flowOf(run, strand, context);
    }
  return undefined;
}

/** Which way the water goes through a joint, seen from its first end to its second. */
export function flowThrough(joint: Joint, context: RunSight): Flow {
  for (const run of context.runs)
    for (const strand of run.strands) {
      const item = strand.items.find(({ jointIn }) => jointIn?.id === joint.id);
      const isLast = 'joint' in strand.end && strand.end.joint.id === joint.id;
      if (!item && !isLast) continue;
      const flow = flowOf(run, strand, context);
      const far = item ? item.placed.id : 'id' in strand.end ? strand.end.id : undefined;
      return joint.b.id === far ? flow : opposite(flow);
    }
  return undefined;
}

/** The same, seen towards one of its ends from the other. */
export const flowInto = (end: EndRef, joint: Joint, context: RunSight): Flow =>
  refKey(joint.b) === refKey(end) ? flowThrough(joint, context) : opposite(flowThrough(joint, context));

const opposite = (flow: Flow): Flow => (flow === undefined ? undefined : flow === 'onward' ? 'back' : 'onward');

/**
 * Does a part that is entered by this end, as its line is walked, let the water through as it goes? Where that is not known a
 * tap alone is told: whatever it hangs on, water leaves at its spout. A float valve lets water into its tank, never out.
 */
export function mayEnter({ oneWay, ends, features }: Part, endIn: number, flow: Flow): boolean {
  const entered = ends[endIn];
  if (!oneWay || !entered) return true;
  const fills = features.includes('float-arm');
  const isOutlet = fills ? entered.end.kind === 'wall-seal' : entered.position === 'outlet' || isSpout(entered);
  return flow === undefined ? fills || !isSpout(entered) : isOutlet === (flow === 'back');
}

/** A run that several openings share is walked from each: it stands at the first of them, with its branches, and nothing at the others. */
export const runsOnce: (context: RunSight) => readonly Run[] = memoize(({ runs, job }: RunSight) => {
  const order = new Map(job.penetrations.map(({ id }, place) => [id, place]));
  return runs.map((run) => {
    const isSecond = ({ end }: Strand): boolean =>
      end.at === 'hole' && (order.get(end.id) ?? 0) <= (order.get(run.penetration.id) ?? 0);
    return run.strands.some(isSecond) ? { ...run, strands: [] } : run;
  });
});
