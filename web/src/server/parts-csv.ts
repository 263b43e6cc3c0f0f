import { type PartsList } from '@herrero/core';
import Papa from 'papaparse';

const HEADINGS = ['Group', 'Code', 'Part', 'Detail', 'Need', 'Unit', 'Buy', 'Price USD', 'Where', 'Note'];

/** A byte order mark, without which spreadsheets take UTF-8 for something else. */
const BOM = '\uFEFF';

/**
 * The parts list as CSV (RFC 4180, UTF-8): one row for each line, then one for each open question, so that nothing that is
 * not known is left out. Cells that a spreadsheet would run as a formula are escaped.
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
  return (
    BOM +
    Papa.unparse({ fields: HEADINGS, data: [...rows, ...asked, total] }, { escapeFormulae: true, newline: '\r\n' }) +
    '\r\n'
  );
}

/** A name that every file system takes. */
export const fileNameOf = (name: string): string =>
  name
    .normalize('NFKD')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-+|-+$/g, '')
    .slice(0, 60) || 'job';
