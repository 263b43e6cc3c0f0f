import { type Course, type Leg, type Vector, isByLength, isShutOff } from '@herrero/core';

/** A point of the drawing [px]: to the right and down. */
export interface IsoDot {
  readonly x: number;
  readonly y: number;
}

/** A leg as it is drawn: a pipe is a line, a fitting the same line thick. */
export interface IsoLeg {
  readonly id: string;
  readonly leg: Leg;
  readonly points: readonly IsoDot[];
  readonly kind: 'pipe' | 'fitting' | 'valve';
  /** Drawn shorter than it is: it is broken in its middle. */
  readonly broken: boolean;
  /** Something of it had to be assumed: it is dotted. */
  readonly assumed: boolean;
  /** Where its branches begin, and a spout pours. */
  readonly pours: readonly [IsoDot, IsoDot] | undefined;
  /** From a bend down to the floor. */
  readonly drop: readonly [IsoDot, IsoDot] | undefined;
}

export interface Isometric {
  readonly width: number;
  readonly height: number;
  readonly legs: readonly IsoLeg[];
  /** The opening in its wall: a piece of the wall round it, square to the way it looks. */
  readonly wall: readonly IsoDot[];
  /** The three directions as they are drawn, for the tripod. */
  readonly axes: Readonly<Record<'along' | 'across' | 'up', IsoDot>>;
}

const COS_30 = Math.cos(Math.PI / 6);
/** A pipe is drawn no longer than so many times the fitting beside it, so that what matters can be read. */
const LONGEST_M = 0.9;
const POURS_M = 0.12;

const minus = (a: Vector, b: Vector): Vector => ({ out: a.out - b.out, right: a.right - b.right, up: a.up - b.up });
const plus = (a: Vector, b: Vector): Vector => ({ out: a.out + b.out, right: a.right + b.right, up: a.up + b.up });
const scaled = (a: Vector, by: number): Vector => ({ out: a.out * by, right: a.right * by, up: a.up * by });
const long = ({ out, right, up }: Vector): number => Math.hypot(out, right, up);

/** Half a side of the piece of wall that is drawn [m]. */
const WALL_M = 0.14;

/** The corners of a piece of wall round the opening: level where it looks up or down. */
function wallRound(along: Course['along'], start: Vector): readonly Vector[] {
  const looks = [...along.values()][0]?.[0]?.headingIn;
  const level = looks !== undefined && Math.abs(looks.up) > 0.7;
  return [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([a = 0, b = 0]) =>
    plus(start, level ? { out: b * WALL_M, right: a * WALL_M, up: 0 } : { out: 0, right: a * WALL_M, up: b * WALL_M }),
  );
}

/** Turned by quarters about the upright, as one walks round it. */
function quartered({ out, right, up }: Vector, quarters: number): Vector {
  const turns = ((quarters % 4) + 4) % 4;
  if (turns === 1) return { out: right, right: -out, up };
  if (turns === 2) return { out: -out, right: -right, up };
  if (turns === 3) return { out: -right, right: out, up };
  return { out, right, up };
}

/** Isometric: out to the lower right, to the right hand of who looks at the tank to the upper right, up is up; all to one scale. */
const flat = ({ out, right, up }: Vector): IsoDot => ({ x: (out + right) * COS_30, y: (out - right) / 2 - up });

/**
 * A run in space. What is longer than can be shown beside its fittings is broken; everything behind a break is moved up to
 * it, so directions stay true and distances do not.
 */
export function isometric(
  { strands, start, along }: Course,
  {
    width,
    height,
    edge,
    quarters,
  }: { readonly width: number; readonly height: number; readonly edge: number; readonly quarters: number },
): Isometric | undefined {
  const all = strands.flat();
  if (all.length === 0) return undefined;
  /** By how much what hangs on a part is drawn nearer than it is. */
  const moved = new Map<string, Vector>();
  const none: Vector = { out: 0, right: 0, up: 0 };
  const shown: {
    readonly leg: Leg;
    readonly from: Vector;
    readonly through: Vector;
    readonly to: Vector;
    readonly broken: boolean;
  }[] = [];
  for (const [strand, legs] of along) {
    let shift = strand.from.of === 'part' ? (moved.get(strand.from.id) ?? none) : none;
    for (const leg of legs) {
      const whole = minus(leg.to, leg.from);
      const broken = isByLength(leg.part) && long(whole) > LONGEST_M;
      const from = plus(leg.from, shift);
      if (broken) shift = plus(shift, scaled(whole, LONGEST_M / long(whole) - 1));
      const to = plus(leg.to, shift);
      moved.set(leg.placed.id, shift);
      shown.push({ leg, from, through: broken ? scaled(plus(from, to), 0.5) : plus(leg.through, shift), to, broken });
    }
  }
  const see = (point: Vector): IsoDot => flat(quartered(minus(point, start), quarters));
  const dots = shown.flatMap(({ from, through, to }) => [see(from), see(through), see(to)]);
  const floor = Math.min(...shown.flatMap(({ from, through, to }) => [from.up, through.up, to.up])) - 0.06;
  const drops = shown.map(({ through }) => see({ ...through, up: floor }));
  const rim = wallRound(along, start).map(see);
  const xs = [...dots, ...rim].map(({ x }) => x);
  const ys = [...dots, ...rim, ...drops].map(({ y }) => y);
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const scale = Math.min(
    (width - 2 * edge) / Math.max(0.3, right - left),
    (height - 2 * edge) / Math.max(0.3, bottom - top),
  );
  const dot = (point: Vector): IsoDot => {
    const { x, y } = see(point);
    return { x: width / 2 + (x - (left + right) / 2) * scale, y: height / 2 + (y - (top + bottom) / 2) * scale };
  };
  const ends = new Map(shown.map((one) => [one.leg.placed.id, one]));
  const direction = (axis: Vector): IsoDot => flat(quartered(axis, quarters));
  return {
    width,
    height,
    wall: wallRound(along, start).map(dot),
    axes: {
      along: direction({ out: 1, right: 0, up: 0 }),
      across: direction({ out: 0, right: 1, up: 0 }),
      up: direction({ out: 0, right: 0, up: 1 }),
    },
    legs: shown.map(({ leg, from, through, to, broken }) => {
      const { part, placed } = leg;
      const turns = part.bendDegrees !== undefined || part.features.includes('branch');
      const branches = [...leg.branches.values()].map(({ from: mouth }) => plus(mouth, moved.get(placed.id) ?? none));
      const spout = part.features.includes('spout');
      return {
        id: placed.id,
        leg,
        points: [from, through, ...branches.flatMap((mouth) => [mouth, through]), to].map(dot),
        kind: isByLength(part)
          ? ('pipe' as const)
          : isShutOff(part) || spout
            ? ('valve' as const)
            : ('fitting' as const),
        broken,
        assumed: !ends.get(placed.id)?.leg.sure || leg.assumed.length > 0,
        pours: spout ? ([dot(to), dot(plus(to, scaled(leg.headingOut, POURS_M)))] as const) : undefined,
        drop: turns ? ([dot(through), dot({ ...through, up: floor })] as const) : undefined,
      };
    }),
  };
}

/** Words of a leg with the room that they take [px]. */
export interface IsoWords {
  readonly id: string;
  readonly width: number;
}

/** A place for words: where they begin, on their line. */
export interface IsoSpot extends IsoDot {
  readonly id: string;
}

const LINE_PX = 18;
const BESIDE_PX = 14;
const SAMPLES = 14;

/** Beside the middle of each leg, in that of some places where they cover the least of lines and of other words. */
export function wordSpots({ legs, width, height }: Isometric, words: readonly IsoWords[]): readonly IsoSpot[] {
  const inked = legs.flatMap(({ points }) =>
    points.slice(1).flatMap((to, place) => {
      const from = points[place] ?? to;
      return Array.from({ length: SAMPLES + 1 }, (_, step) => ({
        x: from.x + ((to.x - from.x) * step) / SAMPLES,
        y: from.y + ((to.y - from.y) * step) / SAMPLES,
      }));
    }),
  );
  const taken: { readonly x: number; readonly y: number; readonly width: number }[] = [];
  return words.flatMap(({ id, width: wide }) => {
    const points = legs.find((leg) => leg.id === id)?.points;
    const [from, to] = [points?.[0], points?.at(-1)];
    if (!from || !to) return [];
    const spots = [0.5, 0.35, 0.65].flatMap((share) => {
      const at = { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share };
      return [
        { x: at.x + BESIDE_PX, y: at.y + 5 },
        { x: at.x - BESIDE_PX - wide, y: at.y + 5 },
        { x: at.x + 8, y: at.y - BESIDE_PX },
        { x: at.x + 8, y: at.y + BESIDE_PX + LINE_PX - 4 },
        { x: at.x - wide - 8, y: at.y - BESIDE_PX },
        { x: at.x - wide - 8, y: at.y + BESIDE_PX + LINE_PX - 4 },
      ];
    });
    const cost = (spot: IsoDot): number => {
      const covers = ({ x, y }: IsoDot): boolean =>
        x > spot.x - 3 && x < spot.x + wide + 3 && y > spot.y - LINE_PX + 2 && y < spot.y + 5;
      const over = taken.filter(
        ({ x, y, width: other }) => x < spot.x + wide + 4 && x + other + 4 > spot.x && Math.abs(y - spot.y) < LINE_PX,
      ).length;
      const outside = spot.x < 4 || spot.x + wide > width - 4 || spot.y < LINE_PX || spot.y > height - 4 ? 20 : 0;
      return inked.filter(covers).length + 12 * over + outside;
    };
    const best = spots.reduce((a, b) => (cost(b) < cost(a) ? b : a));
    taken.push({ ...best, width: wide });
    return [{ id, ...best }];
  });
}
