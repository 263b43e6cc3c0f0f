/** What money a job is reckoned in (ISO 4217). */
export const CURRENCIES = ['USD', 'GBP', 'EUR', 'AUD', 'NZD'] as const;
export type Currency = (typeof CURRENCIES)[number];

/** What is known of a currency. */
export interface CurrencyFacts {
  readonly name: string;
  /** How many of it a US dollar was worth; only the invented prices of the catalogue are turned by it (value from memory, no rate of any day). */
  readonly perUsd: number;
  /** The usual tax on building goods [percent], offered when tax is put on; it differs within the US and within Europe (value from memory). */
  readonly usualTaxPercent: number;
}

/** How a price of a currency may be marked. */
export const CURRENCY_MARKS: Readonly<Record<Currency, readonly string[]>> = {
  USD: ['$', 'USD', 'US$', 'US dollars', 'dollars'],
  GBP: ['£', 'GBP', 'pounds sterling'],
  EUR: ['€', 'EUR', 'euro', 'euros'],
  AUD: ['$', 'AUD', 'A$', 'AU$', 'Australian dollars', 'dollars'],
  NZD: ['$', 'NZD', 'NZ$', 'New Zealand dollars', 'dollars'],
};

export const CURRENCY_FACTS: Readonly<Record<Currency, CurrencyFacts>> = {
  USD: { name: 'US dollars', perUsd: 1, usualTaxPercent: 7 },
  GBP: { name: 'Pounds sterling', perUsd: 0.8, usualTaxPercent: 20 },
  EUR: { name: 'Euro', perUsd: 0.9, usualTaxPercent: 21 },
  AUD: { name: 'Australian dollars', perUsd: 1.5, usualTaxPercent: 10 },
  NZD: { name: 'New Zealand dollars', perUsd: 1.65, usualTaxPercent: 15 },
};

/** Highest tax that can be meant [percent]. */
export const MOST_TAX_PERCENT = 50;

/** In which money, and with which tax on top. */
export interface Reckoning {
  readonly currency: Currency;
  /** Added to every price [percent]; null: prices are without tax. */
  readonly taxPercent: number | null;
}

/** An amount of one currency in another, by the rates of the table. */
export const converted = (amount: number, from: Currency, to: Currency): number =>
  from === to ? amount : (amount / CURRENCY_FACTS[from].perUsd) * CURRENCY_FACTS[to].perUsd;

/** With its tax where tax is on. */
export const withTax = (amount: number, { taxPercent }: Pick<Reckoning, 'taxPercent'>): number =>
  amount * (1 + (taxPercent ?? 0) / 100);

/** A price of the catalogue as a job reckons it: in its currency, with its tax. */
export const reckoned = (usd: number, reckoning: Reckoning): number =>
  withTax(converted(usd, 'USD', reckoning.currency), reckoning);

/** Money to the cent. */
export const cents = (amount: number): number => Math.round(amount * 100) / 100;

/** What lines come to as a job reckons them: each to the cent, as it is shown, so that who adds them up by hand comes to the same. */
export const reckonedSum = (usd: readonly (number | null)[], reckoning: Reckoning): number =>
  cents(usd.reduce<number>((sum, one) => sum + cents(reckoned(one ?? 0, reckoning)), 0));

/** A price as it is paid, in what the catalogue is priced in. */
export const unreckoned = (paid: number, reckoning: Reckoning): number => paid / reckoned(1, reckoning);

const format = (currency: Currency): Intl.NumberFormat =>
  new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'narrowSymbol' });
const FORMATS = new Map<Currency, Intl.NumberFormat>();

/** Money as it is written: `$118.20`, `£94.56`. */
export function formatMoney(amount: number, currency: Currency): string {
  const known = FORMATS.get(currency) ?? format(currency);
  FORMATS.set(currency, known);
  return known.format(amount);
}

/** 'in US dollars, without tax'. */
export const reckoningWords = ({ currency, taxPercent }: Reckoning): string =>
  `in ${CURRENCY_FACTS[currency].name}, ${taxPercent === null ? 'without tax' : `with ${taxPercent} % tax`}`;
