import { type ProvenList, type Reckoning, cents, reckoningWords } from '@herrero/core';
import { csvText } from './csv';
import { PARTS_COLUMNS, partsRows } from './parts-table';

const figure = (value: number | null): string => (value === null ? '' : `${value}`);
const money = (value: number | null): string => (value === null ? '' : value.toFixed(2));

/** The parts list as CSV: one row for each line and each open question, and the total. */
export function partsCsv(parts: ProvenList, reckoning: Reckoning): string {
  const rows = partsRows(parts, reckoning);
  const sum = cents(rows.reduce((total, { price }) => total + (price ?? 0), 0));
  return csvText(PARTS_COLUMNS(reckoning.currency), [
    ...rows.map(({ group, article, part, detail, need, unit, buy, price, leftOver, where, note }) => [
      group,
      article,
      part,
      detail,
      unit === 'm' ? money(need) : figure(need),
      unit,
      figure(buy),
      money(price),
      figure(leftOver),
      where,
      note,
    ]),
    [
      'Total',
      '',
      'To buy',
      `all prices are invented, ${reckoningWords(reckoning)}`,
      '',
      '',
      `${parts.toBuy}`,
      money(sum),
      '',
      '',
      '',
    ],
  ]);
}

/** A name that every file system takes. */
export const fileNameOf = (name: string): string =>
  name
    .normalize('NFKD')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-+|-+$/g, '')
    .slice(0, 60) || 'job';
