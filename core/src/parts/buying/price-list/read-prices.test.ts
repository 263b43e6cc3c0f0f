import { describe, expect, test } from 'vitest';
import { type ShelfLine } from '../../tables/shelves';
import { type SupplierName } from '../buying';
import { type ListTable, tableFrom } from '../list-table';
import { guessPriceColumns, isPriceHeading } from './columns';
import { likeliestRows } from './likeliest-rows';
import { oddPrices } from './odd-prices';
import { type ReadingOfPrices, namesLearnt, readPrices } from './read-prices';

const line = (code: string, article = code, words = code, priceUsd: number | null = 1): ShelfLine => ({
  code,
  article,
  title: words,
  detail: '',
  buy: 1,
  soldBy: 'piece',
  priceUsd,
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
const USUAL: ReadingOfPrices = { usualCurrency: 'USD', names: [] };
const tableOf = (text: string, separator: string): ListTable =>
  tableFrom(
    text
      .trim()
      .split('\n')
      .map((row) => row.trim().split(separator)),
    isPriceHeading,
    separator,
  );
const readAll = (table: ListTable, reading: Partial<ReadingOfPrices> = {}, own: readonly ShelfLine[] = lines) =>
  readPrices(table, guessPriceColumns(table.headings), own, { ...USUAL, ...reading });
const pricesOf = (table: ListTable, reading: Partial<ReadingOfPrices> = {}) => {
  const { rows, currency, problems } = readAll(table, reading);
  return { currency, prices: rows.map(({ offer }) => offer.price), problems: problems.map(({ message }) => message) };
};
const read = (rows: readonly (readonly string[])[]) =>
  readPrices({ above: [], headings: [], rows }, { article: 0, price: 1, pack: 2, stock: 3 }, lines, USUAL);

test.each([
  [
    ['Group', 'Article', 'Part', 'Price GBP', 'Pack size', 'In stock'],
    { article: 1, words: 2, price: 3, pack: 4, stock: 5 },
  ],
  [['Art.-Nr.', 'Bezeichnung', 'EAN', 'VPE', 'Preis (EUR)'], { 'their code': 0, words: 1, gtin: 2, pack: 3, price: 4 }],
  [['Article', 'Price AUD, without tax', 'Our code'], { article: 0, 'their code': 2, price: 1 }],
  [['SKU', 'Description', 'Trade price ex GST', 'SOH'], { 'their code': 0, words: 1, price: 2, stock: 3 }],
  // What goes out of here as a price of ours is never read back as a quote.
  [['Group', 'Article', 'Reckoned price USD'], { article: 1 }],
])('columns are known by their headings: %s', (headings, columns) =>
  expect(guessPriceColumns(headings)).toEqual(columns),
);

// Five lists in the styles of counters, invented. What each price is was written down beside it, by hand.
describe('five price lists come in right', () => {
  test('of a US counter: title, dollar signs, thousands with commas', () => {
    const table = tableOf(
      `
      Price sheet;;;
      Part No;Description;Price;Pack
      NC-075;HEX NIPPLE 3/4 BRASS;$1.80;
      PI-300;PIPE 3 IN SCH 40 10 FT;$31.50;
      PMP-1;PUMP 1 HP;$1,234.50;1`,
      ';',
    );
    expect(pricesOf(table)).toEqual({ currency: 'USD', prices: [1.8, 31.5, 1234.5], problems: [] });
    // The same dollars are no euro: a bare sign says which only where the job is in dollars.
    expect(pricesOf(table, { usualCurrency: 'AUD' }).currency).toBe('AUD');
    expect(pricesOf(table, { usualCurrency: 'EUR' }).currency).toBeUndefined();
  });

  test('of a UK counter: the money in the heading, packs, each', () =>
    expect(
      pricesOf(
        tableOf(
          `
          Code,Description,Net price GBP,Sold in
          HN20,Hex nipple,1.80 ea,1
          HC32,Hose clip,£4.20,10`,
          ',',
        ),
      ),
    ).toEqual({ currency: 'GBP', prices: [1.8, 4.2], problems: [] }));

  test('of an Australian counter: A$ and a word that is no price', () =>
    expect(
      pricesOf(
        tableOf(
          `
          SKU|Description|Trade price ex GST
          1001|Poly elbow 25|A$3.95
          1002|Tank 5000 L|POA`,
          '|',
        ),
      ),
    ).toMatchObject({ currency: 'AUD', prices: [3.95], problems: [expect.stringContaining('POA')] }));

  test('of a German counter: semicolons, decimal commas, thousands with points, the money behind', () =>
    expect(
      pricesOf(
        tableOf(
          `
          Preisliste Frühjahr, netto;;;
          Artikelnummer;Bezeichnung;VPE;Einzelpreis
          4711;Kugelhahn 3/4;1;15,70 €
          4712;Rohr DN 75;1;15,700 €
          4713;Pumpe;1;1.234,50 €
          4714;Dichtung;1.000;EUR 12,-`,
          ';',
        ),
      ),
    ).toEqual({ currency: 'EUR', prices: [15.7, 15.7, 1234.5, 12], problems: [] }));

  test('of a spreadsheet: figures as a workbook keeps them, no money said', () =>
    expect(
      pricesOf(
        tableFrom(
          [
            ['Article', 'Price', 'Stock'],
            ['NC-075', '1.8', '12'],
            ['PI-300', '15.7250', '0'],
            ['WA', '1200', ''],
          ],
          isPriceHeading,
        ),
      ),
    ).toEqual({ currency: undefined, prices: [1.8, 15.725, 1200], problems: [] }));
});

describe('decimals are those of the column', () => {
  const prices = (cells: readonly string[], separator = ',') =>
    pricesOf({ above: [], headings: ['Article', 'Price'], rows: cells.map((cell, at) => [`A${at}`, cell]), separator });
  // 15,700 in a file of commas and points is fifteen thousand seven hundred; beside 12,50 it is fifteen and seven tenths.
  test.each([
    [['15,700', '12,50'], ',', [15.7, 12.5]],
    [['15,700', '12.50'], ',', [15700, 12.5]],
    [['15,700', '8,200'], ';', [15.7, 8.2]],
    [['123.456,5'], ',', [123456.5]],
    [["1'234.50", '2.5'], ',', [1234.5, 2.5]],
    [['1 234,50', '2'], ',', [1234.5, 2]],
    [['0,125'], ',', [0.125]],
  ])('%s, parted by %s', (cells, separator, read) => expect(prices(cells, separator).prices).toEqual(read));
  test('what nothing shows is asked, and nothing is taken', () => {
    const { prices: taken, problems } = prices(['15,700', '8,200']);
    expect(taken).toEqual([]);
    expect(problems).toHaveLength(2);
  });
  test('where they disagree only what can be read in one way is taken', () =>
    expect(prices(['12,50', '12.50', '15,700']).prices).toEqual([12.5, 12.5]));
});

describe('money', () => {
  test('of another kind in one row keeps that row back', () => {
    const { prices, problems } = pricesOf(tableOf('Article,Price EUR\nA,£2.00\nB,3.00\nC,CHF 4.00', ','));
    expect(prices).toEqual([3]);
    expect(problems).toEqual([
      'A is priced in GBP, the list in EUR.',
      'C is priced in CHF, which nobody reckons in here.',
    ]);
  });
  test('of two kinds without a word over them is asked', () =>
    expect(pricesOf(tableOf('Article,Price\nA,£2.00\nB,€3.00', ',')).currency).toBeUndefined());
  test('said by somebody is taken before what the list says', () =>
    expect(pricesOf(tableOf('Article,Price EUR\nA,3.00', ','), { currency: 'NZD' }).currency).toBe('NZD'));
});

describe('articles', () => {
  test('of ours, and bare codes that can mean one thing only', () => {
    const { rows } = read([
      ['NC-075', '$1.80', '', '12'],
      ['PI-300', '31.50', '', ''],
      ['WA', '0.30', '10', ''],
      ['WA 1 garden hose', '1,234.50', '', '0'],
    ]);
    expect(rows.map(({ offer }) => offer)).toEqual([
      { article: 'NC-075', price: 1.8, pack: 1, stock: 12 },
      { article: 'PI-300@3048', price: 31.5, pack: 1, stock: null },
      // Which washer it is nobody can say: it is kept under its own name and matches none.
      { article: 'WA', price: 0.3, pack: 10, stock: null },
      { article: 'WA 1 garden hose', price: 1234.5, pack: 1, stock: 0 },
    ]);
    expect(rows.map(({ isOurs }) => isOurs)).toEqual([true, true, false, true]);
  });

  test('the second list of a merchant matches by itself: by its code, and by the number of the trade of any', () => {
    // 4006381333931 is the worked example of many handbooks of EAN-13; its check digit is 1.
    const first = tableOf('Your ref,Our code,GTIN,Price USD\nNC-075,HN 20,4006381333931,1.80', ',');
    const names = namesLearnt(readAll(first).rows);
    expect(names).toEqual([
      { theirs: 'hn 20', article: 'NC-075' },
      { theirs: '04006381333931', article: 'NC-075' },
    ]);
    const second = tableOf('Code,Description,Price USD\nhn  20,Hex nipple,1.95\nHN 25,Hex nipple,2.10', ',');
    expect(readAll(second, { names }).rows.map(({ offer, isOurs }) => [offer.article, isOurs])).toEqual([
      ['NC-075', true],
      ['HN 25', false],
    ]);
    const other = tableOf('EAN,Price USD\n4006381333931,1.70', ',');
    expect(readAll(other, { names: names.slice(1) }).rows[0]?.offer.article).toBe('NC-075');
  });

  test('a request that comes back with codes of theirs is known by our own words in it', () => {
    const asked = tableOf('Article,Description,Price USD without tax\nHN 20,hex  NIPPLE brass,1.80', ',');
    const own = [
      line('NC-075', 'NC-075', 'Hex nipple brass'),
      line('LV', 'LV-1', 'Valve'),
      line('LV', 'LV-2', 'Valve'),
    ];
    const { rows } = readAll(asked, {}, own);
    expect(rows[0]).toMatchObject({ isOurs: true, offer: { article: 'NC-075' } });
    expect(namesLearnt(rows)).toEqual([{ theirs: 'hn 20', article: 'NC-075' }]);
    // Two things of ours are called so: nobody knows which.
    expect(readAll(tableOf('Article,Description,Price USD\nX,valve,1', ','), {}, own).rows[0]?.isOurs).toBe(false);
  });

  test('words are a name only where there is no other, since two things may be called the same', () => {
    const names: SupplierName[] = [{ theirs: 'hex nipple', article: 'NC-075' }];
    const coded = tableOf('Code,Description,Price USD\nX1,Hex nipple,1\nX2,Hex nipple,2', ',');
    expect(readAll(coded, { names }).rows.map(({ isOurs }) => isOurs)).toEqual([false, false]);
    expect(readAll(tableOf('Description,Price USD\nHEX NIPPLE,1', ','), { names }).rows[0]?.isOurs).toBe(true);
  });

  test('a number whose check digit does not fit is no number of the trade: the price is taken, the number not kept', () => {
    const { rows, remarks } = readAll(tableOf('Article,GTIN,Price USD\nNC-075,4006381333932,1.80', ','));
    expect(rows).toHaveLength(1);
    expect(remarks).toEqual([
      { row: 1, message: '“4006381333932” is no GTIN: its check digit does not fit. Not kept.' },
    ]);
    expect(namesLearnt(rows)).toEqual([]);
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
    const { rows, problems } = read([row, ['PI-300', '3']]);
    expect(problems).toEqual([{ row: 1, message }]);
    expect(rows).toHaveLength(1);
  });

  test('one that is there twice counts once, and which row counts is said', () => {
    const { rows, problems } = read([
      ['NC-075', '2'],
      ['NC-075', '3'],
    ]);
    expect(rows.map(({ offer }) => offer.price)).toEqual([2]);
    expect(problems).toEqual([{ row: 2, message: 'NC-075 is there twice; row 1 counts.' }]);
  });
});

describe('prices far off are asked about', () => {
  const own = ['A', 'B', 'C', 'D'].map((code) => line(code, code, code, 10));
  const odd = (prices: readonly string[], last: Readonly<Record<string, number>> = {}) => {
    const rows = prices.map((price, at) => [own[at]!.code, price]);
    const { rows: taken } = readPrices({ above: [], headings: [], rows }, { article: 0, price: 1 }, own, USUAL);
    const before = new Map(
      Object.entries(last).map(([article, price]) => [article, { article, price, pack: 1, stock: null }]),
    );
    return oddPrices(taken, own, 'USD', before);
  };
  const names = ({ rows }: ReturnType<typeof odd>) =>
    rows.map(({ row, against, times }) => `${row.said} ${against} ${times}`);

  // Every price that stands is 10. Ratios 1.1, 0.9, 1, 100: the middle of the four is (1 + 1.1) / 2 = 1.05.
  test('ten times off the median of the list', () => {
    const found = odd(['11', '9', '10', '1000']);
    expect(found.whole).toBeUndefined();
    expect(names(found)).toEqual([`D prices-that-stand ${1000 / 10.5}`]);
    expect(names(odd(['11', '9', '10', '104']))).toEqual([]);
    expect(names(odd(['11', '9', '10', '0']))).toEqual(['D prices-that-stand 0']);
  });
  test('a whole list that is off is asked about once, not row by row', () => {
    const found = odd(['1100', '900', '1000', '1050']);
    expect(found.whole).toBe(102.5);
    expect(found.rows).toEqual([]);
  });
  test('the last quote of the same supplier knows better than prices that stand', () => {
    expect(names(odd(['11', '9', '10', '1000'], { D: 990 }))).toEqual([]);
    expect(names(odd(['11', '9', '10', '10'], { D: 1000 }))).toEqual(['D last-quote 0.01']);
  });
});

test('rows that nobody could place are offered by their words and sizes', () => {
  const wanted = [
    line('LV-075', 'LV-075', 'Lever valve 3/4 NPT female, brass'),
    line('EL-100', 'EL-100', 'Elbow 1 PVC socket'),
  ];
  const table = tableOf(
    `
    Code,Description,Price USD
    1,BALL VALVE LEVER BRASS 3/4 FIP,9
    2,BALL VALVE LEVER BRASS 1 FIP,12
    3,ELL PVC 1 SOC,2
    4,GARDEN GNOME PAINTED,20`,
    ',',
  );
  const { rows } = readAll(table, {}, wanted);
  expect(likeliestRows(wanted, rows).map((one) => one.rows.map(({ said }) => said))).toEqual([['1'], ['3']]);
});
