import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../../../fittings/catalogue';
import { contextOf } from '../../../derived/context';
import { drumWith } from '../../../test/sample-jobs';
import { guessForeignColumns, isForeignHeading } from './columns';
import { compareWithList } from './compare';
import { type MatchedBy, matchForeign } from './match';
import { readForeignRows } from './read-rows';
import { tableFrom } from '../list-table';
import { FOREIGN_SAMPLES } from '../../../test/foreign-lists';
import { MATERIAL_NAMES } from '../../../connections/material';
import { partTitle } from '../../../fittings/catalogue';
import { DEEP } from '../../../test/runs';
import { takeOff } from '../../take-off/take-off';

const NOTHING: MatchedBy = { inJob: new Set(), region: undefined, learnt: new Map() };
const match = (description: string, code = '', by: Partial<MatchedBy> = {}) =>
  matchForeign({ description, code }, shippedCatalogue, { ...NOTHING, ...by });

describe('columns and rows', () => {
  test('headings of our own list and of others', () => {
    expect(guessForeignColumns(['Group', 'Article', 'Part', 'Detail', 'Need', 'Unit', 'Buy'])).toEqual({
      description: [2, 3],
      code: 1,
      count: 6,
      unit: 5,
    });
    expect(guessForeignColumns(['Qty.', 'Description'])).toEqual({
      description: [1],
      code: undefined,
      count: 0,
      unit: undefined,
    });
  });

  test('every row stands alone', () => {
    const columns = { description: [0], code: undefined, count: 1, unit: undefined };
    expect(
      readForeignRows(
        [
          ['hex nipple 3/4', '2 pcs'],
          ['elbow', 'two'],
          ['', '3'],
          ['', ''],
          ['tee', '1'],
          ['cap', '0'],
          ['pipe', '3 furlongs'],
          ['Fittings', ''],
        ],
        columns,
      ),
    ).toEqual({
      rows: [
        { row: 1, description: 'hex nipple 3/4', code: '', count: 2, lengthM: undefined },
        { row: 5, description: 'tee', code: '', count: 1, lengthM: undefined },
      ],
      headings: [{ row: 8, words: 'Fittings' }],
      problems: [
        { row: 2, message: 'two is no figure. Write it like 4.' },
        { row: 3, message: 'It does not say what it is.' },
        { row: 7, message: '“furlongs” is no unit that is known here: write pieces, feet or metres.' },
      ],
    });
  });
});

describe('what a row means', () => {
  test('a code is sure, also that of a stock length', () => {
    expect(match('whatever', 'NC-075')).toMatchObject({ kind: 'sure', part: { code: 'NC-075' } });
    expect(match('', 'PI-300@3048')).toMatchObject({ kind: 'sure', part: { code: 'PI-300' } });
  });
  test('words that fit several are asked, those of the job first', () => {
    const found = match('3/4 ball valve');
    expect(found.kind).toBe('doubtful');
    const other = found.kind === 'doubtful' ? found.candidates.at(-1)!.code : '';
    const again = match('3/4 ball valve', '', { inJob: new Set([other]) });
    expect(again.kind === 'doubtful' && again.candidates[0]?.code).toBe(other);
  });
  test('what is nothing like a part is unknown', () =>
    expect(match('garden gnome, painted')).toEqual({ kind: 'unknown' }));
  test('what somebody said before of the same words is sure', () =>
    expect(match('The Blue Thing', '', { learnt: new Map([['the blue thing', 'LV-075']]) })).toMatchObject({
      kind: 'sure',
      part: { code: 'LV-075' },
    }));
  // What is longer is no other size: ten feet of pipe, a quarter bend.
  test.each([
    ['PIPE PVC SCH40 1-1/2 X 10FT', 'PI-150'],
    ['elbow 90° 1-1/2 pvc sch 40 slip', 'ES-150'],
    ['elbow 90 1-1/2 pvc sch 40 slip', 'ES-150'],
  ])('%s', (words, code) => expect(match(words, '', { region: 'US' })).toMatchObject({ kind: 'sure', part: { code } }));
  test('nothing of a hostile row is more than words', () =>
    expect(match('__proto__ constructor =cmd()')).toEqual({ kind: 'unknown' }));
});

test('held against a job: what is short, what is over, what agrees', () => {
  const job = drumWith({ parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }], overflow: false });
  const lines = takeOff(contextOf(job, shippedCatalogue)).groups.flatMap((group) => group.lines);
  const part = (code: string) => shippedCatalogue.byCode.get(code)!;
  const compared = compareWithList(
    [
      { part: part('NC-075'), count: 3, lengthM: undefined },
      { part: part('LV-075'), count: 1, lengthM: undefined },
    ],
    lines,
    shippedCatalogue,
  );
  expect(compared.map(({ part: { code }, theirs, ours }) => `${code} ${theirs} ${ours}`)).toEqual([
    'NC-075 3 1',
    'BH-075 0 1',
    'LV-075 1 1',
  ]);
});

describe('five lists in the styles of counters', () => {
  test.each(FOREIGN_SAMPLES)('$style', ({ text, separator, region, meant }) => {
    const lines = text
      .trim()
      .split('\n')
      .map((line) => line.trim().split(separator));
    const table = tableFrom(lines, isForeignHeading);
    const { rows, problems } = readForeignRows(table.rows, guessForeignColumns(table.headings, table.rows));
    expect(problems).toEqual([]);
    expect(rows).toHaveLength(meant.length);
    expect(
      rows.map(({ count, lengthM }) => (lengthM === undefined ? count : `${Math.round(lengthM * 1000) / 1000} m`)),
    ).toEqual(meant.map(([, amount]) => amount));
    const found = rows.map((row, at) => {
      const [code] = meant[at]!;
      const by = matchForeign(row, shippedCatalogue, { ...NOTHING, region });
      const offered = by.kind === 'sure' ? [by.part] : by.kind === 'doubtful' ? by.candidates : [];
      return {
        row,
        sure: by.kind === 'sure',
        right: offered[0]?.code === code,
        offered: offered.some((one) => one.code === code),
      };
    });
    expect(found.filter(({ sure, right }) => sure && !right).map(({ row }) => row.description)).toEqual([]);
    expect(found.filter(({ sure, right }) => sure && right).length / meant.length).toBeGreaterThanOrEqual(0.6);
    expect(found.filter(({ offered }) => offered).length / meant.length).toBeGreaterThanOrEqual(0.9);
  });
});

// Not tuned to: whatever the catalogue itself calls a part is that part or is asked, and never another for sure.
test('a part by its whole name and material is never taken for another', () => {
  const some = shippedCatalogue.list.filter((_, at) => at % (DEEP ? 3 : 50) === 0);
  const wrong = some.flatMap((part) => {
    const by = match(`${partTitle(part)}, ${MATERIAL_NAMES[part.material]}`, '', { region: part.regions[0] });
    const same = by.kind === 'sure' && partTitle(by.part) === partTitle(part) && by.part.material === part.material;
    return by.kind === 'sure' && by.part !== part && !same ? [`${part.code} ${partTitle(part)}: ${by.part.code}`] : [];
  });
  expect(wrong).toEqual([]);
});
