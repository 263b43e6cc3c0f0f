import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../../fittings/catalogue';
import { contextOf } from '../../derived/context';
import { drumWith } from '../../test/sample-jobs';
import { compareWithList, guessForeignColumns, matchForeign, readForeignRows } from './foreign-list';
import { takeOff } from '../take-off/take-off';

const match = (description: string, code = '', inJob: readonly string[] = []) =>
  matchForeign({ row: 1, description, code, count: 1 }, shippedCatalogue, new Set(inJob));

describe('columns and rows', () => {
  test('headings of our own list and of others', () => {
    expect(guessForeignColumns(['Group', 'Article', 'Part', 'Detail', 'Need', 'Unit', 'Buy'])).toEqual({
      description: [2, 3],
      code: 1,
      count: 6,
    });
    expect(guessForeignColumns(['Qty.', 'Description'])).toEqual({
      description: [1],
      code: undefined,
      count: undefined,
    });
    expect(guessForeignColumns(['Qty', 'Description']).count).toBe(0);
  });

  test('every row stands alone', () => {
    const columns = { description: [0], code: undefined, count: 1 };
    expect(
      readForeignRows(
        [
          ['hex nipple 3/4', '2 pcs'],
          ['elbow', 'two'],
          ['', '3'],
          ['', ''],
          ['tee', ''],
          ['cap', '0'],
        ],
        columns,
      ),
    ).toEqual({
      rows: [
        { row: 1, description: 'hex nipple 3/4', code: '', count: 2 },
        { row: 5, description: 'tee', code: '', count: 1 },
      ],
      problems: [
        { row: 2, message: 'two is no figure. Write it like 4.' },
        { row: 3, message: 'It does not say what it is.' },
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
    const again = match('3/4 ball valve', '', [other]);
    expect(again.kind === 'doubtful' && again.candidates[0]?.code).toBe(other);
  });
  test('what is nothing like a part is unknown', () =>
    expect(match('garden gnome, painted')).toEqual({ kind: 'unknown' }));
  test('nothing of a hostile row is more than words', () =>
    expect(match('__proto__ constructor =cmd()')).toEqual({ kind: 'unknown' }));
});

test('held against a job: what is short, what is over, what agrees', () => {
  const job = drumWith({ parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }], overflow: false });
  const lines = takeOff(contextOf(job, shippedCatalogue)).groups.flatMap((group) => group.lines);
  const part = (code: string) => shippedCatalogue.byCode.get(code)!;
  const compared = compareWithList(
    [
      { part: part('NC-075'), count: 3 },
      { part: part('LV-075'), count: 1 },
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
