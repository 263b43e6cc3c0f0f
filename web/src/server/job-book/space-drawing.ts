import { type Course, type Measures, formatLength } from '@herrero/core';
import { type IsoDot, type IsoLeg, type Isometric, isometric, middleOf, wordSpots } from '@/drawing/geometry/isometric';
import { type Item, type Layer, line, words } from '../sheet/sheet';
import type { Drawing } from './run-drawing';

/** The drawing is laid out as on a screen, and written so much smaller on paper [px/mm]. */
const PX_PER_MM = 4;
const EDGE_PX = 52;
const NUMBER_MM = 3;
const LENGTH_MM = 3.4;
/** What a number and a letter of a length take [px]. */
const NUMBER_PX = 18;
const LETTER_PX = 7.6;
const HEAD_MM = 1.6;
const DIAMOND_MM = 1.9;
const DASH = [1.2, 0.9] as const;

/**
 * A run in space as an isometric drawing: cut length and number beside each piece, long pieces broken, which way taps pour.
 * The numbers are those of the list that goes with it.
 *
 * @returns undefined where nothing stands on the opening
 */
export function spaceDrawing(
  course: Course,
  label: string,
  numbers: ReadonlyMap<string, number>,
  measures: Measures,
  widthMm: number,
  heightMm: number,
): Drawing | undefined {
  const size = { width: widthMm * PX_PER_MM, height: heightMm * PX_PER_MM, edge: EDGE_PX, degrees: 0 };
  const drawn = isometric(course, size);
  if (!drawn) return undefined;
  const wordsOf = ({ id, leg, kind }: IsoLeg): string =>
    [
      numbers.get(id) ?? '',
      ...(kind === 'pipe' ? [leg.placed.lengthM === null ? '?' : formatLength(leg.placed.lengthM, measures)] : []),
    ].join('  ');
  const spots = wordSpots(
    drawn,
    drawn.legs.map((leg) => ({ id: leg.id, width: NUMBER_PX + wordsOf(leg).length * LETTER_PX })),
  );
  const byId = new Map(drawn.legs.map((leg) => [leg.id, leg]));
  const top = drawn.wall.toSorted((a, b) => a.y - b.y)[0];
  return {
    widthMm,
    heightMm,
    items: [
      ...path('tank', [...drawn.wall, ...drawn.wall.slice(0, 1)], 0.35),
      ...(top ? [words(label, mm({ x: top.x, y: top.y - 6 }), { sizeMm: 3.4, bold: true, anchor: 'middle' })] : []),
      ...drawn.legs.flatMap(({ drop }) => (drop ? path('centre', drop, 0.13) : [])),
      ...drawn.legs.flatMap(legItems),
      ...spots.flatMap(({ id, x, y }) => {
        const leg = byId.get(id);
        if (!leg) return [];
        const isPipe = leg.kind === 'pipe';
        return [words(wordsOf(leg), mm({ x, y }), { sizeMm: isPipe ? LENGTH_MM : NUMBER_MM, bold: isPipe })];
      }),
      ...tripod(drawn),
      words(
        'in space: directions true to one scale, long pieces broken; beside a piece its number and its cut',
        [30, heightMm - 1],
        { sizeMm: 3 },
      ),
    ],
  };
}

const mm = ({ x, y }: IsoDot): readonly [number, number] => [x / PX_PER_MM, y / PX_PER_MM];

const path = (layer: Layer, points: readonly IsoDot[], weightMm: number, dashMm?: readonly [number, number]): Item[] =>
  points.slice(1).map((to, place) => line(layer, [...mm(points[place] ?? to), ...mm(to)], weightMm, dashMm));

function legItems({ points, kind, broken, assumed, pours }: IsoLeg): readonly Item[] {
  const middle = middleOf(points);
  const at = middle && mm(middle);
  return [
    ...path(kind === 'pipe' ? 'pipe' : 'fitting', points, kind === 'pipe' ? 0.6 : 1.4, assumed ? DASH : undefined),
    ...(kind === 'valve' && at ? diamond(at) : []),
    ...(broken && at
      ? [-0.8, 0.8].map((off) => line('pipe', [at[0] + off - 0.6, at[1] + 2, at[0] + off + 0.6, at[1] - 2], 0.3))
      : []),
    ...(pours ? arrow(...pours) : []),
  ];
}

const diamond = ([x, y]: readonly [number, number]): readonly Item[] => {
  const corners = [
    [x - DIAMOND_MM, y],
    [x, y - DIAMOND_MM],
    [x + DIAMOND_MM, y],
    [x, y + DIAMOND_MM],
    [x - DIAMOND_MM, y],
  ] as const;
  return corners.slice(1).map((to, place) => line('fitting', [...(corners[place] ?? to), ...to], 0.3));
};

function arrow(from: IsoDot, to: IsoDot): readonly Item[] {
  const [[x1, y1], [x2, y2]] = [mm(from), mm(to)];
  const angle = Math.atan2(y2 - y1, x2 - x1);
  return [
    line('fitting', [x1, y1, x2, y2], 0.3),
    ...[-1, 1].map((side) =>
      line(
        'fitting',
        [x2, y2, x2 - HEAD_MM * Math.cos(angle + side * 0.45), y2 - HEAD_MM * Math.sin(angle + side * 0.45)],
        0.3,
      ),
    ),
  ];
}

/** The three directions, in the lower left corner. */
function tripod({ axes, tripod: at }: Isometric): readonly Item[] {
  const [x, y] = mm(at);
  return (
    [
      ['out', axes.along],
      ['right', axes.across],
      ['up', axes.up],
    ] as const
  ).flatMap(([name, axis]) => [
    line('frame', [x, y, x + axis.x * 6, y + axis.y * 6], 0.25),
    words(name, [x + axis.x * 9.5, y + axis.y * 9.5 + 1], { sizeMm: 2.6, anchor: 'middle' }),
  ]);
}
