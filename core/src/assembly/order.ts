import type { RunSight, JudgedJoint } from '../derived/context';
import type { Run, Strand, StrandItem } from '../derived/run';
import { isFlexible } from './flexible';
import { type PushedAtOnce, type Stretch, givesWay, pushedAtOnce, stretchesOf } from './closure';
import { type JointNature, opensInPlace } from './joint-nature';

/** One step of putting a strand together: a joint is made by bringing a part, or the halves of a union are. */
export interface AssemblyStep {
  /** Absent where the halves of a union meet, which is inside the part. */
  readonly judged: JudgedJoint | undefined;
  readonly nature: JointNature;
  /** The part that is brought, or the union that is closed; absent where a place is reached. */
  readonly brought: StrandItem | undefined;
  /**
   * `on`: in its turn. `from-far-end`: from the far end back, before the run is closed. `bench`: made up before it is put
   * in. `closes`: last, with both sides held; `at-once`: last, two joints in one movement.
   */
  readonly when: 'on' | 'from-far-end' | 'bench' | 'closes' | 'at-once';
}

/** Where a stretch that is held at both ends is closed: in a union, or at joints, by their places. */
interface Closing {
  /** Joints before this place are made from the tank outward. */
  readonly from: number;
  /** Joints from this place on are made from the far end back; what lies between closes. */
  readonly to: number;
  readonly union: StrandItem | undefined;
}

/** A union if there is one; where a joint opens again; a slip coupling, by both of its joints; where a piece bends. */
function closingOf({ items, joints }: Stretch): Closing {
  // Joint n leads into part n.
  const place = (has: (item: StrandItem) => boolean): number => items.findIndex(has);
  const union = place(({ part }) => part.features.includes('union-nut'));
  if (union >= 0) return { from: union + 1, to: union + 1, union: items[union] };
  const slip = place(({ part }) => part.features.includes('slip'));
  if (slip >= 0) return { from: slip, to: slip + 2, union: undefined };
  const opens = joints.findLastIndex(({ nature }) => nature !== 'free' && opensInPlace(nature));
  const bends = place(({ part }) => isFlexible(part));
  // What goes in from inside a tank goes in before anything stands in front of it: its hole closes nothing.
  const outside = joints.findLastIndex(({ nature }) => nature !== 'in-wall');
  const last = opens >= 0 ? opens : bends >= 0 ? bends : outside;
  return { from: last, to: last + 1, union: undefined };
}

/** The steps of a stretch that is made up on the bench and pushed on to both of its ends in one movement. */
function pushedOn({ joints, items }: Stretch, { near, far }: PushedAtOnce): readonly AssemblyStep[] {
  const at = (judged: JudgedJoint): number => joints.findIndex((one) => one.judged === judged);
  // The near joint of a branch lies in the line that it leaves.
  const [from, to] = [at(near), at(far)];
  const forward = joints.slice(0, to + 1).map(({ judged, nature, into }, place): AssemblyStep => {
    const when = place === from || place === to ? 'at-once' : place < from ? 'on' : 'bench';
    return { judged, nature, brought: into, when };
  });
  return [...forward, ...fromFarEnd({ joints, items }, to + 1)];
}

/** The joints from a place on, made from the far end back: what is brought is the part before the joint. */
const fromFarEnd = ({ joints, items }: Pick<Stretch, 'joints' | 'items'>, from: number): readonly AssemblyStep[] =>
  joints
    .slice(from)
    .map(({ judged, nature }, place): AssemblyStep => ({
      judged,
      nature,
      brought: items[from + place - 1],
      when: 'from-far-end',
    }))
    .toReversed();

/**
 * The order in which a strand goes together: from the wall outward, each part brought to what stands; where the far end
 * is held too, the rest from there backward, and last the joint that closes while both sides stay.
 */
export function assemblyOf(strand: Strand, context: RunSight): readonly AssemblyStep[] {
  return inOrder(stretchesOf(strand, context).flatMap((stretch) => stepsOf(stretch, strand, context)));
}

function stepsOf(stretch: Stretch, strand: Strand, context: RunSight): readonly AssemblyStep[] {
  const { joints, heldAtBothEnds } = stretch;
  if (!heldAtBothEnds) return joints.map(({ judged, nature, into }) => ({ judged, nature, brought: into, when: 'on' }));
  const atOnce = givesWay(stretch) ? undefined : pushedAtOnce(strand, context);
  if (atOnce) return pushedOn(stretch, atOnce);
  const { from, to, union } = closingOf(stretch);
  const outward = joints
    .slice(0, from)
    .map(({ judged, nature, into }): AssemblyStep => ({ judged, nature, brought: into, when: 'on' }));
  const closes = union
    ? [{ judged: undefined, nature: 'by-hand' as const, brought: union, when: 'closes' as const }]
    : joints
        .slice(from, to)
        .map(({ judged, nature, into }) => ({ judged, nature, brought: into, when: 'closes' as const }));
  return [...outward, ...fromFarEnd(stretch, to), ...closes];
}

const TURN: Readonly<Record<AssemblyStep['when'], number>> = {
  on: 1,
  'from-far-end': 1,
  bench: 2,
  closes: 3,
  'at-once': 4,
};
/** Walls first, then what goes on to them, then what is made up on the bench, and what closes last of all. */
const inOrder = (steps: readonly AssemblyStep[]): readonly AssemblyStep[] => {
  const turn = ({ nature, when }: AssemblyStep): number => (nature === 'in-wall' ? 0 : TURN[when]);
  return steps.toSorted((a, b) => turn(a) - turn(b));
};

/** The order in which a run goes together, with all that branches off it. */
export const orderOf = (run: Run, context: RunSight): readonly AssemblyStep[] =>
  inOrder(run.strands.flatMap((strand) => assemblyOf(strand, context)));
