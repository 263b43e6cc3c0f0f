import { type PlanPoint, planDistance } from '../quantity/space';
import { AGREE_M, settle } from './settle';
import { type Crossing, type Reach, crossingOf, isFlat, offBy } from './tapes';

/** Of the line from the first reference to the second. */
export type WhichSide = 'left' | 'right';

/** A place by tapes, and what each of them says of it. */
export interface TapedPlace {
  readonly at: PlanPoint | undefined;
  readonly trouble:
    | 'not-placed'
    /** One reference: it lies somewhere on a circle. */
    | 'one-tape'
    | 'do-not-meet'
    /** The tapes cross too flat. */
    | 'flat'
    /** A further tape does not agree: which of them is wrong cannot be told. */
    | 'misfit'
    /** One reading is far from where the others, which agree, put it. */
    | 'blunder'
    | undefined;
  /** So much is missing between two tapes that do not meet [m]. */
  readonly shortM: number;
  /** The other place where the first two tapes cross, where nothing else tells the two apart. */
  readonly other: PlanPoint | undefined;
  /** How much longer each reading is than the place makes it [m], in their order; undefined where there is no place. */
  readonly offM: readonly (number | undefined)[];
  /** Which reading is the blunder, by its place; undefined: none. */
  readonly blunder: number | undefined;
}

/** One reference, with all that was read from it made one. */
interface Held extends Reach {
  readonly indices: readonly number[];
}

interface Averaged {
  readonly held: readonly Held[];
  readonly blunder: number | undefined;
  readonly apart: boolean;
}

/** Several readings of one distance are averaged; one that is far from the others is left out and named. */
function averaged(reaches: readonly Reach[]): Averaged {
  const groups: { readonly at: PlanPoint; readonly indices: number[] }[] = [];
  for (const [index, { at }] of reaches.entries()) {
    const own = groups.find((group) => planDistance(group.at, at) < AGREE_M / 1000);
    if (own) own.indices.push(index);
    else groups.push({ at, indices: [index] });
  }
  const made = groups.map(({ at, indices }) => {
    const settled = settle(indices.map((index) => reaches[index]?.radiusM));
    return { settled, indices, held: { at, radiusM: settled?.valueM ?? 0, indices } };
  });
  const wrong = made.find(({ settled }) => settled?.blunder !== undefined);
  return {
    held: made.map(({ held }) => held),
    blunder: wrong?.indices[wrong.settled?.blunder ?? 0],
    apart: made.some(({ settled }) => settled?.trouble === 'apart'),
  };
}

/** A place that two of the tapes make, and the others that agree with it. */
interface Made {
  readonly pair: readonly [Held, Held];
  readonly way: WhichSide;
  readonly at: PlanPoint;
  readonly degrees: number;
  readonly agree: readonly Held[];
}

const agrees = (at: PlanPoint, reach: Reach): boolean => Math.abs(offBy(reach, at)) <= AGREE_M;

/** Every place that two tapes make, the first two and the side that was said first. */
function everyPlace(held: readonly Held[], side: WhichSide): readonly Made[] {
  const ways: readonly WhichSide[] = side === 'left' ? ['left', 'right'] : ['right', 'left'];
  return held.flatMap((one, place) =>
    held.slice(place + 1).flatMap((other) => {
      const crossing = crossingOf(one, other);
      if (!crossing.meets) return [];
      return ways.map((way): Made => {
        const at = crossing[way];
        const agree = held.filter((third) => third !== one && third !== other && agrees(at, third));
        return { pair: [one, other], way, at, degrees: crossing.degrees, agree };
      });
    }),
  );
}

/**
 * Where tapes put a thing. The first two place it, on the side that was said; every further one is a check. Where those
 * checks agree with another pair instead, that pair places it, and the one tape outside is the blunder. Three tapes alone
 * say that one is wrong and not which.
 */
export function placeByTapes(reaches: readonly Reach[], side: WhichSide): TapedPlace {
  const { held, blunder, apart } = averaged(reaches);
  const nowhere = (trouble: TapedPlace['trouble'], shortM = 0): TapedPlace => ({
    at: undefined,
    trouble,
    shortM,
    other: undefined,
    offM: reaches.map(() => undefined),
    blunder: undefined,
  });
  const [first, second] = held;
  if (!first) return nowhere('not-placed');
  if (!second) return nowhere('one-tape');
  if (apart) return nowhere('misfit');
  const made = everyPlace(held, side);
  const most = Math.max(0, ...made.map(({ agree }) => agree.length));
  const taken = made.find(({ agree }) => agree.length === most);
  if (!taken) return nowhere('do-not-meet', shortBy(crossingOf(first, second)));
  const outside = held.filter((one) => !agrees(taken.at, one));
  const oneWrong = outside.length === 1 && taken.agree.length > 0 ? outside[0] : undefined;
  const flat = held.length === 2 && isFlat(taken.degrees);
  const crossing = crossingOf(first, second);
  return {
    at: taken.at,
    trouble: oneWrong
      ? 'blunder'
      : outside.length > 0
        ? 'misfit'
        : flat
          ? 'flat'
          : blunder === undefined
            ? undefined
            : 'blunder',
    shortM: 0,
    other: held.length === 2 && crossing.meets ? crossing[taken.way === 'left' ? 'right' : 'left'] : undefined,
    offM: reaches.map((reach) => offBy(reach, taken.at)),
    blunder: oneWrong ? oneWrong.indices[0] : blunder,
  };
}

const shortBy = (crossing: Crossing): number => (crossing.meets ? 0 : crossing.shortM);
