import type { RunSight, JudgedJoint } from '../derived/context';
import type { Strand, StrandItem } from '../derived/run';
import { isFlexible } from './flexible';
import { type Stretch, stretchesOf } from './closure';
import { type JointNature, opensInPlace } from './joint-nature';

/** One step of putting a strand together: a joint is made by bringing a part, or the halves of a union are. */
export interface AssemblyStep {
  /** Absent where the halves of a union meet, which is inside the part. */
  readonly judged: JudgedJoint | undefined;
  readonly nature: JointNature;
  /** The part that is brought, or the union that is closed; absent where a place is reached. */
  readonly brought: StrandItem | undefined;
  /** `on`: in its turn. `from-far-end`: from the far end back, before the run is closed. `closes`: last, with both sides held. */
  readonly when: 'on' | 'from-far-end' | 'closes';
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
  const last = opens >= 0 ? opens : bends >= 0 ? bends : joints.length - 1;
  return { from: last, to: last + 1, union: undefined };
}

/**
 * The order in which a strand goes together: from the wall outward, each part brought to what stands; where the far end
 * is held too, the rest from there backward, and last the joint that closes while both sides stay.
 */
export function assemblyOf(strand: Strand, context: RunSight): readonly AssemblyStep[] {
  return stretchesOf(strand, context).flatMap((stretch): readonly AssemblyStep[] => {
    const { joints, heldAtBothEnds, items } = stretch;
    if (!heldAtBothEnds)
      return joints.map(({ judged, nature, into }) => ({ judged, nature, brought: into, when: 'on' }));
    const { from, to, union } = closingOf(stretch);
    const outward = joints
      .slice(0, from)
      .map(({ judged, nature, into }): AssemblyStep => ({ judged, nature, brought: into, when: 'on' }));
    // From the far end back, what is brought is the part before the joint.
    const backward = joints
      .slice(to)
      .map(({ judged, nature }, place): AssemblyStep => ({
        judged,
        nature,
        brought: items[to + place - 1],
        when: 'from-far-end',
      }))
      .toReversed();
    const closes = union
      ? [{ judged: undefined, nature: 'by-hand' as const, brought: union, when: 'closes' as const }]
      : joints
          .slice(from, to)
          .map(({ judged, nature, into }) => ({ judged, nature, brought: into, when: 'closes' as const }));
    return [...outward, ...backward, ...closes];
  });
}
