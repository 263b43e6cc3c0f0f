import 'server-only';
import { type Currency, type Settings, type ShelfLine, paperOf } from '@herrero/core';
import { csvText } from './csv';
import { printedWorkbook } from './printed-workbook';

/** What a supplier is asked, each line once, and the columns it fills in; they are read back as its price list. */
const headings = (currency: Currency): readonly string[] => [
  'Article',
  'Description',
  'Amount',
  'Sold by',
  `Price ${currency}, without tax`,
  'Pack',
  'Stock',
  'Our code',
  'GTIN',
];

const cellsOf = ({ article, title, detail, buy, soldBy }: ShelfLine) =>
  [article, `${title} ${detail}`.trim(), buy, soldBy] as const;

/** A request for prices as CSV: no price of ours is in it. */
export const priceRequestCsv = (lines: readonly ShelfLine[], currency: Currency): string =>
  csvText(
    headings(currency),
    lines.map((line) => [...cellsOf(line).map((cell) => `${cell}`), '', '', '', '', '']),
  );

const WIDTHS = [18, 48, 9, 9, 16, 8, 8, 16, 16];

/** The same as a workbook. */
export const priceRequestXlsx = (
  lines: readonly ShelfLine[],
  job: Pick<Settings, 'currency' | 'region' | 'measures'>,
): Promise<Buffer> =>
  printedWorkbook(
    [
      {
        sheet: 'Request for prices',
        stickyRowsCount: 1,
        orientation: 'landscape',
        columns: WIDTHS.map((width) => ({ width })),
        data: [
          headings(job.currency).map(
            (value) => ({ value, fontWeight: 'bold', bottomBorderStyle: 'thin', wrap: true }) as const,
          ),
          ...lines.map((line) => {
            const [article, words, amount, soldBy] = cellsOf(line);
            const text = (value: string) => ({ value, type: String, wrap: true, alignVertical: 'top' }) as const;
            return [
              text(article),
              text(words),
              { value: amount, type: Number, alignVertical: 'top' } as const,
              text(soldBy),
              null,
              null,
              null,
              null,
              null,
            ];
          }),
        ],
      },
    ],
    paperOf(job),
  );
