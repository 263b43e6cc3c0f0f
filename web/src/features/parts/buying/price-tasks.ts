import {
  type Currency,
  type Likeliest,
  type ListTable,
  type OddPrices,
  type PriceColumns,
  type ReadPrices,
  type ReadingOfPrices,
  type Result,
  type ShelfLine,
  type SupplierOffer,
  guessPriceColumns,
  isPriceHeading,
  likeliestRows,
  oddPrices,
  ok,
  readPrices,
} from '@herrero/core';
import { type Doing } from '@/workers/worker-protocol';
import { readTable } from '../read-table';

/** A price list as it was opened; its rows stay where it was read. */
export interface OpenedPrices {
  readonly headings: readonly string[];
  readonly columns: PriceColumns;
}

export interface PricesAsked {
  readonly columns: PriceColumns;
  readonly reading: ReadingOfPrices;
  readonly lines: readonly ShelfLine[];
  /** The last prices of the same supplier; their money, null where it is new. */
  readonly last: { readonly currency: Currency | null; readonly offers: readonly SupplierOffer[] };
}

export interface PricesFound {
  readonly read: ReadPrices;
  readonly odd: OddPrices;
  /** Lines of the job without a price, with rows that are perhaps meant. */
  readonly likeliest: readonly Likeliest[];
}

export interface PriceTasks {
  readonly open: {
    readonly question: { readonly bytes: ArrayBuffer };
    readonly progress: never;
    readonly answer: Result<OpenedPrices, string>;
  };
  readonly read: { readonly question: PricesAsked; readonly progress: never; readonly answer: PricesFound };
}

/** Reads price lists. The list that was opened last is the one that is read. */
export function priceTasks(): Doing<PriceTasks> {
  let table: ListTable | undefined;
  return {
    open: async ({ bytes }) => {
      table = undefined;
      const opened = await readTable(bytes, isPriceHeading);
      if (!opened.ok) return opened;
      table = opened.value;
      return ok({ headings: table.headings, columns: guessPriceColumns(table.headings) });
    },
    read: ({ columns, reading, lines, last }) => {
      if (!table) throw new RangeError('no list is open');
      const read = readPrices(table, columns, lines, reading);
      const currency = read.currency ?? reading.usualCurrency;
      const before = new Map(
        last.currency === currency ? last.offers.map((offer) => [offer.article, offer] as const) : [],
      );
      const priced = new Set(read.rows.map(({ offer }) => offer.article));
      return {
        read,
        odd: oddPrices(read.rows, lines, currency, before),
        likeliest: likeliestRows(
          lines.filter(({ article }) => !priced.has(article)),
          read.rows.filter(({ isOurs }) => !isOurs),
        ).filter(({ rows }) => rows.length > 0),
      };
    },
  };
}
