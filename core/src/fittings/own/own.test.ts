import { runs } from '../../test/runs';
import { describe, expect, test } from 'vitest';
import { findRoutes } from '../../routes/find-routes';
import { nextParts } from '../../routes/next-parts';
import { parseEnd } from '../../connections/parse';
import { shippedCatalogue } from '../catalogue';
import { overallMm } from '../part';
import { readQuery } from '../search/read-query';
import { searchParts } from '../search/search-parts';
import { type OwnPart, catalogueWith, makeOwnPart } from './own-part';
import { ROW_FIELDS, guessMapping, ownRows, readOwnRows } from './own-rows';

const BRIDGE: OwnPart = {
  code: 'MY-1',
  name: 'Hydrant to container',
  detail: '',
  size: '2-1/2',
  material: 'brass',
  ends: ['2-1/2 NH M', 'S60x6 F'],
  lengthMm: 120,
  boreMm: null,
  priceUsd: 44,
  stockLengthM: null,
  does: ['shut-off'],
};
const open = (text: string) => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(text);
  return { end: parsed.value };
};
const problems = (part: Partial<OwnPart>): readonly string[] => {
  const made = makeOwnPart({ ...BRIDGE, ...part });
  return made.ok ? [] : made.error.map(({ path }) => path);
};

describe('a part of one’s own', () => {
  test('has the ends, length and price that were entered', () => {
    const made = makeOwnPart(BRIDGE);
    if (!made.ok) throw new Error('refused');
    expect(made.value).toMatchObject({ family: 'own', detail: '2-1/2 NH male x S60x6 female', priceUsd: 44 });
    expect(overallMm(made.value)).toBeCloseTo(120, 6);
    expect(made.value.features).toContain('ball-and-lever');
  });

  test.each([
    [{ code: 'a b' }, ['code']],
    [{ code: 'LV-075' }, ['code']],
    [{ name: ' ' }, ['name']],
    [{ name: '=HYPERLINK("x")' }, ['name']],
    [{ size: '7/9', material: 'cheese' }, ['size', 'material']],
    [{ ends: [] }, ['ends']],
    [{ ends: ['2-1/2 NHH M', '3/4 NPT F'] }, ['ends[0]']],
    [{ ends: ['3/4 bulkhead shank'] }, ['ends[0]']],
    [{ does: ['fly'] }, ['does']],
    [
      { lengthMm: 0, boreMm: -1, priceUsd: Number.NaN, stockLengthM: 5000 },
      ['lengthMm', 'boreMm', 'priceUsd', 'stockLengthM'],
    ],
  ])('%j is refused at %j', (part, paths) => expect(problems(part)).toEqual(paths));

  test('takes part everywhere at once: ways, next part, search', () => {
    const catalogue = catalogueWith([BRIDGE], []);
    const [from, to] = [open('2-1/2 NH F'), open('S60x6 M')];
    expect(findRoutes(from, to, shippedCatalogue).routes).toEqual([]);
    expect(findRoutes(from, to, catalogue, { require: ['shut-off'] }).routes[0]?.links[0]?.part.code).toBe('MY-1');
    expect(nextParts(from, catalogue).goesOn.map(({ part }) => part.code)).toContain('MY-1');
    expect(searchParts(catalogue, readQuery('hydrant container')).parts.map(({ code }) => code)).toContain('MY-1');
  });

  test('prices and stock are laid over the shipped parts, which stay as they are', () => {
    const catalogue = catalogueWith(
      [],
      [
        { code: 'LV-075', onHand: 3, priceUsd: 1.25 },
        { code: 'LV-100', onHand: 0, priceUsd: null },
      ],
    );
    expect(catalogue.byCode.get('LV-075')?.priceUsd).toBe(1.25);
    expect([...catalogue.onHand]).toEqual([['LV-075', 3]]);
    expect(shippedCatalogue.byCode.get('LV-075')?.priceUsd).not.toBe(1.25);
    expect(catalogueWith([], [])).toBe(shippedCatalogue);
  });
});

describe('a list', () => {
  const headings = ['Part No', 'Description', 'Size', 'Material', 'Inlet', 'Outlet', 'Cost', 'Qty'];
  const mapping = guessMapping(headings);
  const read = (...rows: readonly (readonly string[])[]) => readOwnRows(rows, mapping, shippedCatalogue);

  test('has its columns guessed from its headings', () =>
    expect(mapping).toEqual({
      code: 0,
      name: 1,
      size: 2,
      material: 3,
      'end 1': 4,
      'end 2': 5,
      price: 6,
      'on hand': 7,
    }));

  test('gives parts of one’s own, and prices and stock of what is known', () => {
    const {
      own,
      holdings,
      problems: none,
    } = read(
      ['MY-1', 'Bridge', '2', 'Brass', '2 NPT M', 'S60x6 F', '$1,044.50', '2'],
      ['LV-075', '', '', '', '', '', '12,50', '4'],
      ['', '', ' ', '', '', '', '', ''],
    );
    expect(none).toEqual([]);
    expect(own).toMatchObject([{ code: 'MY-1', material: 'brass', ends: ['2 NPT M', 'S60x6 F'], priceUsd: 1044.5 }]);
    expect(holdings).toEqual([
      { code: 'MY-1', onHand: 2, priceUsd: null },
      { code: 'LV-075', onHand: 4, priceUsd: 12.5 },
    ]);
  });

  test.each([
    ['no code', ['', 'x', '2', 'brass', '2 NPT M', '', '1', ''], 'code'],
    ['an end that cannot be read', ['A', 'x', '2', 'brass', '2 NPTT M', '', '1', ''], 'end 1'],
    ['the second end', ['A', 'x', '2', 'brass', '2 NPT M', 'nonsense', '1', ''], 'end 2'],
    ['a formula', ['A', '=1+1', '2', 'brass', '2 NPT M', '', '1', ''], 'name'],
    ['a price in words', ['A', 'x', '2', 'brass', '2 NPT M', '', 'dear', ''], 'price'],
    ['half a piece', ['A', 'x', '2', 'brass', '2 NPT M', '', '1', '1.5'], 'on hand'],
    ['a known part without news', ['LV-075', '', '', '', '', '', '', ''], 'price'],
  ])('%s is said with row and column, and keeps no other row back', (_, row, field) => {
    const { own, problems: found } = read(['OK', 'x', '2', 'brass', '2 NPT M', '', '1', ''], row);
    expect(own.map(({ code }) => code)).toEqual(['OK']);
    expect(found[0]).toMatchObject({ row: 2, field });
  });

  test('a code that comes twice is taken once', () => {
    const row = ['A', 'x', '2', 'brass', '2 NPT M', '', '1', ''];
    expect(read(row, row)).toMatchObject({ own: [{ code: 'A' }], problems: [{ row: 2, field: 'code' }] });
  });

  test('what is written out is what is read back', () => {
    const held = [
      { code: 'MY-1', onHand: 2, priceUsd: null },
      { code: 'LV-075', onHand: 4, priceUsd: 12.5 },
    ];
    const rows = ownRows([BRIDGE], held);
    const back = readOwnRows(rows, guessMapping(ROW_FIELDS), shippedCatalogue);
    expect(back).toEqual({ own: [BRIDGE], holdings: held, problems: [], empty: 0 });
  });

  test('thousands of rows, one in ten of them wrong, are all answered for', () => {
    const count = runs(3_000, 50_000);
    const rows = Array.from({ length: count }, (_, index) => [
      `Z${index}`,
      'x',
      '2',
      'brass',
      index % 10 === 0 ? 'nothing' : '2 NPT M',
      '',
      '1',
      '',
    ]);
    const { own, problems: found } = read(...rows);
    expect([own.length, found.length]).toEqual([0.9 * count, 0.1 * count]);
  });
});
