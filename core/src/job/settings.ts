import { MEASURES } from '../quantity/length';
import { CURRENCIES, MOST_TAX_PERCENT } from '../quantity/money';
import type { Fields, RecordOf } from '../record/field';
import { REGIONS } from '../region';
import { ASSUMED, type SiteFigure } from '../walls/assumed';

/** How plastic outdoors is kept from the sun, and a line from the frost; null: not said. */
export const SUN_PLANS = ['shaded', 'painted'] as const;
export type SunPlan = (typeof SUN_PLANS)[number];
export const FROST_PLANS = ['drained', 'insulated', 'none-here'] as const;
export type FrostPlan = (typeof FROST_PLANS)[number];

/** What is bought beyond what is built in: nothing, what is easily lost or spoilt, or what nobody can fetch. */
export const SPARES = ['none', 'sensible', 'remote'] as const;
export type Spares = (typeof SPARES)[number];

/** Figures of the site. One that nobody has given is null and is assumed. */
const SITE = {
  armM: {
    kind: 'length',
    least: 0.2,
    most: 1.2,
    usual: [0.4, 1],
    orUnknown: true,
    words: 'length of the arm',
    says: 'Shoulder to fingertips',
  },
  sedimentM: { kind: 'length', least: 0, most: 1, usual: [0, 0.3], orUnknown: true, words: 'depth of sediment' },
  groundWaterM: {
    kind: 'length',
    least: 0,
    most: 30,
    orUnknown: true,
    words: 'ground water',
    says: 'Depth of the ground water below the finished ground',
  },
  frostM: { kind: 'length', least: 0, most: 3, orUnknown: true, words: 'depth of frost' },
  groundKpa: { kind: 'pressure', least: 5, most: 5000, orUnknown: true, words: 'bearing of the ground' },
  stormMmPerH: { kind: 'rain', least: 1, most: 1000, orUnknown: true, words: 'storm' },
  standM: {
    kind: 'length',
    least: 0,
    most: 10,
    usual: [0.1, 5],
    orUnknown: true,
    words: 'safe stand',
    says: 'A stand higher than this wants an engineer',
  },
  fallShare: {
    kind: 'share',
    least: 0,
    most: 0.5,
    orUnknown: true,
    words: 'least fall',
    says: 'Of a drain, as a share of its length',
  },
  coverM: {
    kind: 'length',
    least: 0,
    most: 5,
    usual: [0.05, 2],
    orUnknown: true,
    words: 'cover',
    says: 'Ground over a buried line',
  },
} as const satisfies Record<SiteFigure, Fields[string]>;

/** What one of another money is worth, as somebody typed it, and the day of that. */
export const RATE = {
  currency: { kind: 'choice', of: CURRENCIES },
  into: { kind: 'choice', of: CURRENCIES },
  worth: { kind: 'number', above: 0, most: 10_000, says: 'So many of the second money is one of the first' },
  day: { kind: 'day' },
} as const satisfies Fields;

/** What is said once for the whole job. */
export const SETTINGS = {
  name: { kind: 'text', most: 120, words: 'name' },
  measures: { kind: 'choice', of: MEASURES, words: 'units' },
  region: {
    kind: 'choice',
    of: REGIONS,
    orUnknown: true,
    words: 'region',
    says: 'Where the work is: how figures, paper and money are written, and which threads, pipes and drains come first',
  },
  ...SITE,
  northDegrees: {
    kind: 'angle',
    least: -360,
    most: 360,
    orUnknown: true,
    words: 'north',
    says: 'Where north is on the plan, counter-clockwise from its right',
  },
  silicone: {
    kind: 'yes-no',
    default: false,
    words: 'silicone at bulkheads',
    says: 'A bead of silicone at every bulkhead, as insurance',
    asked: 'Silicone at bulkheads, as insurance',
  },
  sunPlan: { kind: 'choice', of: SUN_PLANS, orUnknown: true, words: 'care against sun', asked: 'Plastic in the sun' },
  frostPlan: { kind: 'choice', of: FROST_PLANS, orUnknown: true, words: 'care against frost', asked: 'Lines in frost' },
  drinking: {
    kind: 'yes-no',
    orUnknown: true,
    words: 'use for drinking',
    says: 'Is the water drunk? null: not said, taken as no',
    asked: 'The water is drunk',
  },
  spares: { kind: 'choice', of: SPARES, default: 'none', words: 'spares' },
  currency: { kind: 'choice', of: CURRENCIES, default: 'USD', words: 'currency' },
  rates: {
    kind: 'list',
    of: { kind: 'group', of: RATE },
    most: 20,
    default: [],
    words: 'rates of exchange',
    says: 'Prices in another money are used by these only',
  },
  taxPercent: {
    kind: 'percent',
    least: 0,
    most: MOST_TAX_PERCENT,
    orUnknown: true,
    words: 'tax',
    says: 'Added to every price; null: prices are without tax',
  },
  budget: {
    kind: 'number',
    least: 0,
    most: 100_000_000,
    orUnknown: true,
    words: 'budget',
    says: 'What the parts may cost, in the currency of the job with its tax',
  },
} as const satisfies Fields;
export interface Settings extends RecordOf<typeof SETTINGS> {}

/** A figure of the site: as given, or as assumed until it is. */
export const siteFigure = (job: Pick<Settings, SiteFigure>, figure: SiteFigure): number =>
  job[figure] ?? ASSUMED[figure];
