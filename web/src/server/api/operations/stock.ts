import { CURRENCIES, MATERIALS, NOMINAL_SIZES, OWN_ABILITIES, OWN_LIMITS } from '@herrero/core';
import { type Operation, operation } from '../operation';
import { COUNT, ID, TEXT, TEXT_OR_NULL, YES_NO, group, listOf } from './kinds';

const MEGABYTE = 1_000_000;
/** So many rows are taken at once; a list of a whole counter has fewer. */
export const MOST_ROWS = 60_000;
/** A code and a number of the trade for each. */
const MOST_NAMES = 2 * MOST_ROWS;
const MOST_PAGES = 100;
const MOST_OFF_CUTS = 500;
const MOST_LINES = 5000;
const CODE = { kind: 'text', most: OWN_LIMITS.codeChars } as const;
const ARTICLE = { kind: 'text', most: 160 } as const;
const PRICE = { kind: 'money', least: 0, most: OWN_LIMITS.priceUsd } as const;

/** Parts of one's own, and what is said of any part: whether one makes sense is for the catalogue to say. */
export const OWN = {
  own: listOf(
    group({
      code: CODE,
      name: { kind: 'text', most: OWN_LIMITS.nameChars },
      detail: { kind: 'text', least: 0, most: OWN_LIMITS.nameChars, says: 'What tells it apart; empty: its ends do' },
      size: { kind: 'text', most: 12, says: `One of ${NOMINAL_SIZES.length} nominal sizes: 3/4, 32, 2x3` },
      material: { kind: 'text', most: 20, says: `One of ${MATERIALS.join(', ')}` },
      ends: listOf({ kind: 'text', least: 0, most: 80 }, OWN_LIMITS.ends),
      lengthMm: { kind: 'number', above: 0, most: OWN_LIMITS.lengthMm, orUnknown: true },
      boreMm: { kind: 'number', above: 0, most: OWN_LIMITS.boreMm, orUnknown: true },
      priceUsd: PRICE,
      stockLengthM: { kind: 'length', above: 0, most: OWN_LIMITS.stockLengthM, orUnknown: true },
      does: listOf({ kind: 'text', most: 20, says: `One of ${OWN_ABILITIES.join(', ')}` }, 10),
    }),
    MOST_ROWS,
  ),
  holdings: listOf(
    group({
      code: CODE,
      onHand: { kind: 'count', least: 0, most: OWN_LIMITS.onHand },
      priceUsd: { ...PRICE, orUnknown: true, says: 'null: the price of the catalogue' },
    }),
    MOST_ROWS,
  ),
} as const;

export const getOwn = operation({
  id: 'getOwnParts',
  summary: 'Own parts, stock and prices',
  answers: { 200: { says: 'All of them', json: group(OWN) } },
  example: {},
});
export const putOwn = operation({
  id: 'putOwnParts',
  summary: 'Puts own parts, stock and prices in, over what was there under the same codes: all of them or none',
  body: OWN,
  limitBytes: 20 * MEGABYTE,
  answers: { 200: { says: 'How many', json: group({ own: COUNT, holdings: COUNT }) } },
  refuses: [400, 413],
  heavy: true,
  example: { body: { own: [], holdings: [{ code: 'CMDP-200', onHand: 2, priceUsd: null }] } },
});
export const removeOwn = operation({
  id: 'removeOwnPart',
  summary: 'Takes an own part out',
  answers: {
    204: { says: 'Gone' },
    409: { says: 'A job is built with it', json: group({ error: TEXT, jobs: listOf(TEXT) }) },
  },
  refuses: [404],
  example: { path: { code: 'OWN-1' } },
});

export const OFF_CUT = {
  id: ID,
  code: CODE,
  lengthM: { kind: 'length', least: 0.001, most: 500 },
  fromJob: { kind: 'id', orUnknown: true },
} as const;

export const listOffCuts = operation({
  id: 'listOffCuts',
  summary: 'Pieces left over from jobs',
  answers: {
    200: { says: 'All of them', json: group({ offCuts: listOf(group({ ...OFF_CUT, usedBy: TEXT_OR_NULL })) }) },
  },
  example: {},
});
export const putOffCuts = operation({
  id: 'putOffCuts',
  summary:
    'Puts left-overs in stock (one of the same id is not put in twice), and says which pieces a job was cut from',
  body: {
    offCuts: listOf(group(OFF_CUT), MOST_OFF_CUTS),
    used: { ...listOf(ID, MOST_OFF_CUTS), default: [], says: 'Pieces that a job was cut from' },
    usedBy: { ...ID, optional: true, says: 'Which job' },
  },
  answers: { 200: { says: 'How many', json: group({ added: COUNT }) } },
  refuses: [400, 413],
  example: { body: { offCuts: [{ id: 'left-1', code: 'PI-075', lengthM: 1.2, fromJob: null }] } },
});
export const removeOffCut = operation({
  id: 'removeOffCut',
  summary: 'Takes a left-over out of stock',
  answers: { 204: { says: 'Gone' } },
  refuses: [404],
  example: { path: { offCut: 'left-1' } },
});

const OFFER = {
  article: ARTICLE,
  price: PRICE,
  pack: { kind: 'count', least: 1, most: 10_000 },
  stock: { kind: 'count', least: 0, most: 1_000_000, orUnknown: true },
} as const;
const NAME = { theirs: ARTICLE, article: ARTICLE } as const;
const WHOSE = {
  name: { kind: 'text', most: 80 },
  currency: { kind: 'choice', of: CURRENCIES },
  pricedOn: { kind: 'day' },
} as const;
const ASKS = { ...WHOSE, offers: listOf(group(OFFER), MOST_ROWS) } as const;
export const SUPPLIER = {
  ...ASKS,
  names: {
    ...listOf(group(NAME), MOST_NAMES),
    default: [],
    says: 'What the supplier calls articles of ours by; kept beside those it was known by before',
  },
} as const;
const SUPPLIER_AS_KEPT = group({ id: TEXT, standIn: { kind: 'yes-no' }, ...ASKS });

export const listSuppliers = operation({
  id: 'listSuppliers',
  summary: 'Suppliers whose price lists were brought in',
  answers: {
    200: {
      says: 'By name, and how many prices each has',
      json: group({ suppliers: listOf(group({ id: TEXT, ...WHOSE, offers: COUNT })) }),
    },
  },
  example: {},
});
export const askSupplier = operation({
  id: 'askSupplier',
  summary: 'What a supplier asks for some articles, by its price list',
  body: { articles: listOf(ARTICLE, MOST_LINES) },
  answers: { 200: { says: 'Its prices of these, under our names', json: SUPPLIER_AS_KEPT } },
  refuses: [400, 404, 413],
  example: { path: { supplier: 'corner-shop' }, body: { articles: ['LV-075'] } },
});
export const rememberedPrices = operation({
  id: 'rememberedPrices',
  summary: 'What is known to read the next price list of a supplier by: its last prices, and what it calls articles',
  body: {
    supplier: { ...WHOSE.name, says: 'Its name; of one that is new only numbers of the trade are known, by others' },
    page: { kind: 'count', least: 0, most: MOST_ROWS, default: 0 },
  },
  answers: {
    200: {
      says: 'A page of each',
      json: group({
        currency: { ...WHOSE.currency, orUnknown: true },
        offers: SUPPLIER.offers,
        names: listOf(group(NAME)),
        more: YES_NO,
      }),
    },
  },
  refuses: [400, 413],
  example: { body: { supplier: 'Corner shop', page: 0 } },
});
export const putSupplier = operation({
  id: 'putSupplier',
  summary: 'Puts a price list in; one of the same name is replaced whole',
  body: {
    ...SUPPLIER,
    offers: { ...SUPPLIER.offers, least: 1 },
    upload: { kind: 'text', most: 60, optional: true, says: 'A long list is sent by page: one name for all its pages' },
    page: { kind: 'count', least: 0, most: MOST_PAGES, default: 0, says: 'Which page of the upload, from 0' },
    more: { kind: 'yes-no', default: false, says: 'More pages follow: nothing is put in before the last' },
  },
  limitBytes: 10 * MEGABYTE,
  answers: {
    201: { says: 'Its id', json: group({ id: TEXT, offers: COUNT }) },
    202: { says: 'Kept until the last page comes', json: group({ page: COUNT }) },
  },
  refuses: [400, 413],
  heavy: true,
  example: {
    body: {
      name: 'Corner shop',
      currency: 'USD',
      pricedOn: '2026-11-25',
      offers: [{ article: 'LV-075', price: 9.5, pack: 1, stock: null }],
      names: [{ theirs: '04012345678901', article: 'LV-075' }],
    },
  },
});
export const removeSupplier = operation({
  id: 'removeSupplier',
  summary: 'Takes a supplier and its prices out',
  answers: { 204: { says: 'Gone' } },
  refuses: [404],
  example: { path: { supplier: 'corner-shop' } },
});

/** Rows of lists from elsewhere and the part each is: whether there is such a part is asked when it is needed. */
export const LEARNT = { learnt: listOf(group({ theirs: ARTICLE, code: CODE }), MOST_ROWS) } as const;
export const listLearnt = operation({
  id: 'listLearntWords',
  summary: 'What rows of lists from elsewhere were said to mean',
  answers: { 200: { says: 'All of it', json: group(LEARNT) } },
  example: {},
});
export const putLearnt = operation({
  id: 'putLearntWords',
  summary: 'Keeps what rows of lists from elsewhere mean, over what was said of the same words before',
  body: LEARNT,
  answers: { 200: { says: 'How many', json: group({ learnt: COUNT }) } },
  refuses: [400, 413],
  example: { body: { learnt: [{ theirs: 'ball valve brs 3/4 fip', code: 'LV-075' }] } },
});

export const listStandInSuppliers = operation({
  id: 'listStandInSuppliers',
  summary: 'Stand-ins for services of suppliers',
  answers: {
    200: {
      says: 'By name',
      json: group({ standIn: { kind: 'yes-no' }, standIns: listOf(group({ id: TEXT, name: TEXT })) }),
    },
  },
  example: {},
});
export const askStandInSupplier = operation({
  id: 'askStandInSupplier',
  summary: 'Stand-in for the service of a supplier: made-up prices and stock, slow and at times not answering',
  body: {
    currency: { ...WHOSE.currency, default: 'USD', says: 'In which money it is to answer' },
    articles: listOf(
      group({ article: ARTICLE, count: { kind: 'count', least: 1, most: 1_000_000 }, usualUsd: PRICE }),
      MOST_LINES,
    ),
  },
  answers: { 200: { says: 'Prices and stock, made up', json: SUPPLIER_AS_KEPT } },
  refuses: [400, 404, 413, 503],
  example: { path: { supplier: 'yard' }, body: { articles: [{ article: 'LV-075', count: 1, usualUsd: 9 }] } },
});

/** By path and method. */
export const STOCK_OPERATIONS = {
  '/api/v1/parts/own': { get: getOwn, post: putOwn },
  '/api/v1/parts/own/{code}': { delete: removeOwn },
  '/api/v1/parts/own.csv': {
    get: operation({
      id: 'getOwnPartsCsv',
      summary: 'Own parts, stock and prices as CSV, in the columns that are read back',
      answers: { 200: { says: 'CSV, UTF-8', file: 'text/csv' } },
      example: {},
    }),
  },
  '/api/v1/off-cuts': { get: listOffCuts, post: putOffCuts },
  '/api/v1/off-cuts/{offCut}': { delete: removeOffCut },
  '/api/v1/suppliers': { get: listSuppliers, post: putSupplier },
  '/api/v1/suppliers/{supplier}': { post: askSupplier, delete: removeSupplier },
  '/api/v1/price-memory': { post: rememberedPrices },
  '/api/v1/learnt-words': { get: listLearnt, put: putLearnt },
  '/api/v1/stand-ins/suppliers': { get: listStandInSuppliers },
  '/api/v1/stand-ins/suppliers/{supplier}': { post: askStandInSupplier },
} as const satisfies Readonly<Record<string, Readonly<Record<string, Operation>>>>;
