import { createHash } from 'node:crypto';
import { type Currency, type Supplier, type SupplierOffer, converted } from '@herrero/core';

/** A made-up supplier: how slow, how dear, how often out of stock, and how often it does not answer. */
interface StandIn {
  readonly id: string;
  readonly name: string;
  readonly latencyMs: number;
  /** Its prices lie between these shares of the usual ones. */
  readonly prices: readonly [number, number];
  /** This share of what is asked for is out of stock. */
  readonly out: number;
  /** It fails once, and answers so often before it fails again; 0: it never fails. */
  readonly answersBetweenFailures: number;
}

export const STAND_INS: readonly StandIn[] = [
  { id: 'yard', name: 'Stand-in yard', latencyMs: 250, prices: [0.9, 1.15], out: 0.06, answersBetweenFailures: 0 },
  {
    id: 'counter',
    name: 'Stand-in counter',
    latencyMs: 700,
    prices: [0.85, 1.3],
    out: 0.12,
    answersBetweenFailures: 0,
  },
  { id: 'depot', name: 'Stand-in depot', latencyMs: 400, prices: [0.8, 1.05], out: 0.2, answersBetweenFailures: 1 },
];

export interface AskedArticle {
  readonly article: string;
  readonly count: number;
  /** What the catalogue says it costs: the made-up price lies round it. */
  readonly usualUsd: number;
}

/** Small things are sold by the pack. */
const PACKS: readonly (readonly [RegExp, number])[] = [
  [/^WA /, 10],
  [/^HC-/, 2],
  [/^AM$|^AS|^AT/, 10],
  [/^LB$/, 2],
];
const CENTS = 100;

/** A number from 0 to 1 that is always the same for the same words. */
const shareOf = (...words: readonly string[]): number =>
  createHash('sha256').update(words.join('|')).digest().readUInt32BE(0) / 2 ** 32;

/** What a stand-in asks for each article, made up but always the same; what it does not carry is left out. */
export function standInOffers(
  { id, prices: [least, most], out }: StandIn,
  asked: readonly AskedArticle[],
  currency: Currency,
): SupplierOffer[] {
  return asked.map(({ article, count, usualUsd }) => {
    const pack = PACKS.find(([pattern]) => pattern.test(article))?.[1] ?? 1;
    const share = least + (most - least) * shareOf(id, 'price', article);
    // Packs are a little cheaper for each.
    const price =
      Math.max(1, Math.round(converted(usualUsd, 'USD', currency) * share * pack * (pack > 1 ? 0.9 : 1) * CENTS)) /
      CENTS;
    const packs = Math.ceil(count / pack);
    const stock = shareOf(id, 'out', article) < out ? 0 : packs + Math.floor(shareOf(id, 'stock', article) * 20);
    return { article, price, pack, stock };
  });
}

const answered = new Map<string, number>();

/** Does it fail this time? A stand-in that fails does so first, then answers a while. */
export function failsNow({ id, answersBetweenFailures }: StandIn): boolean {
  if (answersBetweenFailures === 0) return false;
  const before = answered.get(id) ?? 0;
  answered.set(id, (before + 1) % (answersBetweenFailures + 1));
  return before === 0;
}

/** A stand-in with its answer, as a supplier of today, in the money it is asked in. */
export const standInSupplier = (
  standIn: StandIn,
  asked: readonly AskedArticle[],
  currency: Currency,
  today: string,
): Supplier => ({
  id: standIn.id,
  name: standIn.name,
  currency,
  pricedOn: today,
  standIn: true,
  offers: standInOffers(standIn, asked, currency),
});
