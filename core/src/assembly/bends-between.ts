import {
  type Vector,
  angleOf,
  cross,
  dot,
  lengthOf,
  minus,
  plus,
  rolled,
  squareTo,
  times,
  turned,
  unit,
} from './vector';

/** A bend that is made: how far it turns, and from its middle to the foot of a socket [m]. */
export interface MadeBend {
  readonly degrees: number;
  readonly takeOffM: number;
}

/** An end of a line: where the pipe stops, and the way the line goes there, from the first end to the second. */
export interface LineEnd {
  readonly at: Vector;
  readonly goes: Vector;
}

/** Pieces and bends between two ends: one piece more than bends. */
export interface BentWay<Bend extends MadeBend = MadeBend> {
  readonly bends: readonly Bend[];
  /** The way of each piece. */
  readonly goes: readonly Vector[];
  /** Middle to middle, or to an end [m]. */
  readonly legsM: readonly number[];
  /** What of each leg is pipe [m]. */
  readonly cutsM: readonly number[];
  readonly turningDegrees: number;
}

/** Joints give so much that this is no turn [degrees]; a gap of this is none [m]. */
const SAME_DEGREES = 0.05;
const SAME_M = 0.0005;
/** From here on a way is upright [share of its length]. */
const STEEP = 0.999;
/** In a way with three bends the middle one is looked for in steps of so many degrees. */
const STEP_DEGREES = 7.5;

/** What is left of each leg for pipe: less the bend at either end of it. */
const cutsOf = (legsM: readonly number[], bends: readonly MadeBend[]): readonly number[] =>
  legsM.map((leg, place) => leg - (bends[place - 1]?.takeOffM ?? 0) - (bends[place]?.takeOffM ?? 0));

function wayOf<Bend extends MadeBend>(
  bends: readonly Bend[],
  goes: readonly Vector[],
  legsM: readonly number[],
  leastM: number,
): BentWay<Bend> | undefined {
  const cutsM = cutsOf(legsM, bends);
  if (cutsM.some((cut) => cut < leastM)) return undefined;
  return { bends, goes, legsM, cutsM, turningDegrees: bends.reduce((sum, { degrees }) => sum + degrees, 0) };
}

/** Lengths along these directions that add up to a gap; undefined where they do not, or are not three. */
function threeLegs(goes: readonly [Vector, Vector, Vector], gap: Vector): readonly number[] | undefined {
  const [a, b, c] = goes;
  const volume = dot(a, cross(b, c));
  if (Math.abs(volume) < 1e-6) return undefined;
  return [dot(gap, cross(b, c)) / volume, dot(a, cross(gap, c)) / volume, dot(a, cross(b, gap)) / volume];
}

/** Directions that make one angle with one way and another with another: both, their mirror images. */
function between(u: Vector, uDegrees: number, v: Vector, vDegrees: number): readonly Vector[] {
  const [p, q] = [Math.cos((uDegrees * Math.PI) / 180), Math.cos((vDegrees * Math.PI) / 180)];
  const c = dot(u, v);
  const square = unit(cross(u, v));
  if (!square) return [];
  const [a, b] = [(p - q * c) / (1 - c ** 2), (q - p * c) / (1 - c ** 2)];
  const flat = plus(times(u, a), times(v, b));
  const rest = 1 - dot(flat, flat);
  if (rest < -1e-9) return [];
  const off = Math.sqrt(Math.max(0, rest));
  return off < 1e-6 ? [flat] : [plus(flat, times(square, off)), plus(flat, times(square, -off))];
}

/** In one plane with both ways and the gap: two legs. */
function twoLegs(u: Vector, v: Vector, gap: Vector): readonly number[] | undefined {
  const square = unit(cross(u, v));
  if (!square || Math.abs(dot(gap, square)) > SAME_M) return undefined;
  const across = cross(square, u);
  const second = dot(gap, across) / dot(v, across);
  return [dot(gap, u) - second * dot(v, u), second];
}

/** Every way to take so many of a list, in order. */
function choose(count: number, of: number, from = 0): readonly (readonly number[])[] {
  if (count === 0) return [[]];
  return Array.from({ length: Math.max(0, of - from) }, (_, place) => from + place).flatMap((first) =>
    choose(count - 1, of, first + 1).map((rest) => [first, ...rest]),
  );
}
const THREES = new Map([3, 4, 5].map((of) => [of, choose(3, of)]));
const TWOS = new Map([3, 4, 5].map((of) => [of, choose(2, of)]));

/**
 * Legs along more directions than a gap has dimensions: the shortest together of those with none under its least. In the
 * shortest all but three are at their least (all but two where everything lies in one plane), so each three is tried.
 */
function shortestLegs(goes: readonly Vector[], gap: Vector, leasts: readonly number[]): readonly number[] | undefined {
  const rest = goes.reduce((left, way, place) => minus(left, times(way, leasts[place] ?? 0)), gap);
  let best: readonly number[] | undefined;
  let least = Infinity;
  const consider = (places: readonly number[], more: readonly number[] | undefined): void => {
    if (!more || more.some((one) => one < -SAME_M / 10)) return;
    const sum = more.reduce((total, one) => total + one, 0);
    if (sum >= least) return;
    least = sum;
    best = leasts.map((own, place) => own + (more[places.indexOf(place)] ?? 0));
  };
  let flat = true;
  for (const places of THREES.get(goes.length) ?? []) {
    const three = places.map((place) => goes[place]) as unknown as readonly [Vector, Vector, Vector];
    const more = threeLegs(three, rest);
    flat &&= more === undefined;
    consider(places, more);
  }
  if (flat)
    for (const places of TWOS.get(goes.length) ?? []) {
      const [u, v] = places.map((place) => goes[place]);
      consider(places, u && v && twoLegs(u, v, rest));
    }
  return best;
}

/** Every way with none, one or two bends; there are no others with so few. */
function withFew<Bend extends MadeBend>(
  from: LineEnd,
  to: LineEnd,
  made: readonly Bend[],
  leastM: number,
): readonly BentWay<Bend>[] {
  const [u, v] = [from.goes, to.goes];
  const gap = minus(to.at, from.at);
  const psi = angleOf(u, v);
  if (psi < SAME_DEGREES && lengthOf(minus(gap, times(u, dot(gap, u)))) < SAME_M) {
    const straight = wayOf<Bend>([], [u], [dot(gap, u)], leastM);
    if (straight) return [straight];
  }
  const single = made.flatMap((bend) => {
    const legs = Math.abs(bend.degrees - psi) < SAME_DEGREES ? twoLegs(u, v, gap) : undefined;
    const way = legs && wayOf([bend], [u, v], legs, leastM);
    return way ? [way] : [];
  });
  if (single.length > 0) return single;
  return made.flatMap((first) =>
    made.flatMap((second) => {
      if (psi < SAME_DEGREES) {
        // An offset: both turn alike, in the plane of the gap; what is left of the length is shared by both ends.
        const set = squareTo(u, gap);
        const middle = first.degrees === second.degrees && set ? turned(u, set, first.degrees) : undefined;
        if (!middle || !set) return [];
        const travel = dot(gap, set) / Math.sin((first.degrees * Math.PI) / 180);
        const rest = dot(gap, u) - travel * Math.cos((first.degrees * Math.PI) / 180);
        // What comes down drops first, so that the rest lies low.
        const lastM = u.up < -STEEP ? leastM + second.takeOffM : rest / 2;
        const way = wayOf([first, second], [u, middle, v], [rest - lastM, travel, lastM], leastM - SAME_M / 10);
        return way ? [way] : [];
      }
      if (psi > 180 - SAME_DEGREES) {
        // Back beside itself: down, across and up. How far it goes out is free; as little as can be.
        const set = Math.abs(first.degrees + second.degrees - 180) < SAME_DEGREES ? squareTo(u, gap) : undefined;
        if (!set || first.degrees !== second.degrees) return [];
        const [less, more] = [leastM + first.takeOffM, dot(gap, u)];
        const way = wayOf(
          [first, second],
          [u, set, v],
          [less + Math.max(0, more), dot(gap, set), less + Math.max(0, -more)],
          leastM,
        );
        return way ? [way] : [];
      }
      return between(u, first.degrees, v, second.degrees).flatMap((middle) => {
        const legs = threeLegs([u, middle, v], gap);
        const way = legs && wayOf([first, second], [u, middle, v], legs, leastM);
        return way ? [way] : [];
      });
    }),
  );
}

/** Any direction square to a way. */
const anySide = (u: Vector): Vector =>
  squareTo(u, Math.abs(u.up) < 0.9 ? { out: 0, right: 0, up: 1 } : { out: 1, right: 0, up: 0 }) ?? {
    out: 0,
    right: 1,
    up: 0,
  };

/** What is fixed of a search with more bends than two. */
interface Search<Bend extends MadeBend> {
  readonly from: LineEnd;
  readonly to: LineEnd;
  readonly made: readonly Bend[];
  readonly leastM: number;
}

/** The directions on a cone about a way, in steps; the first lies in the plane of the gap, so that an offset is found exactly. */
function cone(way: Vector, degrees: number, gap: Vector, stepDegrees: number): readonly Vector[] {
  const side = squareTo(way, gap) ?? anySide(way);
  return Array.from(
    { length: 360 / stepDegrees },
    (_, step) => turned(way, rolled(way, side, step * stepDegrees), degrees) ?? way,
  );
}

/** The shortest way with these bends among rows of directions. */
function shortestOf<Bend extends MadeBend>(
  bends: readonly Bend[],
  rows: readonly (readonly Vector[])[],
  { from, to, leastM }: Search<Bend>,
): readonly BentWay<Bend>[] {
  const gap = minus(to.at, from.at);
  const leasts = cutsOf(
    Array.from({ length: bends.length + 1 }, () => 0),
    bends,
  ).map((less) => leastM - less);
  let best: BentWay<Bend> | undefined;
  for (const goes of rows) {
    const legs = shortestLegs(goes, gap, leasts);
    const way = legs && wayOf(bends, goes, legs, leastM - SAME_M / 10);
    if (way && (!best || total(way) < total(best))) best = way;
  }
  return best ? [best] : [];
}

/** Ways with three bends, the first turned about its pipe in steps: the shortest for each three. */
function withThree<Bend extends MadeBend>(search: Search<Bend>): readonly BentWay<Bend>[] {
  const { from, to, made } = search;
  const [u, v, gap] = [from.goes, to.goes, minus(to.at, from.at)];
  return made.flatMap((first) => {
    const firsts = cone(u, first.degrees, gap, STEP_DEGREES);
    return made.flatMap((second) =>
      made.flatMap((third) => {
        const rows = firsts.flatMap((a) => between(a, second.degrees, v, third.degrees).map((b) => [u, a, b, v]));
        return shortestOf([first, second, third], rows, search);
      }),
    );
  });
}

/** Of bends that turn less than this four make no way that three do not. */
const FOUR_FROM_DEGREES = 40;
const FOUR_STEP_DEGREES = 15;

/** Ways with four bends, the first and the last turned in steps: round behind, where three do not come. */
function withFour<Bend extends MadeBend>(search: Search<Bend>): readonly BentWay<Bend>[] {
  const { from, to } = search;
  const made = search.made.filter(({ degrees }) => degrees >= FOUR_FROM_DEGREES);
  const [u, v, gap] = [from.goes, to.goes, minus(to.at, from.at)];
  return made.flatMap((first) => {
    const firsts = cone(u, first.degrees, gap, FOUR_STEP_DEGREES);
    return made.flatMap((fourth) => {
      // What comes to the end from a side, seen backward from it.
      const lasts = cone(v, fourth.degrees, times(gap, -1), FOUR_STEP_DEGREES);
      return made.flatMap((second) =>
        made.flatMap((third) => {
          const rows = firsts.flatMap((a) =>
            lasts.flatMap((c) => between(a, second.degrees, c, third.degrees).map((b) => [u, a, b, c, v])),
          );
          return shortestOf([first, second, third, fourth], rows, search);
        }),
      );
    });
  });
}

const total = ({ legsM }: BentWay): number => legsM.reduce((sum, leg) => sum + leg, 0);

/**
 * Ways from one end to another with the bends that are made: fewest bends first, then the least turning, then the shortest.
 * With two bends there is one middle direction and its mirror image to each pair, and then one length to each leg, so none
 * is missed; with three and four they are looked for in steps.
 *
 * @param leastM  the shortest piece of pipe: what stands in its two sockets
 */
export function bendsBetween<Bend extends MadeBend>(
  from: LineEnd,
  to: LineEnd,
  made: readonly Bend[],
  leastM: number,
): readonly BentWay<Bend>[] {
  const search = { from, to, made, leastM };
  const few = withFew(from, to, made, leastM);
  const three = few.length > 0 ? few : withThree(search);
  const ways = three.length > 0 ? three : withFour(search);
  return ways.toSorted(
    (a, b) => a.bends.length - b.bends.length || a.turningDegrees - b.turningDegrees || total(a) - total(b),
  );
}
