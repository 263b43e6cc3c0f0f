import { METRES_PER_FOOT } from '../../../quantity/length';
import { listNumber } from '../../../quantity/list-figures';
import type { ForeignColumns } from './columns';

export interface ForeignRow {
  /** Counted from 1, headings not counted. */
  readonly row: number;
  readonly description: string;
  readonly code: string;
  readonly count: number;
  /** Of what is given by its length [m]: all of the row together; undefined: pieces. */
  readonly lengthM: number | undefined;
}

export interface ReadForeign {
  readonly rows: readonly ForeignRow[];
  readonly problems: readonly { readonly row: number; readonly message: string }[];
  /** Rows that only head others: 'Tank 1', 'Fittings'. */
  readonly headings: readonly { readonly row: number; readonly words: string }[];
}

const MOST_COUNT = 100_000;

/** In what things are counted: pieces as they are; metres by their factor. */
const COUNTED_IN: readonly (readonly [RegExp, number | undefined])[] = [
  [/^(?:x|pcs?|pieces?|ea|each|nr|no|off|units?|stk|st|stück|stueck)\.?$/i, undefined],
  [/^(?:lengths?|lths?|lgths?|len|bars?|sticks?|joints?|jts?|stangen?|stg|coils?|rolls?|rollen?)\.?$/i, undefined],
  [/^(?:pks?|packs?|pkts?|boxes|box|bags?|tins?|tubes?|cans?|pak|pack(?:ung)?)\.?$/i, undefined],
  [/^(?:ft|feet|foot|lf|')\.?$/i, METRES_PER_FOOT],
  [/^(?:m|mtrs?|metres?|meters?|lm|lfm)\.?$/i, 1],
];

/** Reads the rows of a foreign list; a row without a word or a count is named and left out, all others are kept. */
export function readForeignRows(rows: readonly (readonly string[])[], columns: ForeignColumns): ReadForeign {
  const read: ForeignRow[] = [];
  const problems: { row: number; message: string }[] = [];
  const heads: { row: number; words: string }[] = [];
  for (const [index, cells] of rows.entries()) {
    const row = index + 1;
    const cell = (column: number | undefined): string => (column === undefined ? '' : (cells[column] ?? '').trim());
    const description = columns.description
      .map(cell)
      .filter((text) => text !== '')
      .join(' ');
    const code = cell(columns.code);
    const refuse = (message: string): void => void problems.push({ row, message });
    const filled = cells.map((text) => text.trim()).filter((text) => text !== '');
    if (filled.length === 0) continue;
    const said = cell(columns.count);
    // A row of one cell where others are counted heads what follows; a sum belongs to nothing.
    if (
      (columns.count !== undefined && said === '' && filled.length === 1) ||
      /^(?:sub)?(?:total|summe)\b/i.test(description)
    ) {
      heads.push({ row, words: filled[0] ?? '' });
      continue;
    }
    if (description === '' && code === '') {
      refuse('It does not say what it is.');
      continue;
    }
    const [, number = '', behind = ''] = /^(.*?\d)\s*([a-zäöü']+\.?)?$/i.exec(said) ?? ['', said, ''];
    const unit = behind === '' ? cell(columns.unit) : behind;
    const known = unit === '' ? undefined : COUNTED_IN.find(([words]) => words.test(unit));
    const figure = listNumber(number.replace(/^x\s*/i, ''));
    if (unit !== '' && !known) {
      refuse(`“${unit.slice(0, 20)}” is no unit that is known here: write pieces, feet or metres.`);
      continue;
    }
    if (!figure.ok) {
      refuse(figure.error);
      continue;
    }
    const count = figure.value ?? 1;
    if (!(count >= 0 && count <= MOST_COUNT)) {
      refuse(`“${said.slice(0, 40)}” is no count.`);
      continue;
    }
    const factor = known?.[1];
    if (count > 0)
      read.push({
        row,
        description,
        code,
        count: factor === undefined ? Math.ceil(count) : 1,
        lengthM: factor === undefined ? undefined : count * factor,
      });
  }
  return { rows: read, problems, headings: heads };
}
