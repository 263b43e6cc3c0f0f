import type { RecordOf } from '../../record/field';
import type { RATE } from '../../job/settings';
import { type Currency } from '../../quantity/money';
import type { ShelfLine } from '../tables/shelves';
import { nameOf } from './price-list/names';

/** What a supplier asks for one pack of an article. */
export interface SupplierOffer {
  readonly article: string;
  /** Of one pack, in the currency of the supplier, without tax. */
  readonly price: number;
  /** How many are in a pack. */
  readonly pack: number;
  /** Packs on the shelf; null: not said. */
  readonly stock: number | null;
}

/** What a supplier calls an article of ours by: a code, a number of the trade, or words. */
export interface SupplierName {
  readonly theirs: string;
  readonly article: string;
}

/** Somebody who sells, with what they ask and since when. */
export interface Supplier {
  readonly id: string;
  readonly name: string;
  readonly currency: Currency;
  /** The day the prices are of, ISO date. */
  readonly pricedOn: string;
  /** It is no real supplier: its prices and its stock are made up. */
  readonly standIn: boolean;
  readonly offers: readonly SupplierOffer[];
}

/** A price list as it is put in: what somebody asks, and what they call our articles by. */
export interface PriceList extends Omit<Supplier, 'id' | 'standIn'> {
  readonly names: readonly SupplierName[];
}

/** One line bought of one supplier, in whole packs. */
export interface Purchase {
  readonly line: ShelfLine;
  readonly supplier: Supplier;
  readonly packs: number;
  readonly pack: number;
  /** Pieces that are left over of the packs. */
  readonly leftOver: number;
  /** For all packs, in the currency asked for, without tax. */
  readonly cost: number;
}

/** Why a line is in nobody's basket. */
export type NotSold = 'not-listed' | 'out-of-stock';

export interface Basket {
  readonly purchases: readonly Purchase[];
  readonly missing: readonly { readonly line: ShelfLine; readonly why: NotSold }[];
  /** Without tax. */
  readonly total: number;
}

/** The cheapest basket over all suppliers, and what each of them alone would come to. */
export interface BuyingPlan {
  readonly cheapest: Basket;
  /** The one that has the most first; of as many lines the cheapest. */
  readonly oneStop: readonly { readonly supplier: Supplier; readonly basket: Basket }[];
  /** Whose prices are in another money, of which nobody has said what it is worth: they are in no basket. */
  readonly notReckoned: readonly Supplier[];
}

const enough = ({ stock, pack }: SupplierOffer, count: number): boolean =>
  stock === null || stock >= Math.ceil(count / pack);

/** What one supplier asks for a line; the reason where it has none. */
function purchaseOf(
  line: ShelfLine,
  supplier: Supplier,
  offer: SupplierOffer | undefined,
  worth: number,
): Purchase | NotSold {
  if (!offer) return 'not-listed';
  if (!enough(offer, line.buy)) return 'out-of-stock';
  const packs = Math.ceil(line.buy / offer.pack);
  return {
    line,
    supplier,
    packs,
    pack: offer.pack,
    leftOver: packs * offer.pack - line.buy,
    cost: packs * offer.price * worth,
  };
}

/** What one of another money is worth in that of the job, as somebody typed it, and since when. */
export type Rate = RecordOf<typeof RATE>;

/** Each line where it is cheapest among these suppliers; of as cheap ones the first. */
function basketOf(lines: readonly ShelfLine[], suppliers: readonly Priced[]): Basket {
  const purchases: Purchase[] = [];
  const missing: { line: ShelfLine; why: NotSold }[] = [];
  for (const line of lines) {
    const asked = suppliers.map(({ supplier, byArticle, worth }) =>
      purchaseOf(line, supplier, byArticle.get(line.article), worth),
    );
    const sold = asked.filter((one) => typeof one !== 'string').toSorted((a, b) => a.cost - b.cost)[0];
    if (sold) purchases.push(sold);
    else missing.push({ line, why: asked.includes('out-of-stock') ? 'out-of-stock' : 'not-listed' });
  }
  return { purchases, missing, total: purchases.reduce((sum, { cost }) => sum + cost, 0) };
}

interface Priced {
  readonly supplier: Supplier;
  readonly byArticle: ReadonlyMap<string, SupplierOffer>;
  /** What one of its money is worth in that of the job. */
  readonly worth: number;
}

/** What a supplier asks, under our own names where it is known which of our articles a thing of theirs is; ours comes before theirs. */
export function underOurNames(
  offers: readonly SupplierOffer[],
  names: readonly SupplierName[],
): readonly SupplierOffer[] {
  const articles = new Map(names.map(({ theirs, article }) => [nameOf(theirs), article]));
  const taken = new Set(offers.map(({ article }) => article));
  return offers.map((offer) => {
    const article = articles.get(nameOf(offer.article));
    if (article === undefined || taken.has(article)) return offer;
    taken.add(article);
    return { ...offer, article };
  });
}

/**
 * Where to buy what a job needs: over all suppliers as cheaply as can be, and at each of them alone. What nobody has
 * enough of is named with the reason.
 *
 * @param currency of the totals
 * @param rates    what other money is worth in it; without one no price in that money is taken
 */
export function buyingPlan(
  lines: readonly ShelfLine[],
  suppliers: readonly Supplier[],
  currency: Currency,
  rates: readonly Rate[],
): BuyingPlan {
  const worthOf = (money: Currency): number | undefined =>
    money === currency ? 1 : rates.find((rate) => rate.currency === money && rate.into === currency)?.worth;
  const priced = suppliers.flatMap((supplier): readonly Priced[] => {
    const worth = worthOf(supplier.currency);
    return worth === undefined
      ? []
      : [{ supplier, byArticle: new Map(supplier.offers.map((offer) => [offer.article, offer])), worth }];
  });
  return {
    cheapest: basketOf(lines, priced),
    oneStop: priced
      .map((one) => ({ supplier: one.supplier, basket: basketOf(lines, [one]) }))
      .toSorted((a, b) => a.basket.missing.length - b.basket.missing.length || a.basket.total - b.basket.total),
    notReckoned: suppliers.filter((supplier) => worthOf(supplier.currency) === undefined),
  };
}
