import { type Currency, converted } from '../../../quantity/money';
import type { ShelfLine } from '../../tables/shelves';
import type { SupplierOffer } from '../buying';
import type { PriceRow } from './read-prices';

/** A price that is so far from what stands that it is asked about before it is taken. */
export interface OddPrice {
  readonly row: PriceRow;
  readonly against: 'last-quote' | 'prices-that-stand';
  /** How many times what would be expected: 1000, or 0.01. */
  readonly times: number;
}

/** What is odd in a list. */
export interface OddPrices {
  /** All of the list lies so many times off the prices that stand: its decimals or its money may be misread. */
  readonly whole: number | undefined;
  readonly rows: readonly OddPrice[];
}

/** So many times too dear or too cheap is no bargain but a slip: of the decimals, the pack or the money. */
const TIMES_OFF = 10;
/** With fewer prices to compare none is the middle one. */
const LEAST_FOR_MEDIAN = 3;

const each = ({ price, pack }: Pick<SupplierOffer, 'price' | 'pack'>): number => price / pack;
const isOff = (times: number): boolean => times >= TIMES_OFF || times <= 1 / TIMES_OFF;

function median(figures: readonly number[]): number {
  const sorted = figures.toSorted((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  const [low = 1, high = 1] = sorted.length % 2 === 1 ? [sorted[half], sorted[half]] : [sorted[half - 1], sorted[half]];
  return (low + high) / 2;
}

/**
 * Prices that are asked about: ten times off the median ratio of the list to the prices that stand, or off what the
 * same supplier asked last. A price of nothing is always asked.
 *
 * @param lines what the job would buy, with the prices that stand
 * @param last  what the supplier asked in its list before, by article, in the same money
 */
export function oddPrices(
  rows: readonly PriceRow[],
  lines: readonly ShelfLine[],
  currency: Currency,
  last: ReadonlyMap<string, SupplierOffer>,
): OddPrices {
  const standing = new Map(
    lines.flatMap(({ article, buy, priceUsd }): (readonly [string, number])[] =>
      priceUsd === null || priceUsd <= 0 || buy <= 0 ? [] : [[article, converted(priceUsd / buy, 'USD', currency)]],
    ),
  );
  const ratios = rows.flatMap(({ offer }) => {
    const usual = standing.get(offer.article);
    return usual === undefined || offer.price <= 0 ? [] : [each(offer) / usual];
  });
  const middle = ratios.length < LEAST_FOR_MEDIAN ? 1 : median(ratios);
  const odd = rows.flatMap((row): readonly OddPrice[] => {
    const { offer } = row;
    const before = last.get(offer.article);
    const usual = standing.get(offer.article);
    const ofLast = before === undefined || before.price <= 0 ? undefined : each(offer) / each(before);
    const ofStanding = usual === undefined ? undefined : each(offer) / (usual * middle);
    if (ofLast !== undefined && isOff(ofLast)) return [{ row, against: 'last-quote', times: ofLast }];
    // What the supplier itself asked before knows better than what is invented.
    if (ofLast === undefined && ofStanding !== undefined && isOff(ofStanding))
      return [{ row, against: 'prices-that-stand', times: ofStanding }];
    return offer.price === 0 ? [{ row, against: 'prices-that-stand', times: 0 }] : [];
  });
  return { whole: isOff(middle) ? middle : undefined, rows: odd };
}
