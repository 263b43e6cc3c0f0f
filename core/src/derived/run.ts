import type { RunJob } from './run-job';
import type { Catalogue } from '../fittings/catalogue';
import { type Part, isSpout } from '../fittings/part';
import { type EndRef, type Job, type Joint, type Penetration, type PlacedPart } from '../job/job';
import { gather } from '../quantity/gather';
import { memoize, memoizeBoth } from '../quantity/memoize';

/** A part of a strand, with the ends by which the water comes in and goes on. */
export interface StrandItem {
  readonly placed: PlacedPart;
  readonly part: Part;
  readonly inEnd: number;
  /** Absent where the part closes the strand (a cap). */
  readonly outEnd: number | undefined;
  readonly jointIn: Joint | undefined;
}

/** What stands at the far end of a strand. */
export type StrandEnd =
  | { readonly at: 'open'; readonly ref: EndRef }
  | { readonly at: 'discharge'; readonly ref: EndRef }
  | { readonly at: 'closed' }
  | { readonly at: 'terminal' | 'hole' | 'unknown'; readonly id: string; readonly joint: Joint };

/** A row of parts from a hole, or from the branch of a tee, outward. */
export interface Strand {
  readonly from: EndRef;
  readonly items: readonly StrandItem[];
  readonly end: StrandEnd;
}

/** A hole and all that hangs on it. */
export interface Run {
  readonly penetration: Penetration;
  readonly strands: readonly Strand[];
}

/** Joints by both of their ends, and parts with their catalogue entry: what a walk needs. */
export interface JobIndex {
  readonly jointAt: (ref: EndRef) => Joint | undefined;
  readonly placed: (id: string) => { readonly placed: PlacedPart; readonly part: Part } | undefined;
}

/** Joints of a job at one thing: by the number of its end where it is a part, else the last. */
const jointsAt = memoize((list: Job['joints']): JobIndex['jointAt'] => {
  const joints = {
    part: new Map<string, Joint[]>(),
    hole: new Map<string, Joint[]>(),
    terminal: new Map<string, Joint[]>(),
  };
  const endOf = (ref: EndRef): number => (ref.of === 'part' ? ref.end : 0);
  for (const joint of list)
    for (const ref of [joint.a, joint.b]) {
      const own = joints[ref.of].get(ref.id);
      if (own) own[endOf(ref)] = joint;
      else {
        const first: Joint[] = [];
        first[endOf(ref)] = joint;
        joints[ref.of].set(ref.id, first);
      }
    }
  return (ref) => joints[ref.of].get(ref.id)?.[endOf(ref)];
});

const partsById = memoizeBoth((list: Job['parts'], catalogue: Catalogue): JobIndex['placed'] => {
  const parts = new Map<string, { placed: PlacedPart; part: Part }>();
  for (const placed of list) {
    const part = catalogue.byCode.get(placed.code);
    if (part) parts.set(placed.id, { placed, part });
  }
  return (id) => parts.get(id);
});

/** Indexes a job once, so that walks are linear. Parts that the catalogue does not know are left out. */
export const indexJob: (job: RunJob, catalogue: Catalogue) => JobIndex = memoizeBoth(
  ({ joints, parts }: RunJob, catalogue) => ({
    jointAt: jointsAt(joints),
    placed: partsById(parts, catalogue),
  }),
);

/** Do two references mean the same end? */
const isSame = (a: EndRef, b: EndRef): boolean =>
  a.of === b.of && a.id === b.id && (a.of !== 'part' || b.of !== 'part' || a.end === b.end);

export const otherSide = (joint: Joint, ref: EndRef): EndRef => (isSame(joint.a, ref) ? joint.b : joint.a);

/**
 * The strands of the run that starts at `from`: the first goes straight on, then one for each branch, in order; what
 * hangs on the inside of the wall is one of them.
 * A run that comes back on itself stops there.
 */
export function walkRun(from: EndRef, index: JobIndex): readonly Strand[] {
  const strands: Strand[] = [];
  const waiting: EndRef[] = [from];
  const visited = new Set<string>();
  for (let start = waiting.shift(); start !== undefined; start = waiting.shift()) {
    strands.push(walkStrand(start, index, visited, waiting));
  }
  return strands;
}

/** A run as it was walked, and all that the index was asked on the way, with what it said. */
interface Walk {
  readonly run: Run;
  readonly joints: readonly (readonly [EndRef, Joint | undefined])[];
  readonly parts: readonly (readonly [string, { readonly placed: PlacedPart; readonly part: Part } | undefined])[];
}

const lastWalk = new WeakMap<Penetration, Walk>();

/** The run of an opening: the same object as the last time, while the index says all that it said then. */
export function runOf(penetration: Penetration, index: JobIndex): Run {
  const last = lastWalk.get(penetration);
  const goesTheSame =
    last?.joints.every(([ref, joint]) => index.jointAt(ref) === joint) &&
    last.parts.every(([id, part]) => {
      const now = index.placed(id);
      return now?.placed === part?.placed && now?.part === part?.part;
    });
  if (last && goesTheSame) return last.run;
  const joints: Walk['joints'][number][] = [];
  const parts: Walk['parts'][number][] = [];
  const strands = walkRun(
    { of: 'hole', id: penetration.id },
    {
      jointAt: (ref) => {
        const joint = index.jointAt(ref);
        joints.push([ref, joint]);
        return joint;
      },
      placed: (id) => {
        const part = index.placed(id);
        parts.push([id, part]);
        return part;
      },
    },
  );
  const run = { penetration, strands };
  lastWalk.set(penetration, { run, joints, parts });
  return run;
}

function walkStrand(from: EndRef, index: JobIndex, visited: Set<string>, branches: EndRef[]): Strand {
  const items: StrandItem[] = [];
  let here = from;
  for (;;) {
    const joint = index.jointAt(here);
    if (!joint) return { from, items, end: openEnd(here, index) };
    const next = otherSide(joint, here);
    if (next.of !== 'part') return { from, items, end: { at: next.of, id: next.id, joint } };
    const found = index.placed(next.id);
    if (!found) return { from, items, end: { at: 'unknown', id: next.id, joint } };
    if (visited.has(next.id)) return { from, items, end: { at: 'closed' } };
    visited.add(next.id);
    const onward = found.part.ends.flatMap(({ position }, end) =>
      end === next.end || position === 'inside' ? [] : [end],
    );
    const outEnd = onward.find((end) => found.part.ends[end]?.position !== 'branch') ?? onward[0];
    items.push({ placed: found.placed, part: found.part, inEnd: next.end, outEnd, jointIn: joint });
    for (const end of onward) if (end !== outEnd) branches.push({ of: 'part', id: next.id, end });
    // What stands in a wall may carry something inside the tank too: a suction line, a riser from a pump.
    for (const [end, { position }] of found.part.ends.entries()) {
      const ref: EndRef = { of: 'part', id: next.id, end };
      if (position === 'inside' && end !== next.end && index.jointAt(ref)) branches.push(ref);
    }
    if (outEnd === undefined) return { from, items, end: { at: 'closed' } };
    here = { of: 'part', id: next.id, end: outEnd };
  }
}

function openEnd(ref: EndRef, index: JobIndex): StrandEnd {
  const end = ref.of === 'part' ? index.placed(ref.id)?.part.ends[ref.end] : undefined;
  return { at: end !== undefined && isSpout(end) ? 'discharge' : 'open', ref };
}

/** From the tank to the end of a strand: what comes before its branching, then its own parts. */
export function strandPath(run: Run, strand: Strand): readonly StrandItem[] {
  const { from } = strand;
  if (from.of !== 'part') return strand.items;
  const before = run.strands.find((one) => one !== strand && one.items.some(({ placed }) => placed.id === from.id));
  if (!before) return strand.items;
  const at = before.items.findIndex(({ placed }) => placed.id === from.id);
  return [...strandPath(run, { ...before, items: before.items.slice(0, at + 1) }), ...strand.items];
}

/** Every joint of a run, in walking order, without repeats. */
export const jointsOfRun: (strands: readonly Strand[]) => readonly Joint[] = memoize((strands: readonly Strand[]) => {
  const joints = new Set<Joint>();
  for (const { items, end } of strands) {
    for (const { jointIn } of items) if (jointIn) joints.add(jointIn);
    if ('joint' in end) joints.add(end.joint);
  }
  return [...joints];
});

/** Every part of a run, in walking order. */
export const itemsOfRun: (run: Run) => readonly StrandItem[] = memoize(({ strands }: Run) =>
  gather(strands, ({ items }) => items),
);

/** Does water leave at the end of a strand, or at a tap on the way? */
export const discharges = ({ items, end }: Strand): boolean =>
  end.at === 'discharge' || end.at === 'terminal' || items.some(({ part }) => part.features.includes('spout'));
