import type { Region } from '../region';
import type { Measures } from './length';
import type { Currency } from './money';

export const PAPER_SIZES = ['letter', 'a4'] as const;
export type PaperSize = (typeof PAPER_SIZES)[number];

/** What is usual in a region: a new job begins with it, and each can be changed. */
export interface Customs {
  readonly measures: Measures;
  readonly currency: Currency;
  readonly paper: PaperSize;
}

/** Common practice; Ireland reckons in euro, New Zealand in its own dollars. */
export const CUSTOMS: Readonly<Record<Region, Customs>> = {
  US: { measures: 'in-gal', currency: 'USD', paper: 'letter' },
  UK: { measures: 'mm-l', currency: 'GBP', paper: 'a4' },
  EU: { measures: 'mm-l', currency: 'EUR', paper: 'a4' },
  ANZ: { measures: 'mm-l', currency: 'AUD', paper: 'a4' },
};

/** The paper that a job is printed on: that of its region, or while nobody has said it what goes with its measures. */
export const paperOf = ({
  region,
  measures,
}: {
  readonly region: Region | null;
  readonly measures: Measures;
}): PaperSize => (region ? CUSTOMS[region].paper : measures === 'mm-l' ? 'a4' : 'letter');
