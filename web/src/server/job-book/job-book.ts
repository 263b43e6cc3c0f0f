import 'server-only';
import {
  type CutBars,
  type Job,
  type PartsGroup,
  type PartsLine,
  PURPOSE_NAMES,
  type Plan,
  SETTLED_WORDS,
  allWaysWords,
  bothLengths,
  centreToCentre,
  coursesOf,
  cutWords,
  drillHoles,
  fillText,
  formatLength,
  formatMoney,
  formatStockLength,
  holeById,
  measuredToWords,
  needWords,
  noteWords,
  placesWords,
  openQuestions,
  provenList,
  reckoned,
  reckonedSum,
  reckoningWords,
  tapeMarks,
  wayAmountWords,
  wayLines,
  wayRows,
  wayTimeWords,
} from '@herrero/core';
import { format } from 'date-fns';
import { type Paper, drillingSheets } from '../drilling-sheet/lay-out';
import { type Item, type Sheet, line, moved, words, wrap } from '../sheet/sheet';
import { type Block, pagesOf, widthOn } from './pages';
import { numbersOf, runDrawing } from './run-drawing';
import { spaceDrawing } from './space-drawing';

const TEXT_MM = 3.2;
const ROW_MM = 4.6;
/** Characters of running text on a millimetre of paper, at the size of the text. */
const CHARS_PER_MM = 0.78;
/** What the views of a run, and the run in space, may take of a page. */
const DRAWING_MM = [66, 84] as const;

interface Book {
  readonly job: Job;
  readonly plan: Plan;
  readonly paper: Paper;
  readonly madeOn: string;
}

/**
 * Everything that goes to the site on paper: the list by place with a drawing of each run, what is not known yet, the cut
 * sheet, the cautions, and the drilling sheets at true scale. Black on white: grey printers lose nothing.
 */
export function jobBook(job: Job, plan: Plan, paper: Paper, now: Date): readonly Sheet[] {
  const book: Book = { job, plan, paper, madeOn: format(now, 'd MMMM yyyy') };
  return [
    ...pagesOf(listBlocks(book), `${job.name}: parts`, book.madeOn, paper),
    ...(plan.parts.cuts.length > 0 ? pagesOf(cutBlocks(book), `${job.name}: cut sheet`, book.madeOn, paper) : []),
    ...job.tanks.flatMap((tank) =>
      drillingSheets({
        jobName: job.name,
        tank,
        measures: job.measures,
        holes: drillHoles(tank, plan.context),
        madeOn: book.madeOn,
        paper,
      }),
    ),
  ];
}

/** The drawings of all runs, each on a sheet of its own, for SVG and DXF. */
export function runSheets(job: Job, plan: Plan, now: Date): readonly Sheet[] {
  const book: Book = { job, plan, paper: 'a4', madeOn: format(now, 'd MMMM yyyy') };
  return plan.runs.flatMap(({ penetration }) => {
    const drawn = drawingOf(penetration.id, book, 190, [120, 110]);
    if (!drawn) return [];
    const title = `${job.name}: ${penetration.label} ${penetration.name}`;
    const names = drawn.names.map((text, index) =>
      words(text, [10, drawn.heightMm + 26 + index * ROW_MM], { sizeMm: TEXT_MM }),
    );
    return [
      {
        widthMm: 210,
        heightMm: drawn.heightMm + 34 + names.length * ROW_MM,
        title,
        items: [words(title, [10, 12], { sizeMm: 5, bold: true }), ...moved(drawn.items, 10, 18), ...names],
      },
    ];
  });
}

/**
 * A run from the side and from above, under it in space, and the names to the numbers of both.
 *
 * @param heightsMm  the most that the views, and the drawing in space, may take
 */
function drawingOf(
  penetrationId: string,
  { job, plan }: Book,
  widthMm: number,
  [viewsMm, spaceMm]: readonly [number, number],
) {
  const { context } = plan;
  const { measures } = job;
  const course = coursesOf(context).get(penetrationId);
  const views = course && runDrawing(course, measures, widthMm, viewsMm);
  if (!course || !views) return undefined;
  const numbers = numbersOf(course);
  const label = holeById(job, penetrationId)?.label ?? '';
  const space = spaceDrawing(course, label, numbers, measures, widthMm, spaceMm);
  const legs = course.strands.flat();
  return {
    heightMm: views.heightMm + (space ? space.heightMm + VIEW_GAP_MM : 0),
    items: [...views.items, ...(space ? moved(space.items, 0, views.heightMm + VIEW_GAP_MM) : [])],
    names: legs.map(({ placed, part }) => {
      const long = placed.lengthM === null ? '' : `, ${formatLength(placed.lengthM, measures)}`;
      const between = centreToCentre(placed.id, context);
      const centres = between
        ? `; ${formatLength(between.madeM, measures)} from ${measuredToWords(between.from)} to ${measuredToWords(between.to)}`
        : '';
      return `${numbers.get(placed.id) ?? ''}  ${part.name} ${part.detail}${long}${centres}${placed.existing ? ' (stands already)' : ''}`;
    }),
  };
}

const VIEW_GAP_MM = 6;

const paragraph = (text: string, widthMm: number, sizeMm = TEXT_MM, bold = false): Block => {
  const rows = wrap(text, Math.floor((widthMm * CHARS_PER_MM * TEXT_MM) / sizeMm));
  return {
    heightMm: rows.length * (sizeMm + 1.4) + 1,
    items: rows.map((row, index) => words(row, [0, sizeMm + index * (sizeMm + 1.4)], { sizeMm, bold })),
  };
};

const heading = (text: string, widthMm: number): Block => ({
  heightMm: 9,
  items: [words(text, [0, 6], { sizeMm: 4.2, bold: true }), line('frame', [0, 8, widthMm, 8], 0.4)],
  withNext: true,
});

function listBlocks(book: Book): readonly Block[] {
  const { job, plan, paper } = book;
  const parts = provenList(plan);
  const widthMm = widthOn(paper);
  const prices = parts.groups.flatMap(({ lines }) => lines.map(({ priceUsd }) => priceUsd));
  const totals = `${parts.toBuy} to buy, ${formatMoney(reckonedSum(prices, job), job.currency)} ${reckoningWords(job)}. All prices are invented.`;
  return [
    paragraph(totals, widthMm, 3.6, true),
    heading('Caution', widthMm),
    ...parts.cautions.map((text) => paragraph(text, widthMm)),
    ...(openQuestions(parts).length === 0
      ? []
      : [
          heading('Not known yet, so not in the list', widthMm),
          ...openQuestions(parts).map((text) => paragraph(text, widthMm)),
        ]),
    ...settledBlocks(book, widthMm),
    ...saidBlocks(book, widthMm),
    ...parts.groups.flatMap((group) => groupBlocks(group, book)),
    ...wayBlocks(book),
  ];
}

/** How it is made: each way with how long it takes, what it waits for and what is looked at. */
function wayBlocks({ job, plan, paper }: Book): readonly Block[] {
  const ways = wayLines(plan.context);
  const widthMm = widthOn(paper);
  if (ways.length === 0) return [];
  return [
    heading('How it is made', widthMm),
    paragraph(allWaysWords(ways), widthMm),
    ...ways.flatMap((way) => [
      {
        ...paragraph(`${way.name}: ${wayAmountWords(way, job.measures)}, ${wayTimeWords(way)}`, widthMm, TEXT_MM, true),
        withNext: true as const,
      },
      ...wayRows(way).map(([about, said]) => paragraph(`${about}: ${said}`, widthMm, 2.8)),
    ]),
  ];
}

/** What somebody has settled or acknowledged, by name: it stands in the book as what it is. */
function settledBlocks({ job, plan }: Book, widthMm: number): readonly Block[] {
  const named = [...plan.findings, ...plan.settled].filter(({ settled }) => settled !== undefined);
  if (named.length === 0) return [];
  return [
    heading('Settled by name, not solved', widthMm),
    ...named.map(({ title, at, text, data, settled, safety }) =>
      paragraph(
        `${title}, ${at.label}: ${fillText(text, data, job.measures)} ${safety ? 'Acknowledged, still open' : 'Settled'}, ${settled ? `${SETTLED_WORDS[settled.because]}: ${settled.by}, ${settled.on}` : ''}.`,
        widthMm,
      ),
    ),
  ];
}

/** What was decided and why, what each tank is for, and what was seen of it: for who comes after. */
function saidBlocks({ job, plan }: Book, widthMm: number): readonly Block[] {
  const { catalogue, runs } = plan.context;
  const said = [
    ...job.tanks.flatMap(({ label, purposes, mayRunOver }) => [
      ...(purposes.length > 0
        ? [`${label} is for: ${purposes.map((one) => PURPOSE_NAMES[one].toLowerCase()).join(', ')}.`]
        : []),
      ...(mayRunOver ? [`${label} may run over.`] : []),
    ]),
    ...runs.flatMap(({ penetration, strands }) =>
      strands
        .flatMap(({ items }) => items)
        .flatMap(({ placed }) =>
          placed.because === null
            ? []
            : [`${penetration.label}, ${catalogue.byCode.get(placed.code)?.name ?? placed.code}: ${placed.because}`],
        ),
    ),
    ...job.tanks.flatMap(({ label, logbook }) => logbook.map(({ on, text }) => `${on}, ${label}: ${text}`)),
  ];
  if (said.length === 0) return [];
  return [heading('Decided and seen', widthMm), ...[...new Set(said)].map((text) => paragraph(text, widthMm))];
}

function groupBlocks(group: PartsGroup, book: Book): readonly Block[] {
  const widthMm = widthOn(book.paper);
  const drawn =
    group.penetrationId === undefined ? undefined : drawingOf(group.penetrationId, book, widthMm, DRAWING_MM);
  return [
    heading(`${group.title}, ${group.subtitle}`, widthMm),
    ...(drawn
      ? [
          { heightMm: drawn.heightMm + 3, items: moved(drawn.items, 0, 2), withNext: true as const },
          ...drawn.names.map((text) => paragraph(text, widthMm, 3)),
        ]
      : []),
    columnsHead(widthMm),
    ...group.lines.map((one) => lineBlock(one, book, widthMm)),
  ];
}

/** Where the columns of a line end, from the right edge [mm]. */
const COLUMNS = { need: 52, buy: 32, price: 8 } as const;
const right = (text: string, widthMm: number, column: keyof typeof COLUMNS, bold = false): Item =>
  words(text, [widthMm - COLUMNS[column], TEXT_MM], { sizeMm: TEXT_MM, anchor: 'end', bold });

const columnsHead = (widthMm: number): Block => ({
  heightMm: ROW_MM + 0.6,
  items: [
    right('need', widthMm, 'need'),
    right('buy', widthMm, 'buy'),
    right('price', widthMm, 'price'),
    line('frame', [0, ROW_MM, widthMm, ROW_MM], 0.2),
  ],
  withNext: true,
});

function lineBlock(one: PartsLine, book: Book, widthMm: number): Block {
  const { title, detail, buy, priceUsd, places } = one;
  const { job } = book;
  const note = noteWords(one, job.measures);
  const rows = [
    ...wrap(`${title} ${detail}${places.length > 0 ? `, ${placesWords(places)}` : ''}`, 62),
    ...(note === '' ? [] : wrap(note, 68)),
  ];
  const heightMm = rows.length * ROW_MM + 0.8;
  return {
    heightMm,
    items: [
      // A box to tick with a pencil.
      ...[
        [0, 0.4, 3, 0.4],
        [3, 0.4, 3, 3.4],
        [3, 3.4, 0, 3.4],
        [0, 3.4, 0, 0.4],
      ].map(([x1 = 0, y1 = 0, x2 = 0, y2 = 0]) => line('frame', [x1, y1, x2, y2], 0.25)),
      ...rows.map((row, index) => words(row, [5, TEXT_MM + index * ROW_MM], { sizeMm: TEXT_MM })),
      right(needWords(one, job.measures), widthMm, 'need'),
      right(buy === 0 ? '–' : `${buy}`, widthMm, 'buy', true),
      right(priceUsd === null ? '' : formatMoney(reckoned(priceUsd, job), job.currency), widthMm, 'price'),
      line('frame', [0, heightMm - 0.4, widthMm, heightMm - 0.4], 0.1),
    ],
  };
}

const BAR_MM = 7;

function cutBlocks(book: Book): readonly Block[] {
  const widthMm = widthOn(book.paper);
  return [
    paragraph(
      'Hook the tape on one end of the bar and leave it there: the marks are where the saw goes. Measure twice, dry fit, then glue.',
      widthMm,
    ),
    ...book.plan.parts.cuts.flatMap((cut) => [
      heading(cut.title, widthMm),
      ...cut.bars.flatMap((_, index) => barBlocks(cut, index, book)),
      ...cut.unknown.map((place) => paragraph(`${place}: its length is not known yet, cut it last.`, widthMm)),
    ]),
  ];
}

function barBlocks({ bars, order }: CutBars, index: number, { job, paper }: Book): readonly Block[] {
  const bar = bars[index];
  if (!bar) return [];
  const widthMm = widthOn(paper);
  const scale = widthMm / Math.max(...bars.map(({ stockM }) => stockM));
  const marks = tapeMarks(bar, order.kerfM);
  const end = bar.stockM * scale;
  const starts = bar.pieces.map((_, place) => (place === 0 ? 0 : (marks[place - 1] ?? 0) + order.kerfM));
  const leftFrom = (marks.at(-1) ?? bar.stockM) * scale;
  const hatch = Array.from({ length: Math.max(0, Math.floor((end - leftFrom) / 3)) }, (_, place) => {
    const x = leftFrom + 3 * (place + 1);
    return line('centre', [x - Math.min(3, x - leftFrom), BAR_MM + 2, x, 2], 0.1);
  });
  const drawing: Block = {
    heightMm: BAR_MM + 4,
    withNext: true,
    items: [
      line('pipe', [0, 2, end, 2], 0.3),
      line('pipe', [0, BAR_MM + 2, end, BAR_MM + 2], 0.3),
      line('pipe', [0, 2, 0, BAR_MM + 2], 0.3),
      line('pipe', [end, 2, end, BAR_MM + 2], 0.3),
      ...marks.map((mark) => line('cut', [mark * scale, 0.5, mark * scale, BAR_MM + 3.5], 0.6)),
      ...bar.pieces.flatMap(({ label, lengthM }, place) =>
        lengthM * scale < 10
          ? []
          : [
              words(label, [((starts[place] ?? 0) + lengthM / 2) * scale, BAR_MM - 0.4], {
                sizeMm: TEXT_MM,
                anchor: 'middle',
                bold: true,
              }),
            ],
      ),
      ...hatch,
    ],
  };
  return [
    {
      ...paragraph(
        `${formatStockLength(bar.stockM, job.measures)}${bar.onHand ? ', on hand' : ''}; ${bothLengths(bar.offCutM)} left over`,
        widthMm,
        TEXT_MM,
        true,
      ),
      withNext: true,
    },
    drawing,
    ...bar.pieces.map((piece, place) =>
      paragraph(
        `${piece.label}: ${cutWords(piece)}${marks[place] === undefined ? '; ends with the bar' : `; mark at ${bothLengths(marks[place])}`}`,
        widthMm,
      ),
    ),
  ];
}
