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
  /** Where the tripod stands. */
  readonly tripod: IsoDot;
}

/** So far the tripod reaches with its words [px]. */
const TRIPOD_PX = 60;

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

/** Turned about the upright, as one walks round it. */
function walkedRound({ out, right, up }: Vector, degrees: number): Vector {
  const angle = (degrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return { out: out * cos + right * sin, right: right * cos - out * sin, up };
}

/** The middle of a line of dots, where a valve is marked and a long piece broken. */
export const middleOf = (points: readonly IsoDot[]): IsoDot | undefined => points[Math.floor(points.length / 2)];

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
    degrees,
  }: { readonly width: number; readonly height: number; readonly edge: number; readonly degrees: number },
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
  const see = (point: Vector): IsoDot => flat(walkedRound(minus(point, start), degrees));
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
  const direction = (axis: Vector): IsoDot => flat(walkedRound(axis, degrees));
  return {
    width,
    height,
    wall: wallRound(along, start).map(dot),
    tripod: { x: TRIPOD_PX, y: height - TRIPOD_PX },
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
/** Where the tripod and its words lie, in shares of its reach. */
const FIFTHS = [-1, -0.5, 0, 0.5, 1];

/** Beside the middle of each leg, in that of some places where they cover the least of lines and of other words. */
export function wordSpots(
  { legs, wall, tripod, width, height }: Isometric,
  words: readonly IsoWords[],
): readonly IsoSpot[] {
  const round = FIFTHS.flatMap((right) => FIFTHS.map((down) => [right, down] as const));
  const lines = [...legs.map(({ points }) => points), [...wall, ...wall.slice(0, 1)]].flatMap((points) =>
    points.slice(1).flatMap((to, place) => {
      const from = points[place] ?? to;
      return Array.from({ length: SAMPLES + 1 }, (_, step) => ({
        x: from.x + ((to.x - from.x) * step) / SAMPLES,
        y: from.y + ((to.y - from.y) * step) / SAMPLES,
      }));
    }),
  );
  const inked = [
    ...lines,
    ...round.map(([right, down]) => ({ x: tripod.x + right * TRIPOD_PX, y: tripod.y + down * TRIPOD_PX })),
  ];
  /** What lies on each line of text, so that few of them are looked at for one word. */
  const rows = new Map<number, IsoDot[]>();
  for (const dot of inked) {
    const row = Math.floor(dot.y / LINE_PX);
    const own = rows.get(row);
    if (own) own.push(dot);
    else rows.set(row, [dot]);
  }
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
      const [above, below] = [spot.y - LINE_PX + 2, spot.y + 5];
      let covered = 0;
      for (let row = Math.floor(above / LINE_PX); row <= Math.floor(below / LINE_PX); row += 1)
        for (const { x, y } of rows.get(row) ?? [])
          if (x > spot.x - 3 && x < spot.x + wide + 3 && y > above && y < below) covered += 1;
      const over = taken.filter(
        ({ x, y, width: other }) => x < spot.x + wide + 4 && x + other + 4 > spot.x && Math.abs(y - spot.y) < LINE_PX,
      ).length;
      const outside = spot.x < 4 || spot.x + wide > width - 4 || spot.y < LINE_PX || spot.y > height - 4 ? 20 : 0;
      return covered + 12 * over + outside;
    };
    const [best] = spots.map((spot) => ({ ...spot, cost: cost(spot) })).toSorted((a, b) => a.cost - b.cost);
    if (!best) return [];
    const { x, y } = best;
    taken.push({ x, y, width: wide });
    return [{ id, x, y }];
  });
}
