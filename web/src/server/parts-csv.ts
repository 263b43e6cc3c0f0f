import { type PartsList } from '@herrero/core';
import { csvText } from './csv';

const HEADINGS = ['Group', 'Code', 'Part', 'Detail', 'Need', 'Unit', 'Buy', 'Price USD', 'Where', 'Note'];

/**
 * The parts list as CSV: one row for each line, then one for each open question, so that nothing that is
 * not known is left out.
 */
export function partsCsv({ groups, questions, totalUsd, toBuy }: PartsList): string {
  const rows = groups.flatMap(({ title, lines }) =>
    lines.map(({ code, title: part, detail, need, unit, buy, priceUsd, places, note }) => [
      title,
      code,
      part,
      detail,
      unit === 'm' ? need.toFixed(2) : `${need}`,
      unit,
      `${buy}`,
      priceUsd === null ? '' : priceUsd.toFixed(2),
      places.join(' '),
      note ?? '',
    ]),
  );
  const asked = questions.map((question) => [
    'Not known yet',
    '',
    question,
    '',
    '',
    '',
    '',
    '',
    '',
    'not in the list until it is known',
  ]);
  const total = ['Total', '', 'To buy', 'all prices are invented', '', '', `${toBuy}`, totalUsd.toFixed(2), '', ''];
  return csvText(HEADINGS, [...rows, ...asked, total]);
}

/** A name that every file system takes. */
export const fileNameOf = (name: string): string =>
  name
    .normalize('NFKD')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-+|-+$/g, '')
    .slice(0, 60) || 'job';
