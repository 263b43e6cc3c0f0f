import { type Course, type Leg, type Measures, isByLength } from '@herrero/core';
import { type CourseLine, type CourseView, courseViews } from '@/drawing/geometry/course-views';
import { type Item, type Layer, circle, line, moved, words } from '../sheet/sheet';

/** A drawing on paper: how much of it it takes, and what is drawn, from its own upper left corner [mm]. */
export interface Drawing {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly items: readonly Item[];
}

/** Radius of the circle in which a number stands, and how far it is from what it names. */
const BALLOON_MM = 2.6;
const BALLOON_OFF_MM = 7;
const NUMBER_MM = 3;
/** Under the views: what each shows, and the scale. */
const FOOT_MM = 12;
const GAP_MM = 10;
/** Clear of the edge of each view, where numbers stand. */
const CLEAR_MM = 9;

/** The number of each part of a run, from its opening outward: the same in drawing and list. */
export const numbersOf = (course: Course): ReadonlyMap<string, number> =>
  new Map(course.strands.flat().map(({ placed }, index) => [placed.id, index + 1]));

/**
 * A run from the side and from above, to one scale, every part with its number where there is room for it. What somebody has
 * not said is dotted.
 *
 * @param widthMm, heightMm the room there is for both views together
 * @returns undefined where nothing stands on the opening
 */
export function runDrawing(course: Course, measures: Measures, widthMm: number, heightMm: number): Drawing | undefined {
  const legs = course.strands.flat();
  const views = courseViews(course, (widthMm - GAP_MM) / 2, heightMm - FOOT_MM, CLEAR_MM);
  if (!views) return undefined;
  const numbers = numbersOf(course);
  const deepest = Math.max(views.side.heightPx, views.top.heightPx);
  const scale = scaleBar(views.pxPerM, measures);
  return {
    widthMm,
    heightMm: deepest + FOOT_MM,
    items: [
      ...viewItems(views.side, 'from the side', 0, legs, numbered(views.side, views.top, numbers, true)),
      ...viewItems(
        views.top,
        'from above',
        views.side.widthPx + GAP_MM,
        legs,
        numbered(views.top, views.side, numbers),
      ),
      ...moved(scale, views.side.wallX, deepest + 8.5),
    ],
  };
}

const seenLong = ({ points: [a, , c] }: CourseLine): number => (a && c ? Math.hypot(c.x - a.x, c.y - a.y) : 0);

/** Each part has its number once: in the view in which it is seen longer. */
function numbered(
  view: CourseView,
  other: CourseView,
  numbers: ReadonlyMap<string, number>,
  first = false,
): ReadonlyMap<string, number> {
  const own = view.lines.filter((line, index) => {
    const there = other.lines[index];
    const more = seenLong(line) - (there ? seenLong(there) : 0);
    return first ? more > -SAME_MM : more > SAME_MM;
  });
  return new Map(own.flatMap(({ id }) => (numbers.has(id) ? [[id, numbers.get(id) ?? 0] as const] : [])));
}

/** Seen as long as in the other view [mm]. */
const SAME_MM = 0.5;

function viewItems(
  view: CourseView,
  title: string,
  right: number,
  legs: readonly Leg[],
  numbers: ReadonlyMap<string, number>,
): readonly Item[] {
  const { groundY, wallX, heightPx, widthPx } = view;
  const balloons: { x: number; y: number }[] = [];
  return moved(
    [
      line('tank', [wallX, 0, wallX, heightPx], 0.7),
      ...(groundY === undefined ? [] : [line('ground', [0, groundY, widthPx, groundY], 0.25)]),
      ...view.lines.flatMap(({ points, widthPx: thick, assumed, id }, index) => {
        const leg = legs[index];
        const layer: Layer = leg && isByLength(leg.part) ? 'pipe' : 'fitting';
        const [a, b, c] = points;
        if (!a || !b || !c) return [];
        const drawn = [...outline(a, b, thick, layer, assumed), ...outline(b, c, thick, layer, assumed)];
        const number = numbers.get(id);
        if (number === undefined) return drawn;
        const at = clearOf(balloons, b, { x: -(c.y - a.y), y: c.x - a.x }, view);
        // Where others lie over it, its number stands in the drawing in space alone.
        if (!at) return drawn;
        balloons.push(at);
        const far = Math.hypot(at.x - b.x, at.y - b.y) || 1;
        const share = (far - BALLOON_MM) / far;
        return [
          ...drawn,
          line('text', [b.x, b.y, b.x + (at.x - b.x) * share, b.y + (at.y - b.y) * share], 0.13),
          circle('text', [at.x, at.y, BALLOON_MM], 0.2),
          words(`${number}`, [at.x, at.y + NUMBER_MM * 0.35], { sizeMm: NUMBER_MM, anchor: 'middle', bold: true }),
        ];
      }),
      words(title, [wallX + 2, heightPx + 4], { sizeMm: 3 }),
    ],
    right,
    0,
  );
}

interface Spot {
  readonly x: number;
  readonly y: number;
}

/** A place for a number beside the line, clear of those that stand there already; undefined where there is none. */
function clearOf(
  taken: readonly Spot[],
  from: Spot,
  across: Spot,
  { widthPx, heightPx }: CourseView,
): Spot | undefined {
  const length = Math.hypot(across.x, across.y) || 1;
  const side = { x: across.x / length, y: across.y / length };
  const spots = [1, -1, 1.9, -1.9, 2.8, -2.8, 3.7, -3.7].map((far) => ({
    x: from.x + side.x * far * BALLOON_OFF_MM,
    y: from.y + side.y * far * BALLOON_OFF_MM,
  }));
  const isClear = (spot: Spot): boolean =>
    spot.x >= BALLOON_MM &&
    spot.x <= widthPx - BALLOON_MM &&
    spot.y >= BALLOON_MM &&
    spot.y <= heightPx - BALLOON_MM &&
    taken.every((other) => Math.hypot(spot.x - other.x, spot.y - other.y) > 2.2 * BALLOON_MM);
  return spots.find(isClear);
}

/** A stretch of line as its outline, of its true thickness. */
function outline(a: Spot, b: Spot, thick: number, layer: Layer, assumed: boolean): readonly Item[] {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  if (length < 1e-6) return [];
  const [dx, dy] = [(-(b.y - a.y) / length) * (thick / 2), ((b.x - a.x) / length) * (thick / 2)];
  const dash = assumed ? ([1.2, 0.9] as const) : undefined;
  const edge = (x1: number, y1: number, x2: number, y2: number): Item => line(layer, [x1, y1, x2, y2], 0.3, dash);
  return [
    edge(a.x + dx, a.y + dy, b.x + dx, b.y + dy),
    edge(a.x - dx, a.y - dy, b.x - dx, b.y - dy),
    edge(a.x + dx, a.y + dy, a.x - dx, a.y - dy),
    edge(b.x + dx, b.y + dy, b.x - dx, b.y - dy),
  ];
}

/** A foot or half a metre, at the scale of the drawing. */
function scaleBar(mmPerM: number, measures: Measures): readonly Item[] {
  const [unitM, unit] = measures === 'mm-l' ? [0.5, '500 mm'] : [0.3048, '1 ft'];
  const long = unitM * mmPerM;
  return [
    line('frame', [0, 0, long, 0], 0.3),
    line('frame', [0, -1, 0, 1], 0.3),
    line('frame', [long, -1, long, 1], 0.3),
    words(unit, [long + 2, 1], { sizeMm: 3 }),
  ];
}
