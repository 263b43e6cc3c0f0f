import type { Measures } from '../quantity/length';

/** What brackets are fixed to, and by what (common practice). */
export const SUBSTRATES = ['wood', 'masonry', 'sheet'] as const;
export type Substrate = (typeof SUBSTRATES)[number];

export interface Anchor {
  readonly name: string;
  /** Ends the code of its line. */
  readonly code: string;
  /** As a counter calls it. */
  readonly detail: Readonly<Record<Measures, string>>;
  /** For each bracket. */
  readonly each: number;
  /** Invented, as every shipped price is. */
  readonly priceUsd: number;
}

export const SUBSTRATE_NAMES: Readonly<Record<Substrate, string>> = {
  wood: 'Wood',
  masonry: 'Masonry',
  sheet: 'Sheet metal',
};

export const ANCHORS: Readonly<Record<Substrate, Anchor>> = {
  wood: {
    name: 'Wood screw',
    code: 'AW',
    detail: { 'mm-l': 'stainless, 5 x 50 mm', 'in-gal': 'stainless, no. 10 x 2 in' },
    each: 2,
    priceUsd: 0.12,
  },
  masonry: {
    name: 'Plug and screw',
    code: 'AM',
    detail: {
      'mm-l': '8 mm plug, stainless screw 6 x 60 mm',
      'in-gal': '5/16 in plug, stainless screw no. 14 x 2-1/2 in',
    },
    each: 2,
    priceUsd: 0.2,
  },
  sheet: {
    name: 'Self-drilling screw',
    code: 'AS',
    detail: { 'mm-l': 'with rubber washer, 5.5 x 25 mm', 'in-gal': 'with rubber washer, no. 12 x 1 in' },
    each: 2,
    priceUsd: 0.15,
  },
};
