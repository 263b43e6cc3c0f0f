import 'server-only';
import {
  type PartsList,
  type ProvenList,
  type Reckoning,
  bothLengths,
  cents,
  cutWords,
  formatStockLength,
  type Measures,
  type PaperSize,
  reckoningWords,
  tapeMarks,
} from '@herrero/core';
import { type Row, type Sheet } from 'write-excel-file/node';
import { PARTS_COLUMNS, type PartsRow, partsRows } from './parts-table';
import { type Total, printedWorkbook } from './printed-workbook';

const HEAD = { fontWeight: 'bold', backgroundColor: '#E4DAC3', bottomBorderStyle: 'thin' } as const;
const head = (titles: readonly string[]): Row => titles.map((value) => ({ value, ...HEAD }));
/** Text stands as text whatever it begins with: nothing of a name is a formula. */
const text = (value: string) => ({ value, type: String, wrap: true, alignVertical: 'top' }) as const;
const number = (value: number | null, format = 'General') =>
  value === null ? null : ({ value, type: Number, format, alignVertical: 'top' } as const);
/** Our own totals are the only formulas. */
const sumOf = (column: string, lastRow: number): string => `SUM(${column}2:${column}${lastRow})`;
const sum = (column: string, lastRow: number, format: string) =>
  ({
    value: sumOf(column, lastRow),
    type: 'Formula',
    format,
    fontWeight: 'bold',
    topBorderStyle: 'thin',
  }) as const;
const MONEY = '#,##0.00';

/** The parts list as a workbook: the list with its totals, and how each length is cut. */
export function partsXlsx(
  parts: ProvenList,
  job: Reckoning & { readonly name: string; readonly measures: Measures },
  paper: PaperSize,
): Promise<Buffer> {
  const rows = partsRows(parts, job);
  const last = rows.length + 1;
  const totals: readonly Total[] = [
    { formula: sumOf('G', last), value: rows.reduce((all, { buy }) => all + (buy ?? 0), 0) },
    { formula: sumOf('H', last), value: cents(rows.reduce((all, { price }) => all + (price ?? 0), 0)) },
  ];
  return printedWorkbook([listSheet(rows, job), cutSheet(parts, job.measures)], paper, totals);
}

type Named = Sheet<Buffer> & { readonly sheet: string };

function listSheet(rows: readonly PartsRow[], reckoning: Reckoning): Named {
  const last = rows.length + 1;
  return {
    sheet: 'Parts',
    stickyRowsCount: 1,
    orientation: 'landscape',
    columns: [14, 16, 26, 34, 9, 7, 7, 11, 10, 14, 34].map((width) => ({ width })),
    data: [
      head(PARTS_COLUMNS(reckoning.currency)),
      ...rows.map((row) => [
        text(row.group),
        text(row.article),
        text(row.part),
        text(row.detail),
        number(row.need, row.unit === 'm' ? '0.00' : 'General'),
        text(row.unit),
        number(row.buy),
        number(row.price, MONEY),
        number(row.leftOver),
        text(row.where),
        text(row.note),
      ]),
      [
        { value: 'Total', fontWeight: 'bold', topBorderStyle: 'thin' },
        null,
        null,
        text(`All prices are invented, ${reckoningWords(reckoning)}.`),
        null,
        null,
        sum('G', last, 'General'),
        sum('H', last, MONEY),
      ],
    ],
  };
}

function cutSheet({ cuts }: PartsList, measures: Measures): Named {
  const rows = cuts.flatMap(({ title, bars, order, unknown }) => [
    ...bars.flatMap((bar, index) => {
      const marks = tapeMarks(bar, order.kerfM);
      const length = `${formatStockLength(bar.stockM, measures)}${bar.onHand ? ', on hand' : ''}`;
      return [
        ...bar.pieces.map((piece, place) => [
          text(title),
          text(`${index + 1}: ${length}`),
          text(piece.label),
          text(cutWords(piece)),
          text(marks[place] === undefined ? 'ends with the bar' : bothLengths(marks[place])),
        ]),
        [text(title), text(`${index + 1}: ${length}`), text('left over'), text(bothLengths(bar.offCutM)), null],
      ];
    }),
    ...unknown.map((place) => [text(title), null, text(place), text('length not known yet: cut last'), null]),
  ]);
  return {
    sheet: 'Cut list',
    stickyRowsCount: 1,
    orientation: 'landscape',
    columns: [34, 20, 12, 60, 26].map((width) => ({ width })),
    data: [head(['What', 'Length', 'For', 'Cut', 'Mark from the end']), ...rows],
  };
}
