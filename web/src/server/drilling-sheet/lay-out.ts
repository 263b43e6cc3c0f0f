import { type DrillHole, type Measures, type Tank, formatLength, isUpright } from '@herrero/core';
import { type Item, type Sheet, line, words, wrap } from '../sheet/sheet';
import { FLAT_OVER_MM, SMALL_MM, circles } from './circles';

/** Papers at their true size [mm]. */
export const PAPERS = { a4: [210, 297], letter: [215.9, 279.4] } as const;
export type Paper = keyof typeof PAPERS;

/** Printers leave this much at an edge. */
const EDGE_MM = 8;
const LEFT_MM = 28;
const HEAD_MM = 24;
/** What stands below or above the circle: order of work, all holes, ruler, caution. */
const TABLE_ROW_MM = 5;
const STEP_MM = 4.6;
/** Text stands this far from the circle. */
const CLEAR_MM = 5;
/** Tiles share this much paper, with a cross to lay them over one another. */
const OVERLAP_MM = 15;
const INCH_MM = 25.4;

interface SheetContext {
  readonly jobName: string;
  readonly tank: Tank;
  readonly measures: Measures;
  readonly holes: readonly DrillHole[];
  readonly madeOn: string;
  readonly paper: Paper;
}

/**
 * The drilling sheets of a tank, one a hole (more where the circle is larger than the paper), at true scale. The lower
 * paper edge is the base of the tank where the cross can stand at its true height above it.
 */
export function drillingSheets(context: SheetContext): readonly Sheet[] {
  const { holes } = context;
  return holes.flatMap((hole, index) => {
    const head = `sheet ${index + 1} of ${holes.length}`;
    return fitsOneSheet(hole, context)
      ? [oneSheet(hole, head, context)]
      : [...tiledSheets(hole, head, context), wordSheet(hole, head, context)];
  });
}

/** Room for what is said beside the circle. */
const CALLOUT_MM = 40;

/** Half of what has to be drawn round the cross: the flat that its flange needs. */
const reachMm = ({ diameterM, flangeM }: DrillHole): number =>
  (Math.max(diameterM ?? 0, flangeM) * 1000) / 2 + FLAT_OVER_MM;

/** Does the circle stand on one sheet of paper together with what is said of it? */
function fitsOneSheet(drill: DrillHole, context: SheetContext): boolean {
  const [widthMm, heightMm] = PAPERS[context.paper];
  const whole = 2 * reachMm(drill);
  const info = infoItems(drill, context).heightMm;
  return whole <= widthMm - 2 * EDGE_MM - 4 && headMm(drill) + whole + 2 * CLEAR_MM + info <= heightMm - EDGE_MM;
}

/** Up to here a circle leaves room on its right for what is said of it. */
const roomToMm = (paper: Paper): number => PAPERS[paper][0] - EDGE_MM - CALLOUT_MM;
const circlesOn = ({ measures, paper }: SheetContext) => ({ measures, roomToMm: roomToMm(paper) });

/** Where the middle of a circle stands that leaves room on its right for what is said of it; undefined where there is none. */
function besideX(reach: number, { paper }: Pick<SheetContext, 'paper'>): number | undefined {
  const [widthMm] = PAPERS[paper];
  const most = roomToMm(paper) - reach;
  return most < LEFT_MM + 2 + reach ? undefined : Math.min((LEFT_MM + widthMm) / 2, most);
}

/** The head of a sheet, with what speaks against the hole. */
const headMm = ({ warnings }: DrillHole): number => HEAD_MM + (warnings.length > 0 ? 12 : 0);

function oneSheet(drill: DrillHole, sheetWords: string, context: SheetContext): Sheet {
  const [widthMm, heightMm] = PAPERS[context.paper];
  const reach = reachMm(drill);
  const info = infoItems(drill, context);
  const upMm = drill.hole.heightM * 1000;
  const hasRule = LEFT_MM + 2 + 2 * reach <= widthMm - EDGE_MM;
  const highest = headMm(drill) + reach + CLEAR_MM;
  // The cross stands at its true height over the paper edge if what belongs to it still fits below or above.
  const trueY = heightMm - upMm;
  const below = trueY >= highest && trueY + reach + CLEAR_MM + info.heightMm <= heightMm - EDGE_MM;
  const above = trueY - reach - CLEAR_MM - info.heightMm >= highest - reach - CLEAR_MM && trueY + reach <= heightMm - 3;
  const atHeight = isUpright(drill.hole.face) && hasRule && (below || above);
  const centreX = besideX(reach, context) ?? (atHeight ? LEFT_MM + 2 + reach : widthMm / 2);
  const crossY = atHeight ? trueY : highest;
  const infoY = atHeight && !below ? highest - reach - CLEAR_MM : crossY + reach + CLEAR_MM;
  return {
    widthMm,
    heightMm,
    title: `${drill.hole.label} ${drill.hole.name}`,
    items: [
      ...heading(drill, sheetWords, context),
      ...circles(drill, [centreX, crossY], circlesOn(context)),
      ...(atHeight ? heightRule(drill, crossY, context) : measureHere(drill, [centreX, crossY], context)),
      ...info.at(infoY),
    ],
  };
}

function heading({ hole, warnings, ruledOut }: DrillHole, sheetWords: string, context: SheetContext): Item[] {
  const [widthMm] = PAPERS[context.paper];
  const title = `Drilling sheet: ${hole.label} ${hole.name}, ${context.tank.label}`;
  return [
    words(title, [EDGE_MM + 4, 13], { sizeMm: 5.6, bold: true }),
    words(`${context.jobName}, ${sheetWords}, true scale, made ${context.madeOn}`, [EDGE_MM + 4, 18.4]),
    line('frame', [EDGE_MM + 4, 21, widthMm - EDGE_MM - 4, 21], 0.6),
    ...warnings.slice(0, 2).flatMap((warning, index) =>
      wrap(`${index === 0 ? (ruledOut ? 'Ruled out. ' : 'With care. ') : ''}${warning}`, 104)
        .slice(0, 2)
        .map((text, row) =>
          words(text, [EDGE_MM + 4, 26 + index * 8.6 + row * 4.2], { bold: index === 0 && row === 0 }),
        ),
    ),
  ];
}

/** A rule up the left edge from the lower paper edge to the cross: the paper edge stands on the base of the tank. */
function heightRule({ hole }: DrillHole, crossY: number, { paper, measures }: SheetContext): Item[] {
  const [, heightMm] = PAPERS[paper];
  const x = EDGE_MM + 6;
  const [small, large] = measures === 'in-gal' ? [INCH_MM / 4, 4] : [5, 4];
  const count = Math.floor((heightMm - crossY) / small + 1e-9);
  const ticks = Array.from({ length: count + 1 }, (_, index) => index).filter((index) => index > 0);
  return [
    line('frame', [x, heightMm - 2, x, crossY], 0.3),
    line('centre', [x, crossY, x + 16, crossY], 0.25, [3, 1]),
    words(formatLength(hole.heightM, measures), [x + 1, crossY - 1.6], { bold: true }),
    ...ticks.flatMap((index): Item[] => {
      const y = heightMm - index * small;
      const whole = index % large === 0;
      const figure = measures === 'in-gal' ? `${index / large}` : `${index * small}`;
      return [
        line('frame', [x, y, x + (whole ? 5 : 2.6), y], 0.2),
        ...(whole && y - crossY > 5 && heightMm - y > 6 ? [words(figure, [x + 6, y + 1.2], { sizeMm: 3.2 })] : []),
      ];
    }),
    words('This paper edge on the base of the tank', [x - 2.4, heightMm - 40], { sizeMm: 3, upright: true }),
  ];
}

/** Room for where the cross is, beside the circle. */
const MEASURE_MM = 30;

/** Too high for the paper, or in a top: where the cross is, by tape. */
function measureHere(
  drill: DrillHole,
  [crossX, crossY]: readonly [x: number, y: number],
  context: SheetContext,
): Item[] {
  const { tank, measures } = context;
  const { hole, height, along } = drill;
  const reach = reachMm(drill);
  const x = EDGE_MM + 4;
  // Beside the circle at the height of its cross; in the corner over it where the circle has no room beside it.
  const beside = crossX - reach - x >= MEASURE_MM;
  const top = beside ? crossY : crossY - reach + 4;
  const says = isUpright(hole.face)
    ? [
        `measure ${height}`,
        beside ? 'up to here' : 'up to the cross',
        `${along} ${hole.face === 'wall' ? 'round' : 'from left'}`,
      ]
    : [
        `in the ${hole.face} of ${tank.label}`,
        along,
        `${formatLength(hole.aroundM, measures)} from left`,
        `${formatLength(hole.depthM, measures)} from front`,
      ];
  return [
    ...(beside ? [line('centre', [x, crossY, x + 22, crossY], 0.25, [3, 1])] : []),
    ...says.map((text, row) =>
      words(text, [x, top + (row === 0 ? -1.6 : row * 4.4)], {
        sizeMm: row === 0 ? 3.6 : SMALL_MM,
        bold: row === 0,
      }),
    ),
  ];
}

const COLUMNS = [
  ['hole', 0],
  ['for', 11],
  ['height', 45],
  ['along', 70],
  ['hole cut', 106],
  ['seal', 130],
] as const;

/** Order of work, all holes of the tank, check ruler and caution; how high all that is, and its items from a line down. */
function infoItems(drill: DrillHole, context: SheetContext): { heightMm: number; at: (y: number) => Item[] } {
  const { holes, tank, measures, paper } = context;
  const [widthMm] = PAPERS[paper];
  const right = widthMm - EDGE_MM - 4;
  const steps = drill.steps.flatMap((step, index) =>
    wrap(step, 96).map((text, row) => ({ number: row === 0 ? `${index + 1}` : '', text })),
  );
  const stepsMm = 8 + steps.length * STEP_MM;
  const tableMm = 12 + (holes.length + 1) * TABLE_ROW_MM;
  const rulerMm = 18;
  const cut = (one: DrillHole): string =>
    one.saw === undefined
      ? 'not known'
      : 'sawM' in one.saw
        ? `saw ${formatLength(one.saw.sawM, measures)}`
        : one.saw.fit === 'core'
          ? 'cored'
          : 'template';
  const row = (one: DrillHole): readonly string[] => [
    one.hole.label,
    one.hole.name.slice(0, 20),
    one.height,
    one.along,
    cut(one),
    one.seal.slice(0, 26),
  ];
  return {
    heightMm: stepsMm + tableMm + rulerMm,
    at: (top) => {
      const tableY = top + stepsMm;
      const rulerY = tableY + tableMm + 8;
      return [
        line('frame', [LEFT_MM, top, right, top], 0.6),
        words('In this order', [LEFT_MM, top + 5], { sizeMm: 4.4, bold: true }),
        ...steps.flatMap(({ number, text }, index) => [
          words(number, [LEFT_MM, top + 10 + index * STEP_MM], { bold: true }),
          words(text, [LEFT_MM + 6, top + 10 + index * STEP_MM]),
        ]),
        line('frame', [LEFT_MM, tableY, right, tableY], 0.6),
        words(`All holes in ${tank.label}`, [LEFT_MM, tableY + 5], { sizeMm: 4.4, bold: true }),
        ...COLUMNS.map(([name, x]) => words(name, [LEFT_MM + x, tableY + 10], { sizeMm: 3.2 })),
        ...holes.flatMap((one, index) => {
          const y = tableY + 10 + (index + 1) * TABLE_ROW_MM;
          return [
            line('frame', [LEFT_MM, y - 3.9, right, y - 3.9], one.hole.id === drill.hole.id ? 0.5 : 0.15),
            ...row(one).map((text, column) =>
              words(text, [LEFT_MM + (COLUMNS[column]?.[1] ?? 0), y], {
                sizeMm: 3.2,
                bold: one.hole.id === drill.hole.id,
              }),
            ),
          ];
        }),
        ...checkRuler(LEFT_MM, rulerY),
        ...CAUTION.map((text, index) =>
          words(text, [LEFT_MM + 108, rulerY - 4 + index * 3.8], { sizeMm: 2.9, bold: index === 0 }),
        ),
      ];
    },
  };
}

const CAUTION = [
  'Caution',
  'Tank empty. Eyes covered. Clamp, let the saw cut',
  'slowly: a snatched saw breaks wrists. Never your',
  'head into the tank. Local codes come first.',
];

/** 100 mm above, 4 in below one line: lay a tape on it. */
function checkRuler(x: number, y: number): Item[] {
  return [
    line('frame', [x, y, x + 4 * INCH_MM, y], 0.25),
    ...Array.from({ length: 101 }, (_, mm) =>
      line('frame', [x + mm, y, x + mm, y - (mm % 10 === 0 ? 4 : mm % 5 === 0 ? 3 : 1.8)], mm % 10 === 0 ? 0.25 : 0.1),
    ),
    ...Array.from({ length: 33 }, (_, eighth) => {
      const at = x + (eighth * INCH_MM) / 8;
      return line(
        'frame',
        [at, y, at, y + (eighth % 8 === 0 ? 4 : eighth % 4 === 0 ? 3 : 1.8)],
        eighth % 8 === 0 ? 0.25 : 0.1,
      );
    }),
    words('100 mm', [x + 100, y - 5], { sizeMm: 3, anchor: 'end' }),
    words('4 in', [x + 4 * INCH_MM, y + 7.4], { sizeMm: 3, anchor: 'end' }),
    words('Lay a tape on this. If it differs, print at 100 %.', [x, y + 7.4], { sizeMm: 3, bold: true }),
  ];
}

/** What is said of a hole, where its circle has sheets of its own. */
const wordSheet = (drill: DrillHole, sheetWords: string, context: SheetContext): Sheet => ({
  widthMm: PAPERS[context.paper][0],
  heightMm: PAPERS[context.paper][1],
  title: `${drill.hole.label} in words`,
  items: [
    ...heading(drill, `${sheetWords}, in words`, context),
    ...infoItems(drill, context).at(headMm(drill) + CLEAR_MM),
  ],
});

/** A circle larger than the paper: tiles with crosses to lay over one another; whole where only the words have no room. */
function tiledSheets(drill: DrillHole, sheetWords: string, context: SheetContext): Sheet[] {
  const [widthMm, heightMm] = PAPERS[context.paper];
  const reach = reachMm(drill) + 4;
  const [tileX, tileY] = [widthMm - 2 * EDGE_MM - OVERLAP_MM, heightMm - 2 * EDGE_MM - OVERLAP_MM - HEAD_MM];
  // One sheet of paper shares nothing with another.
  const tiles = (tileMm: number): number => (2 * reach <= tileMm + OVERLAP_MM ? 1 : Math.ceil((2 * reach) / tileMm));
  const [across, down] = [tiles(tileX), tiles(tileY)];
  return Array.from({ length: across * down }, (_, index): Sheet => {
    const [column, rowIndex] = [index % across, Math.floor(index / across)];
    // The upper left corner of what this tile shows, from the middle of the hole.
    const [fromX, fromY] = [-reach + column * tileX, -reach + rowIndex * tileY];
    const at = {
      x: across === 1 ? (besideX(reachMm(drill), context) ?? widthMm / 2) : EDGE_MM - fromX,
      y: HEAD_MM + EDGE_MM - fromY,
    };
    const corners = [
      [0, 0],
      [tileX, 0],
      [0, tileY],
      [tileX, tileY],
    ] as const;
    return {
      widthMm,
      heightMm,
      title: across * down > 1 ? `${drill.hole.label} tile ${index + 1}` : `${drill.hole.label} ${drill.hole.name}`,
      items: [
        ...heading(
          { ...drill, warnings: [] },
          across * down > 1 ? `${sheetWords}, tile ${index + 1} of ${across * down}` : sheetWords,
          context,
        ),
        words(
          across * down === 1
            ? 'What is said of it is on the next sheet.'
            : `Row ${rowIndex + 1}, column ${column + 1}. Lay the crosses over one another. Starter hole inside the line, jigsaw, rim overlaps.`,
          [EDGE_MM + 4, 26],
        ),
        ...clipped(circles(drill, [at.x, at.y], circlesOn(context)), widthMm, heightMm),
        ...(across * down === 1 ? [] : corners).flatMap(([dx, dy]) =>
          crossMark(EDGE_MM + dx + OVERLAP_MM / 2, HEAD_MM + EDGE_MM + dy + OVERLAP_MM / 2),
        ),
        ...(index === 0 ? checkRuler(LEFT_MM, heightMm - EDGE_MM - 10) : []),
      ],
    };
  });
}

const crossMark = (x: number, y: number): Item[] => [
  line('centre', [x - 4, y, x + 4, y], 0.3),
  line('centre', [x, y - 4, x, y + 4], 0.3),
];

/** Text and lines that lie off the paper are left out; a circle is cut by the edge of the paper itself. */
const clipped = (items: readonly Item[], widthMm: number, heightMm: number): Item[] =>
  items.filter((item) => {
    const inside = (x: number, y: number): boolean => x > 2 && x < widthMm - 2 && y > HEAD_MM && y < heightMm - 2;
    if (item.kind === 'circle') return true;
    return item.kind === 'text' ? inside(item.x, item.y) : inside(item.x1, item.y1) || inside(item.x2, item.y2);
  });
