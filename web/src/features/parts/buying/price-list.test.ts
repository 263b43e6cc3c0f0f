import { type ShelfLine } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { guessPriceColumns, readPrices } from './price-list';

const line = (code: string, article = code): ShelfLine => ({
  code,
  article,
  title: code,
  detail: '',
  buy: 1,
  priceUsd: 1,
  note: undefined,
  places: [],
  uses: [],
});
const lines = [
  line('NC-075'),
  line('PI-300', 'PI-300@3048'),
  line('WA', 'WA 3/4 garden hose'),
  line('WA', 'WA 1 garden hose'),
];
const read = (rows: readonly (readonly string[])[]) =>
  readPrices({ headings: [], rows }, { article: 0, price: 1, pack: 2, stock: 3 }, lines);

test('columns are known by their headings, whatever currency stands behind', () =>
  expect(guessPriceColumns(['Group', 'Article', 'Part', 'Price GBP', 'Pack size', 'In stock'])).toEqual({
    article: 1,
    price: 3,
    pack: 4,
    stock: 5,
  }));

describe('a price list', () => {
  test('articles of ours, and bare codes that can mean one thing only', () => {
    const { offers, matched } = read([
      ['NC-075', '$1.80', '', '12'],
      ['PI-300', '31,50', '', ''],
      ['WA', '0.30', '10', ''],
      ['WA 1 garden hose', '1,234.50', '', '0'],
    ]);
    expect(offers).toEqual([
      { article: 'NC-075', price: 1.8, pack: 1, stock: 12 },
      { article: 'PI-300@3048', price: 31.5, pack: 1, stock: null },
      // Which washer it is nobody can say: it is kept under its own name and matches none.
      { article: 'WA', price: 0.3, pack: 10, stock: null },
      { article: 'WA 1 garden hose', price: 1234.5, pack: 1, stock: 0 },
    ]);
    expect(matched).toBe(3);
  });

  test.each([
    [['', '2'], 'There is no article in this row.'],
    [['NC-075', ''], 'NC-075 has no price.'],
    [['NC-075', 'two'], 'two is no price. Write it like 12.50.'],
    [['NC-075', '-1'], '“-1” is no price.'],
    [['NC-075', '2', '0'], '“0” is no pack: how many are in it?'],
    [['NC-075', '2', '', '1.5'], '“1.5” is no count.'],
    [['=HYPERLINK("x")', '2'], '“=HYPERLINK("x")” is a formula, no article.'],
  ])('%s', (row, message) => {
    const { offers, problems } = read([row, ['PI-300', '3']]);
    expect(problems).toEqual([{ row: 1, message }]);
    expect(offers).toHaveLength(1);
  });

  test('an article that is there twice counts once', () =>
    expect(
      read([
        ['NC-075', '2'],
        ['NC-075', '3'],
      ]),
    ).toMatchObject({
      offers: [{ price: 2 }],
      problems: [{ row: 2 }],
    }));
});
