/** What a column of a price list can hold. */
export const PRICE_FIELDS = ['article', 'their code', 'gtin', 'words', 'price', 'pack', 'stock'] as const;
export type PriceField = (typeof PRICE_FIELDS)[number];
export type PriceColumns = Readonly<Partial<Record<PriceField, number>>>;

/** Headings of counters, English and German, the likelier first; none of an invented price, which is no quote. */
const HEADINGS: Readonly<Record<PriceField, readonly string[]>> = {
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

/** What stands behind a heading and says nothing of what it is: the money, 'each', 'ex tax'. */
const BEHIND =
  /\s+(usd|us\$|gbp|eur|euro|aud|a\$|nzd|nz\$|\$|£|€|netto|net|without tax|ex (?:tax|vat|gst)|excl?\.? (?:tax|vat|gst)|ea|each|\/ ?(?:ea|each|stk|st))$/;

const plainHeading = (heading: string): string => {
  let text = heading
    .trim()
    .toLowerCase()
    .replaceAll(/[_.:,()[\]]/g, ' ')
    .replaceAll('-', ' ')
    .replaceAll(/\s+/g, ' ')
    .trim();
  for (let shorter = text.replace(BEHIND, ''); shorter !== text; shorter = text.replace(BEHIND, '')) text = shorter;
  return text;
};

/** Which column holds what, by the headings; where two could, the likelier word decides. */
export function guessPriceColumns(headings: readonly string[]): PriceColumns {
  const plain = headings.map(plainHeading);
  return Object.fromEntries(
    PRICE_FIELDS.flatMap((field) => {
      const column = HEADINGS[field].map((name) => plain.indexOf(name)).find((at) => at >= 0);
      return column === undefined ? [] : [[field, column]];
    }),
  );
}

const KNOWN: ReadonlySet<string> = new Set(Object.values(HEADINGS).flat());

/** Is it a heading of a price list? */
export const isPriceHeading = (cell: string): boolean => KNOWN.has(plainHeading(cell));
