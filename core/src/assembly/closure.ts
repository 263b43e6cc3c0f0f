import type { RunSight, JudgedJoint } from '../derived/context';
import { type Strand, type StrandItem, strandPath } from '../derived/run';
import { coursesOf, pathOf } from './course';
import { isFlexible } from './flexible';
import { type JointNature, natureOf, opensInPlace } from './joint-nature';
import { angleOf } from './vector';

/** A joint of a strand with how it is made. */
export interface MadeJoint {
  readonly judged: JudgedJoint;
  readonly nature: JointNature;
  /** The part that this joint leads into, by its place in the strand; absent at its far end. */
  readonly into: StrandItem | undefined;
}

/** New parts between two places that do not move: what stands already, a wall, a place that offers an end. */
export interface Stretch {
  readonly items: readonly StrandItem[];
  /** From the joint at its start to the one at its far end. */
  readonly joints: readonly MadeJoint[];
  /** Is its far end held too? */
  readonly heldAtBothEnds: boolean;
}

/** Where a strand can be closed without moving what it closes between: an end that turns, a union, a piece that bends. */
export const givesWay = ({ items, joints }: Stretch): boolean =>
  joints.some(({ nature }) => nature !== 'free' && opensInPlace(nature)) ||
  items.some(({ part }) => isFlexible(part) || part.features.includes('union-nut') || part.features.includes('slip'));

/** The new parts of a strand, parted by those that stand already. */
export function stretchesOf(strand: Strand, { judgedOf }: RunSight): readonly Stretch[] {
  const stretches: Stretch[] = [];
  let items: StrandItem[] = [];
  let made: MadeJoint[] = [];
  const add = (judged: JudgedJoint | undefined, into: StrandItem | undefined): void => {
    if (judged) made.push({ judged, nature: natureOf(judged), into });
  };
  const close = (heldAtBothEnds: boolean): void => {
    if (items.length > 0) stretches.push({ items, joints: made, heldAtBothEnds });
    items = [];
    made = [];
  };
  for (const item of strand.items) {
    add(judgedOf(item.jointIn?.id), item);
    if (item.placed.existing) close(true);
    else items.push(item);
  }
  const { end } = strand;
  if ('joint' in end) add(judgedOf(end.joint.id), undefined);
  // What offers a pipe can be cut to fit; what offers a thread is where it is.
  close(end.at === 'hole' || (end.at === 'terminal' && made.at(-1)?.nature === 'turns'));
  return stretches;
}

/** Two joints that are pushed together in one movement, the far one of them in this strand. */
export interface PushedAtOnce {
  readonly near: JudgedJoint;
  readonly far: JudgedJoint;
}

/** Two pieces go in side by side while they lie no further out of true than this [degrees] (our judgement). */
const PARALLEL_DEGREES = 1;
const slides = (nature: JointNature): boolean => nature === 'glued' || nature === 'pulls';

/**
 * What lies between two ends is made up on the bench and pushed on to both of them in one movement, where the two joints
 * look the same way: the drops of a line that hangs under two tanks (common practice). Undefined where they do not, or where
 * nobody has said which way the bends between point.
 */
export function pushedAtOnce(strand: Strand, context: RunSight): PushedAtOnce | undefined {
  const run = context.runs.find(({ strands }) => strands.includes(strand));
  const course = run && coursesOf(context).get(run.penetration.id);
  if (!run || !course || strand.end.at !== 'hole') return undefined;
  const path = pathOf(strand, run, course);
  if (path.some(({ placed, assumed }) => placed.existing || assumed.some((one) => one !== 'length'))) return undefined;
  const items = strandPath(run, strand);
  const made = [
    ...items.flatMap(({ jointIn }, place) => ({ judged: context.judgedOf(jointIn?.id), goes: path[place]?.headingIn })),
    { judged: context.judgedOf(strand.end.joint.id), goes: path.at(-1)?.headingOut },
  ].flatMap(({ judged, goes }) => (judged && goes ? [{ judged, goes, slides: slides(natureOf(judged)) }] : []));
  const far = made.findLast((one) => one.slides);
  const near =
    far && made.find((one) => one.slides && one !== far && angleOf(one.goes, far.goes) > 180 - PARALLEL_DEGREES);
  return near && far && made.indexOf(near) < made.indexOf(far) ? { near: near.judged, far: far.judged } : undefined;
}

/** What keeps a stretch that is held at both ends from being closed. */
export interface CannotClose {
  readonly stretch: Stretch;
  /** `threads`: whichever joint comes last, neither side can turn. `sprung`: it closes only when it is sprung apart. */
  readonly because: 'threads' | 'sprung';
  /** The joint at which it would be closed, and by how much it must be sprung apart there [mm]. */
  readonly at: JudgedJoint;
  readonly byMm: number;
}

/**
 * Rigid stretches between two fixed points without a union, a swivel or a piece that gives way (common practice).
 * A stretch is built from both of its ends; the joint that comes last finds both sides held.
 */
export function cannotClose(strand: Strand, context: RunSight): readonly CannotClose[] {
  return stretchesOf(strand, context).flatMap((stretch): CannotClose[] => {
    if (!stretch.heldAtBothEnds || givesWay(stretch) || pushedAtOnce(strand, context)) return [];
    const glued = stretch.joints
      .filter(({ nature }) => nature === 'glued')
      .toSorted((a, b) => a.judged.mating.engagementMm - b.judged.mating.engagementMm)[0];
    if (glued) return [{ stretch, because: 'sprung', at: glued.judged, byMm: glued.judged.mating.engagementMm }];
    const last = stretch.joints.filter(({ nature }) => nature === 'turns').at(-1);
    return last ? [{ stretch, because: 'threads', at: last.judged, byMm: 0 }] : [];
  });
}
