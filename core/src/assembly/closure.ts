import type { RunSight, JudgedJoint } from '../derived/context';
import { type Strand, type StrandItem, strandPath } from '../derived/run';
import { placeAt } from '../derived/strands';
import { holeById, tankOf } from '../job/lookup';
import type { Tank } from '../walls/tank';
import { coursesOf, pathOf } from './course';
import {
  type ToBeMade,
  freedomOfPart,
  freedomOfPlace,
  freedomOfTank,
  givesM,
  slidesThrough,
  toBeMade,
} from './freedom';
import { type JointNature, natureOf, opensInPlace } from './joint-nature';
import { type Vector, angleOf } from './vector';

/** A joint of a strand with how it is made. */
export interface MadeJoint {
  readonly judged: JudgedJoint;
  readonly nature: JointNature;
  /** The part that this joint leads into, by its place in the strand; absent at its far end. */
  readonly into: StrandItem | undefined;
}

/** New parts between two places that do not move of themselves: what stands already, a wall, a place that offers an end. */
export interface Stretch {
  readonly items: readonly StrandItem[];
  /** From the joint at its start to the one at its far end. */
  readonly joints: readonly MadeJoint[];
  /** Is its far end held too? */
  readonly heldAtBothEnds: boolean;
  /** The tanks in whose walls it begins and ends. */
  readonly tanks: readonly Tank[];
}

/** Does a stretch open again without moving what it lies between: an end that turns, a union, a piece that bends? */
export const opensAgain = ({ items, joints }: Pick<Stretch, 'items' | 'joints'>): boolean =>
  joints.some(({ nature }) => nature !== 'free' && opensInPlace(nature)) ||
  items.some(({ part }) => freedomOfPart(part).is !== 'fixed');

/** The new parts of a strand, parted by those that stand already. */
export function stretchesOf(strand: Strand, { judgedOf, job }: RunSight): readonly Stretch[] {
  const stretches: Stretch[] = [];
  let items: StrandItem[] = [];
  let made: MadeJoint[] = [];
  const tankAt = ({ id }: { readonly id: string }): readonly Tank[] => {
    const tank = tankOf(job, holeById(job, id));
    return tank ? [tank] : [];
  };
  let from = strand.from.of === 'hole' ? tankAt(strand.from) : [];
  const add = (judged: JudgedJoint | undefined, into: StrandItem | undefined): void => {
    if (judged) made.push({ judged, nature: natureOf(judged), into });
  };
  const close = (heldAtBothEnds: boolean, at: readonly Tank[] = []): void => {
    if (items.length > 0) stretches.push({ items, joints: made, heldAtBothEnds, tanks: [...from, ...at] });
    items = [];
    made = [];
    from = [];
  };
  for (const item of strand.items) {
    add(judgedOf(item.jointIn?.id), item);
    if (item.placed.existing) close(true);
    else items.push(item);
  }
  const { end } = strand;
  if ('joint' in end) add(judgedOf(end.joint.id), undefined);
  const place = placeAt(job, end);
  // What offers a pipe can be cut to fit; what offers a thread is where it is, unless it hangs loose.
  const isHeld = place && made.at(-1)?.nature === 'turns' && freedomOfPlace(place).is === 'fixed';
  close(end.at === 'hole' || isHeld === true, end.at === 'hole' ? tankAt(end) : []);
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

/** Between which axes a movement along one moves the other too [degrees] (our judgement). */
const ALIKE_DEGREES = 5;
const isAlike = (one: Vector, other: Vector): boolean => {
  const degrees = angleOf(one, other);
  return degrees <= ALIKE_DEGREES || degrees >= 180 - ALIKE_DEGREES;
};
const isLevel = ({ up }: Vector): boolean => Math.abs(up) <= Math.sin((ALIKE_DEGREES * Math.PI) / 180);

/**
 * How a stretch that is held at both ends is closed; `at` are the joints, by their place in it, that are made last. It follows
 * from what can move, and from nothing else (`freedom.ts`).
 */
export type Closing =
  /** The halves of a union. */
  | { readonly by: 'union'; readonly at: readonly []; readonly from: number; readonly item: StrandItem }
  /** A joint that is drawn together where it is: a nut, a flange, a sleeve. */
  | { readonly by: 'in-place'; readonly at: readonly number[] }
  /** A coupling that is pushed back over both of its joints. */
  | { readonly by: 'slip'; readonly at: readonly number[] }
  /** A piece that is bowed aside. */
  | { readonly by: 'bends'; readonly at: readonly number[]; readonly item: StrandItem }
  /** Two joints in one movement. */
  | { readonly by: 'at-once'; readonly at: readonly number[] }
  /** Pipe that is pushed on through a gasket, and drawn back. */
  | { readonly by: 'slides'; readonly at: readonly number[]; readonly through: JudgedJoint }
  /** A tank that is shifted while it is empty. */
  | { readonly by: 'shifts'; readonly at: readonly number[]; readonly tank: Tank };

/** What keeps a stretch that is held at both ends from being closed. */
export interface CannotClose {
  readonly stretch: Stretch;
  /**
   * `threads`: whichever joint comes last, neither side can turn. `sprung`: it closes only when it is sprung apart. `short`:
   * the piece that bends is too short to be bowed so far.
   */
  readonly because: 'threads' | 'sprung' | 'short';
  /** The joint at which it would be closed, and by how much its sides must come apart there [mm]. */
  readonly at: JudgedJoint;
  readonly byMm: number;
  /** The piece that would have to be longer. */
  readonly item?: StrandItem | undefined;
}

/** Which way each joint of a stretch looks; undefined where nobody has said which way what is before it points. */
function axesOf(stretch: Stretch, strand: Strand, context: RunSight): readonly (Vector | undefined)[] {
  const run = context.runs.find(({ strands }) => strands.includes(strand));
  const course = run && coursesOf(context).get(run.penetration.id);
  const legs = new Map((course?.along.get(strand) ?? []).map((leg) => [leg.placed.id, leg]));
  return stretch.joints.map(({ into }, place) => {
    const before = legs.get(stretch.items[place - 1]?.placed.id ?? '');
    const leg = legs.get(into?.placed.id ?? '');
    if (leg) return leg.sure ? leg.headingIn : undefined;
    return before?.sure && !before.assumed.includes('direction') ? before.headingOut : undefined;
  });
}

/** A joint that may be the last that is made, and what it asks for. */
type Last = ToBeMade & { readonly judged: JudgedJoint; readonly place: number };

/** A stretch that is held at both ends, and what its ways to close look at. */
interface Held {
  readonly stretch: Stretch;
  readonly strand: Strand;
  readonly context: RunSight;
  readonly lasts: readonly Last[];
  /** Of those the ones that nothing has to be turned for. */
  readonly pushed: readonly Last[];
}

// Joint n leads into part n.
const byUnion = ({ stretch: { items } }: Held): Closing | undefined => {
  const place = items.findIndex(({ part }) => part.features.includes('union-nut'));
  const item = items[place];
  return item && { by: 'union', at: [], from: place + 1, item };
};

const bySlip = ({ stretch: { items } }: Held): Closing | undefined => {
  const place = items.findIndex(({ part }) => part.features.includes('slip'));
  return place < 0 ? undefined : { by: 'slip', at: [place, place + 1] };
};

const inPlace = ({ pushed }: Held): Closing | undefined => {
  const last = pushed.findLast(({ apartMm }) => apartMm === 0);
  return last && { by: 'in-place', at: [last.place] };
};

function byBending({ stretch: { items }, pushed }: Held): Closing | undefined {
  for (const [place, item] of items.entries()) {
    if (freedomOfPart(item.part).is !== 'bends') continue;
    const gives = givesM(item.part, item.placed.lengthM);
    const last = pushed.findLast((one) => one.place === place || one.place === place + 1);
    if (last && (gives === undefined || gives * 1000 >= last.apartMm)) return { by: 'bends', at: [last.place], item };
  }
  return undefined;
}

function atOnce({ stretch: { joints }, strand, context }: Held): Closing | undefined {
  const found = pushedAtOnce(strand, context);
  const placeOf = (judged: JudgedJoint): number => joints.findIndex((one) => one.judged === judged);
  return found && { by: 'at-once', at: [placeOf(found.near), placeOf(found.far)] };
}

function bySliding({ stretch, strand, context, pushed }: Held): Closing | undefined {
  const axes = axesOf(stretch, strand, context);
  const alike = (one: Last, other: Last): boolean => {
    const [a, b] = [axes[one.place], axes[other.place]];
    return a === undefined || b === undefined || isAlike(a, b);
  };
  const gaskets = pushed.filter(({ judged }) => slidesThrough(judged));
  for (const last of pushed.toReversed()) {
    const through = gaskets.find((one) => one !== last && alike(one, last));
    if (through) return { by: 'slides', at: [last.place], through: through.judged };
  }
  return undefined;
}

function byShifting({ stretch, strand, context, pushed }: Held): Closing | undefined {
  const tank = stretch.tanks.findLast((one) => freedomOfTank(one).is === 'loose');
  const axes = axesOf(stretch, strand, context);
  const last = pushed.findLast(({ place }) => {
    const axis = axes[place];
    return axis === undefined || isLevel(axis);
  });
  return tank && last && { by: 'shifts', at: [last.place], tank };
}

/** Ways to close a stretch, the easiest first. */
const WAYS_TO_CLOSE: readonly ((held: Held) => Closing | undefined)[] = [
  byUnion,
  bySlip,
  inPlace,
  byBending,
  atOnce,
  bySliding,
  byShifting,
];

/** How a stretch is closed, or what keeps it from being closed; undefined where an end of it is free. */
export function closingOf(
  stretch: Stretch,
  strand: Strand,
  context: RunSight,
): { readonly closes: Closing } | { readonly cannot: CannotClose } | undefined {
  if (!stretch.heldAtBothEnds) return undefined;
  const lasts = stretch.joints.flatMap(({ judged, nature }, place): Last[] =>
    // What goes in from inside a tank goes in before anything stands in front of it: its hole closes nothing.
    nature === 'in-wall' || nature === 'free' ? [] : [{ judged, place, ...toBeMade(judged) }],
  );
  const held = { stretch, strand, context, lasts, pushed: lasts.filter(({ turned }) => !turned) };
  for (const way of WAYS_TO_CLOSE) {
    const closes = way(held);
    if (closes) return { closes };
  }
  const cannot = cannotOf(held);
  return cannot && { cannot };
}

/** What keeps a stretch from being closed; undefined where it has no joint but in walls. */
function cannotOf({ stretch, lasts, pushed }: Held): CannotClose | undefined {
  const item = stretch.items.find(({ part }) => freedomOfPart(part).is === 'bends');
  const sprung = pushed.toSorted((a, b) => a.apartMm - b.apartMm)[0];
  if (sprung) return { stretch, because: item ? 'short' : 'sprung', at: sprung.judged, byMm: sprung.apartMm, item };
  const last = lasts.at(-1);
  return last && { stretch, because: 'threads', at: last.judged, byMm: 0 };
}

/**
 * Stretches between two fixed points of which nothing gives way far enough (common practice). A stretch is built from both
 * of its ends; the joint that comes last finds both sides held.
 */
export const cannotClose = (strand: Strand, context: RunSight): readonly CannotClose[] =>
  stretchesOf(strand, context).flatMap((stretch) => {
    const closing = closingOf(stretch, strand, context);
    return closing && 'cannot' in closing ? [closing.cannot] : [];
  });
