import { type HeadingWords, columnsByHeading, headingsOf } from '../../../quantity/list-headings';

/** What a column of a price list can hold. */
export const PRICE_FIELDS = ['article', 'their code', 'gtin', 'words', 'price', 'pack', 'stock'] as const;
export type PriceField = (typeof PRICE_FIELDS)[number];
export type PriceColumns = Readonly<Partial<Record<PriceField, number>>>;

/** Headings of counters, English and German, the likelier first; none of an invented price, which is no quote. */
const HEADINGS: HeadingWords<PriceField> = {
  article: ['article', 'your article', 'your ref', 'your code', 'ihre artikelnummer', 'ihre artikel nr'],
  'their code': [
    'our code',
    'code',
    'part code',
    'part no',
    'part number',
    'item no',
    'item code',
    'sku',
    'stock code',
    'product code',
    'art nr',
    'artikel nr',
    'artikelnr',
    'artikelnummer',
    'bestellnummer',
    'bestell nr',
    'artikel',
  ],
  gtin: ['gtin', 'ean', 'ean code', 'ean nr', 'upc', 'barcode', 'bar code', 'gtin/ean', 'ean/gtin'],
  words: [
    'description',
    'product',
    'part',
    'item',
    'name',
    'title',
    'bezeichnung',
    'artikelbezeichnung',
    'beschreibung',
    'artikeltext',
    'text',
    'produkt',
  ],
  price: [
    'net price',
    'trade price',
    'unit price',
    'price each',
    'price',
    'net',
    'cost',
    'each',
    'nettopreis',
    'einzelpreis',
    'netto',
    'preis',
    'ek',
    'ep',
  ],
  pack: [
    'pack',
    'pack size',
    'pack qty',
    'per pack',
    'pack of',
    'box',
    'sold in',
    've',
    'vpe',
    'verpackungseinheit',
    'packung',
  ],
  stock: ['stock', 'in stock', 'available', 'on shelf', 'qty', 'soh', 'bestand', 'lager', 'lagerbestand', 'verfügbar'],
};

/** Which column holds what, by the headings. */
export const guessPriceColumns = (headings: readonly string[]): PriceColumns => columnsByHeading(headings, HEADINGS);

/** Is it a heading of a price list? */
export const isPriceHeading = headingsOf(HEADINGS);
