import type { End } from '../connections/end';
import { isForDrinking, isMetal } from '../connections/material';
import { boreOfEnd } from '../fittings/body';
import { type Avoidable, CAPABILITIES, type Capability } from '../fittings/capability';
import { regionsOfEnds } from '../fittings/regions';
import { REGIONS, type Region } from '../region';
import { type Feature, type Part, isByLength } from '../fittings/part';

/** What a chain can be made to lean towards. */
export const LEANS = ['fewest', 'cheapest', 'on-hand', 'widest', 'no-glue', 'metal', 'plastic', 'potable'] as const;
export type Lean = (typeof LEANS)[number];

/** What a chain must have, must not have, and is weighed by. */
export interface RouteWishes {
  readonly require?: readonly Capability[] | undefined;
  readonly avoid?: readonly Avoidable[] | undefined;
  readonly prefer?: readonly Lean[] | undefined;
  /** Only parts that are sold there. */
  readonly region?: Region | undefined;
  /** What is sold there comes first; not said: where the two ends are sold. */
  readonly home?: Region | undefined;
  readonly minBoreMm?: number | undefined;
  /** How many of each part there are, by code. */
  readonly onHand?: ReadonlyMap<string, number> | undefined;
}

/** What one part and one joint cost in a chain; infinite: not to be used. */
export interface Weighing {
  readonly ofPart: (traits: Traits) => number;
  readonly ofJoint: (glued: boolean) => number;
}

/** What a part is weighed by, worked out once for a catalogue. */
export interface Traits {
  readonly code: string;
  readonly priceUsd: number;
  readonly boreMm: number;
  readonly does: number;
  /** A bit for each of REGIONS. */
  readonly soldIn: number;
  readonly metal: boolean;
  readonly forDrinking: boolean;
  readonly cut: boolean;
  /** How many things it does that cannot be asked for by name. */
  readonly specials: number;
}

/** A part costs one, and so much more for its price; these are judgements, in one place. */
const PER_PART = 1;
const PER_USD = 0.01;
const CHEAPEST = { perPart: 0.05, perUsd: 0.2 } as const;
const PER_JOINT = 0.02;
/** A part that does what nobody asked for is no adapter. */
const DOES_MORE = 0.75;
const CUT_TO_LENGTH = 0.4;
const NOT_ON_HAND = 1.5;
const NOT_PREFERRED = 2;
const NOT_FOR_DRINKING = 4;
const NOT_SOLD_HERE = 1;
const GLUED = 2;
/** Narrower than both ends costs as its loss would, up to as much as a part; wider than both is a detour. */
const NARROWING = 0.3;
const WIDENING = 0.15;
const SAME_BORE = 1.02;
/** What narrows to this bore costs as much as a part, where the widest is wanted; it grows as the loss does. */
const NARROW_MM = 20;
/** Between two fittings a piece of this length is cut [m]. */
export const PIECE_M = 0.3;

/** Beyond what can be asked for by name. */
const SPECIAL: readonly Feature[] = ['timer', 'vacuum-breaker', 'diverter', 'pump', 'vessel', 'float-arm', 'screen'];

/** What a part costs in money in a chain: per piece, or for a short piece of what is sold by length. */
export const priceInChain = (part: Part): number => part.priceUsd * (isByLength(part) ? PIECE_M : 1);

const regionBits = (regions: readonly Region[]): number =>
  REGIONS.reduce((bits, region, bit) => bits | (regions.includes(region) ? 1 << bit : 0), 0);

export const traitsOf = (part: Part, does: number): Traits => ({
  code: part.code,
  priceUsd: priceInChain(part),
  boreMm: part.boreMm,
  does,
  soldIn: regionBits(part.regions),
  metal: isMetal(part.material),
  forDrinking: isForDrinking(part.material),
  cut: isByLength(part),
  specials: part.features.filter((feature) => SPECIAL.includes(feature)).length,
});

/** How many of the bits are set. */
const count = (bits: number): number => {
  let left = bits;
  let found = 0;
  for (; left !== 0; left &= left - 1) found++;
  return found;
};

/**
 * Weighs parts and joints by what is wished, between two ends.
 *
 * @param ends  what the chain goes from and to: their bores bound what is no detour, their regions where it is sold
 */
export function weigh(
  { require = [], avoid = [], prefer = [], region, home: homeRegion, minBoreMm = 0, onHand }: RouteWishes,
  ends: readonly End[],
): Weighing {
  const bitsOf = (some: readonly string[]): number =>
    CAPABILITIES.reduce((bits, one, bit) => bits | (some.includes(one) ? 1 << bit : 0), 0);
  const asked = bitsOf(require);
  const unwanted = bitsOf([...avoid, 'branch']) & ~asked;
  const [cheapest, fromHand, widest, noGlue, metal, plastic, potable] = (
    ['cheapest', 'on-hand', 'widest', 'no-glue', 'metal', 'plastic', 'potable'] as const
  ).map((lean) => prefer.includes(lean));
  const noMetal = avoid.includes('metal');
  const noPlastic = avoid.includes('plastic');
  const noCement = avoid.includes('glue');
  const { perPart, perUsd } = cheapest ? CHEAPEST : { perPart: PER_PART, perUsd: PER_USD };
  const soldIn = region === undefined ? undefined : regionBits([region]);
  const home = soldIn ?? regionBits(homeRegion === undefined ? regionsOfEnds(ends) : [homeRegion]);
  const bores = ends.map(boreOfEnd).filter(Number.isFinite);
  const [narrowMm, wideMm] = [Math.min(...bores) / SAME_BORE, Math.max(...bores) * SAME_BORE];
  return {
    ofPart: (part) => {
      if (
        (soldIn !== undefined && (part.soldIn & soldIn) === 0) ||
        part.boreMm < minBoreMm ||
        (part.does & unwanted) !== 0 ||
        (part.metal ? noMetal : noPlastic)
      )
        return Number.POSITIVE_INFINITY;
      const here = onHand !== undefined && (onHand.get(part.code) ?? 0) > 0;
      let cost = perPart + DOES_MORE * (count(part.does & ~asked) + part.specials);
      if (!here) cost += part.priceUsd * perUsd;
      if (part.cut) cost += CUT_TO_LENGTH;
      if ((part.soldIn & home) === 0) cost += NOT_SOLD_HERE;
      if (part.boreMm < narrowMm) cost += Math.min(PER_PART, NARROWING * ((narrowMm / part.boreMm) ** 4 - 1));
      else if (part.boreMm > wideMm) cost += WIDENING;
      if (fromHand && !here) cost += NOT_ON_HAND;
      if (widest) cost += (NARROW_MM / part.boreMm) ** 4;
      if (part.metal ? plastic : metal) cost += NOT_PREFERRED;
      if (potable && !part.forDrinking) cost += NOT_FOR_DRINKING;
      return cost;
    },
    ofJoint: (glued) => (glued && noCement ? Number.POSITIVE_INFINITY : PER_JOINT + (glued && noGlue ? GLUED : 0)),
  };
}
