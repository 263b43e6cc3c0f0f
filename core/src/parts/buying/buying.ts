import { type Currency, converted } from '../../quantity/money';
import type { ShelfLine } from '../tables/shelves';

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
}

const enough = ({ stock, pack }: SupplierOffer, count: number): boolean =>
  stock === null || stock >= Math.ceil(count / pack);

/** What one supplier asks for a line; the reason where it has none. */
function purchaseOf(
  line: ShelfLine,
  supplier: Supplier,
  offer: SupplierOffer | undefined,
  currency: Currency,
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
    cost: converted(packs * offer.price, supplier.currency, currency),
  };
}

/** Each line where it is cheapest among these suppliers; of as cheap ones the first. */
function basketOf(lines: readonly ShelfLine[], suppliers: readonly Priced[], currency: Currency): Basket {
  const purchases: Purchase[] = [];
  const missing: { line: ShelfLine; why: NotSold }[] = [];
  for (const line of lines) {
    const asked = suppliers.map(({ supplier, byArticle }) =>
      purchaseOf(line, supplier, byArticle.get(line.article), currency),
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
}

/**
 * Where to buy what a job needs: over all suppliers as cheaply as can be, and at each of them alone. What nobody has
 * enough of is named with the reason.
 *
 * @param currency of the totals; prices in another are turned by the rates of the table of currencies
 */
export function buyingPlan(
  lines: readonly ShelfLine[],
  suppliers: readonly Supplier[],
  currency: Currency,
): BuyingPlan {
  const priced = suppliers.map((supplier) => ({
    supplier,
    byArticle: new Map(supplier.offers.map((offer) => [offer.article, offer])),
  }));
  return {
    cheapest: basketOf(lines, priced, currency),
    oneStop: priced
      .map((one) => ({ supplier: one.supplier, basket: basketOf(lines, [one], currency) }))
      .toSorted((a, b) => a.basket.missing.length - b.basket.missing.length || a.basket.total - b.basket.total),
  };
}
