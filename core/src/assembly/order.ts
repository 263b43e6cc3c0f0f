import type { RunSight, JudgedJoint } from '../derived/context';
import type { Run, Strand, StrandItem } from '../derived/run';
import { type Closing, type Stretch, closingOf, stretchesOf } from './closure';
import type { JointNature } from './joint-nature';
import { isMetal } from '../connections/material';
import { looksSomewhere } from './pointing';

/** One step of putting a strand together: a joint is made by bringing a part, or the halves of a union are. */
export interface AssemblyStep {
  /** Absent where the halves of a union meet, which is inside the part. */
  readonly judged: JudgedJoint | undefined;
  readonly nature: JointNature;
  /** The part that is brought, or the union that is closed; absent where a place is reached. */
  readonly brought: StrandItem | undefined;
  /**
   * `on`: in its turn. `from-far-end`: from the far end back, before the run is closed. `bench`: made up before it is put
   * in. `bench-before`: soldered on the bench before the fitting it goes into is screwed on. `closes`: last, with both sides held; `at-once`: last, two joints in one movement.
   */
  readonly when: 'on' | 'from-far-end' | 'bench' | 'bench-before' | 'closes' | 'at-once';
  /** What moves for a joint that closes; absent where nothing does and it must be sprung, or cannot be made. */
  readonly closing?: Closing | undefined;
}

/** The steps of a stretch that is made up on the bench and pushed on to both of its ends in one movement. */
function pushedOn({ joints, items }: Stretch, closing: Closing & { readonly by: 'at-once' }): readonly AssemblyStep[] {
  // The near joint of a branch lies in the line that it leaves.
  const [from = -1, to = -1] = closing.at;
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
  return inOrder(stretchesOf(strand, context).flatMap((stretch) => benchFirst(stepsOf(stretch, strand, context))));
}

function stepsOf(stretch: Stretch, strand: Strand, context: RunSight): readonly AssemblyStep[] {
  const { joints } = stretch;
  const found = closingOf(stretch, strand, context);
  if (!found) return joints.map(({ judged, nature, into }) => ({ judged, nature, brought: into, when: 'on' }));
  const closing = 'closes' in found ? found.closes : undefined;
  if (closing?.by === 'at-once') return pushedOn(stretch, closing);
  // Joints before `from` are made from the tank outward, from `to` on from the far end back; what lies between closes.
  const lasts = 'cannot' in found ? [joints.findIndex(({ judged }) => judged === found.cannot.at)] : found.closes.at;
  const from = closing?.by === 'union' ? closing.from : Math.min(...lasts);
  const to = closing?.by === 'union' ? closing.from : Math.max(...lasts) + 1;
  const outward = joints
    .slice(0, from)
    .map(({ judged, nature, into }): AssemblyStep => ({ judged, nature, brought: into, when: 'on' }));
  const closes: readonly AssemblyStep[] =
    closing?.by === 'union'
      ? [{ judged: undefined, nature: 'by-hand', brought: closing.item, when: 'closes', closing }]
      : joints
          .slice(from, to)
          .map(({ judged, nature, into }) => ({ judged, nature, brought: into, when: 'closes', closing }));
  return [...outward, ...fromFarEnd(stretch, to), ...closes];
}

const TURN: Readonly<Record<AssemblyStep['when'], number>> = {
  'bench-before': 0.5,
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

/** Plastic melts where metal is soldered near it (common practice). */
const isOnPlastic = ({ judged }: AssemblyStep): boolean =>
  [judged?.a, judged?.b].some((side) => side?.material !== undefined && !isMetal(side.material));
const isSoldered = ({ judged }: AssemblyStep): boolean =>
  judged?.mating.needs.some(({ kind }) => kind === 'solder') === true;

/**
 * What is soldered next behind a fitting that is screwed on to plastic is soldered into it first, on the bench, where it goes straight on:
 * the fitting is screwed on with it.
 */
const benchFirst = (steps: readonly AssemblyStep[]): readonly AssemblyStep[] =>
  steps.map((step, place) => {
    const before = steps[place - 1];
    const straight = step.brought !== undefined && !looksSomewhere(step.brought.part);
    return before?.nature === 'turns' &&
      before.when === step.when &&
      isOnPlastic(before) &&
      isSoldered(step) &&
      straight
      ? { ...step, when: 'bench-before' }
      : step;
  });

/** The order in which a run goes together, with all that branches off it. */
export const orderOf = (run: Run, context: RunSight): readonly AssemblyStep[] =>
  inOrder(run.strands.flatMap((strand) => assemblyOf(strand, context)));
