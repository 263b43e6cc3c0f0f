import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { type SupplierOffer, type Supplier, buyingPlan, underOurNames } from './buying';
import type { ShelfLine } from '../tables/shelves';

const line = (article: string, buy: number): ShelfLine => ({
  article,
  code: article,
  title: article,
  detail: '',
  buy,
  soldBy: 'piece',
  priceUsd: null,
  note: undefined,
  places: [],
  uses: [],
});
const sells = (
  name: string,
  offers: Readonly<Record<string, Partial<SupplierOffer> & { readonly price: number }>>,
  currency: Supplier['currency'] = 'USD',
): Supplier => ({
  id: name,
  name,
  currency,
  pricedOn: '2026-11-02',
  standIn: false,
  offers: Object.entries(offers).map(([article, offer]) => ({ article, pack: 1, stock: null, ...offer })),
});

// By hand. Three nipples at 2.00 or 1.80; one valve at 15 or 16.50; twelve washers by the ten at 3.00 or singly at 0.35.
const lines = [line('nipple', 3), line('valve', 1), line('washer', 12)];
const yard = sells('yard', { nipple: { price: 2 }, valve: { price: 15 }, washer: { price: 3, pack: 10 } });
const shop = sells('shop', { nipple: { price: 1.8 }, valve: { price: 16.5 }, washer: { price: 0.35 } });

describe('where to buy', () => {
  test('each line where it is cheapest, packs rounded up and what is left over said', () => {
    const { cheapest } = buyingPlan(lines, [yard, shop], 'USD', []);
    // 3 x 1.80 at the shop, 15 at the yard, washers 2 x 3.00 = 6.00 at the yard or 12 x 0.35 = 4.20 at the shop.
    expect(cheapest.purchases.map(({ supplier, packs, leftOver }) => `${packs} ${supplier.name} ${leftOver}`)).toEqual([
      '3 shop 0',
      '1 yard 0',
      '12 shop 0',
    ]);
    expect(cheapest.total).toBeCloseTo(5.4 + 15 + 4.2, 9);
    const atYard = buyingPlan(lines, [yard], 'USD', []).cheapest.purchases[2];
    expect(atYard).toMatchObject({ packs: 2, pack: 10, leftOver: 8, cost: 6 });
  });

  test('one stop: yard 6 + 15 + 6 = 27.00, shop 5.40 + 16.50 + 4.20 = 26.10; the shop first', () => {
    const { oneStop, cheapest } = buyingPlan(lines, [yard, shop], 'USD', []);
    expect(oneStop.map(({ supplier, basket }) => [supplier.name, Math.round(basket.total * 100) / 100])).toEqual([
      ['shop', 26.1],
      ['yard', 27],
    ]);
    expect(oneStop[0]!.basket.total - cheapest.total).toBeCloseTo(1.5, 9);
  });

  test('what is not there is named with its reason, and one who lacks less comes first', () => {
    const short = sells('short', { nipple: { price: 1, stock: 2 }, washer: { price: 0.1 } });
    const { oneStop, cheapest } = buyingPlan(lines, [short, shop], 'USD', []);
    expect(oneStop.map(({ supplier }) => supplier.name)).toEqual(['shop', 'short']);
    expect(oneStop[1]!.basket.missing.map(({ line: { article }, why }) => `${article} ${why}`)).toEqual([
      'nipple out-of-stock',
      'valve not-listed',
    ]);
    expect(cheapest.missing).toEqual([]);
    expect(buyingPlan(lines, [], 'USD', []).cheapest.missing).toHaveLength(3);
  });

  test('exactly enough packs on the shelf are enough', () => {
    const just = sells('just', { washer: { price: 3, pack: 10, stock: 2 } });
    expect(buyingPlan([line('washer', 20)], [just], 'USD', []).cheapest.missing).toEqual([]);
    expect(buyingPlan([line('washer', 21)], [just], 'USD', []).cheapest.missing).toHaveLength(1);
  });

  // A pound that is said to be worth 1.25 dollars: 10 pounds are 12.50.
  test('other money counts by the rate that somebody typed for this money, and without one not at all', () => {
    const abroad = sells('abroad', { valve: { price: 10 } }, 'GBP');
    const rate = { currency: 'GBP', into: 'USD', worth: 1.25, day: '2026-11-20' } as const;
    const known = buyingPlan([line('valve', 1)], [abroad, yard], 'USD', [rate]);
    expect(known.cheapest.total).toBeCloseTo(12.5, 9);
    expect(known.notReckoned).toEqual([]);
    for (const rates of [[], [{ ...rate, into: 'EUR' } as const]]) {
      const unknown = buyingPlan([line('valve', 1)], [abroad, yard], 'USD', rates);
      expect(unknown.cheapest.purchases.map(({ supplier }) => supplier.name)).toEqual(['yard']);
      expect(unknown.oneStop.map(({ supplier }) => supplier.name)).toEqual(['yard']);
      expect(unknown.notReckoned).toEqual([abroad]);
    }
  });

  test('what a supplier is known to call an article by is that article; our own name comes first', () => {
    const called = { article: 'KH 20', price: 7, pack: 1, stock: null };
    const own = { ...called, article: 'valve', price: 9 };
    const names = [{ theirs: 'kh  20', article: 'valve' }];
    expect(underOurNames([called], names)).toEqual([{ ...called, article: 'valve' }]);
    expect(underOurNames([called, own], names)).toEqual([called, own]);
    expect(underOurNames([called], [])).toEqual([called]);
    const twice = { ...called, article: '123', price: 8 };
    expect(underOurNames([called, twice], [...names, { theirs: '123', article: 'valve' }])).toEqual([
      { ...called, article: 'valve' },
      twice,
    ]);
  });

  test('no basket is cheaper than the cheapest, against every choice', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 9 })), {
          minLength: 1,
          maxLength: 4,
        }),
        (prices) => {
          const some = prices.map((_, place) => line(`l${place}`, 1));
          const [a, b] = [0, 1].map((which) =>
            sells(
              `s${which}`,
              Object.fromEntries(prices.map((pair, place) => [`l${place}`, { price: pair[which as 0 | 1] }])),
            ),
          ) as [Supplier, Supplier];
          const choices = Array.from({ length: 2 ** prices.length }, (_, bits) =>
            prices.reduce((sum, pair, place) => sum + pair[((bits >> place) & 1) as 0 | 1], 0),
          );
          expect(buyingPlan(some, [a, b], 'USD', []).cheapest.total).toBeCloseTo(Math.min(...choices), 9);
        },
      ),
    ));
});
