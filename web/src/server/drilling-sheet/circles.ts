import { type DrillHole, type Measures, formatLength } from '@herrero/core';
import { type Item, circle, line, words } from '../sheet/sheet';

/** Flat is wanted this much beyond the flange (common practice: half an inch). */
export const FLAT_OVER_MM = 12.7;
/** What is small beside a circle. */
export const SMALL_MM = 2.8;

/** What a ring is: its name, its figure, how far it is from the middle. */
type Ring = readonly [name: string, figure: string, radiusMm: number];

/**
 * Circle, flange, flat and cross round a point, with what each is; a hole that is ruled out or not known has no circle.
 *
 * @param roomToMm a circle that ends left of this has room for its names beside it
 */
export function circles(
  drill: DrillHole,
  [x, y]: readonly [number, number],
  { measures, roomToMm }: { readonly measures: Measures; readonly roomToMm: number },
): Item[] {
  const { diameterM, flangeM, pilotM, ruledOut } = drill;
  const [pilot, flange] = [pilotM * 500, flangeM * 500];
  const flat = flange + FLAT_OVER_MM;
  const arm = Math.max(flange, 12) + 6;
  const cross = [
    line('centre', [x - arm, y, x + arm, y], 0.2),
    line('centre', [x, y - arm, x, y + arm], 0.2),
    words('up', [x, y - arm - 1.2], { sizeMm: SMALL_MM, anchor: 'middle' }),
  ];
  if (diameterM === undefined || ruledOut)
    return [
      ...cross,
      words(
        ruledOut ? 'No circle: this seal is ruled out here.' : 'No circle: what seals it is not chosen.',
        [x, y + arm + 5],
        {
          anchor: 'middle',
          bold: true,
        },
      ),
    ];
  const hole = diameterM * 500;
  const both = (metres: number): string =>
    `${formatLength(metres, measures)}${measures === 'in-gal' ? `, ${(metres * 1000).toFixed(1)} mm` : ''}`;
  const rings: readonly Ring[] = [
    [`Hole ${formatLength(diameterM, measures)}`, `${(diameterM * 1000).toFixed(1)} mm, on the line`, hole],
    ['Pilot', both(pilotM), pilot],
    ['Flange', both(flangeM), flange],
    ['Flat', both((2 * flat) / 1000), flat],
  ];
  return [
    circle('cut', [x, y, hole], 0.7),
    // A second line inside, for the eye alone.
    circle('flat', [x, y, Math.max(0.5, hole - 1.2)], 0.12),
    circle('flange', [x, y, flange], 0.35, [0.1, 1.6]),
    circle('flat', [x, y, flat], 0.2, [3, 2]),
    circle('pilot', [x, y, pilot], 0.25),
    ...cross,
    ...(x + flat <= roomToMm + 1e-6 ? namedBeside(rings, [x, y], x + flat + 3) : namedWithin(rings, [x, y], hole)),
  ];
}

/** From one name beside a circle to the next. */
const NAME_STEP_MM = 13;

/** Each ring named beside the circle, with a line from the name to the ring. */
const namedBeside = (rings: readonly Ring[], [x, y]: readonly [number, number], right: number): Item[] =>
  rings.flatMap(([name, figure, radius], index) => {
    const nameY = y + (index - (rings.length - 1) / 2) * NAME_STEP_MM;
    const slant = Math.max(-0.9, Math.min(0.9, (nameY - y) / Math.max(radius, 1)));
    return [
      line('text', [x + radius * Math.cos(slant), y + radius * Math.sin(slant), right - 1, nameY - 1], 0.15),
      words(name, [right, nameY], { bold: true }),
      words(figure, [right, nameY + 4.2], { sizeMm: SMALL_MM }),
    ];
  });

/** From this radius on a name has room inside the hole. */
const ROOMY_MM = 36;

/** Where the circle leaves no room beside it: each ring named in a quarter of its own, inside a large hole or on its flange. */
const namedWithin = (rings: readonly Ring[], [x, y]: readonly [number, number], hole: number): Item[] => {
  const [fromX, fromY] = hole >= ROOMY_MM ? [2, 6] : [Math.SQRT1_2 * (hole + 3), Math.SQRT1_2 * (hole + 3)];
  return rings.flatMap(([name, figure, radius], index) => {
    const [toRight, toBottom] = [index % 2 === 0 ? 1 : -1, index < 2 ? -1 : 1];
    const [nameX, nameY] = [x + toRight * fromX, y + toBottom * (fromY + (toBottom < 0 ? 5 : 3))];
    const anchor = toRight > 0 ? 'start' : 'end';
    const far = Math.SQRT1_2 * radius;
    // From the corner of the words that looks to the ring; the pilot's ring lies inwards.
    const near = radius < fromY ? nameY + (toBottom < 0 ? 5.4 : -4) : nameY + (toBottom < 0 ? -4 : 5.4);
    return [
      line('text', [x + toRight * far, y + toBottom * far, nameX + toRight * 2, near], 0.15),
      words(name, [nameX, nameY], { bold: true, anchor }),
      words(figure, [nameX, nameY + 4], { sizeMm: SMALL_MM, anchor }),
    ];
  });
};
