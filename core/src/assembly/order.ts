import type { CheckContext, JudgedJoint } from '../job/context';
import type { Strand, StrandItem } from '../job/run';
import { isFlexible } from './flexible';
import { type Stretch, stretchesOf } from './closure';
import { type JointNature, opensInPlace } from './joint-nature';

/** One step of putting a strand together: this joint is made now, by moving this part. */
export interface AssemblyStep {
  readonly judged: JudgedJoint;
  readonly nature: JointNature;
  /** The part that is brought; absent where a place is reached. */
  readonly brought: StrandItem | undefined;
  /** `on`: in its turn. `from-far-end`: from the far end back, before the run is closed. `closes`: last, with both sides held. */
  readonly when: 'on' | 'from-far-end' | 'closes';
}

/** The joint at which a stretch that is held at both ends is closed: where it opens again, or where a piece bends. */
function closingPlace({ items, joints }: Stretch): number {
  const opens = joints.findLastIndex(({ nature }) => nature !== 'free' && opensInPlace(nature));
  if (opens >= 0) return opens;
  const gives = items.findIndex(
    ({ part }) => part.features.includes('union-nut') || part.features.includes('slip') || isFlexible(part),
  );
  // Joint n leads into part n: a part that gives is closed at its near joint.
  return gives >= 0 ? gives : joints.length - 1;
}

/**
 * The order in which a strand goes together: from the wall outward, each part brought to what stands; where the far end
 * is held too, the rest from there backward, and last the joint that closes while both sides stay.
 */
export function assemblyOf(strand: Strand, context: CheckContext): readonly AssemblyStep[] {
  return stretchesOf(strand, context).flatMap((stretch): readonly AssemblyStep[] => {
    const { joints, heldAtBothEnds, items } = stretch;
    if (!heldAtBothEnds)
      return joints.map(({ judged, nature, into }) => ({ judged, nature, brought: into, when: 'on' }));
    const closing = closingPlace(stretch);
    const outward = joints
      .slice(0, closing)
      .map(({ judged, nature, into }): AssemblyStep => ({ judged, nature, brought: into, when: 'on' }));
    // From the far end back, what is brought is the part before the joint.
    const backward = joints
      .slice(closing + 1)
      .map(({ judged, nature }, place): AssemblyStep => ({
        judged,
        nature,
        brought: items[closing + place],
        when: 'from-far-end',
      }))
      .toReversed();
    const last = joints[closing];
    return [
      ...outward,
      ...backward,
      ...(last ? [{ judged: last.judged, nature: last.nature, brought: undefined, when: 'closes' as const }] : []),
    ];
  });
}
