import { MM_PER_INCH } from '../../../quantity/length';
import type { NominalSize } from '../../../quantity/size';
import type { Source } from '../../../provenance';

/** What a wall is made of, as far as it decides what may stand in it. */
export const WALL_KINDS = ['plastic', 'metal', 'concrete'] as const;
export type WallKind = (typeof WALL_KINDS)[number];

/** What stands in an opening of a wall: the hole it wants, the wall it grips and the flat it sits on, in mm. */
export interface WallSealSize {
  readonly size: NominalSize;
  /** Hole sizes differ between makers: the range, and the hole most of them ask for. */
  readonly holeMm: readonly [number, number];
  readonly typicalHoleMm: number;
  /** Wall thickness it grips, least and most. */
  readonly gripMm: readonly [number, number];
  readonly flangeMm: number;
  /** Least radius of a curved wall it still seals on. */
  readonly leastRadiusMm: number;
  /** Down to this radius it may do, and nobody rates it; absent: not below the least radius. */
  readonly mayRadiusMm?: number;
}

/**
 * One way to close the ring between a wall and what passes it. Adding a way is one such file and one line in
 * `wall-seals.ts`; the notation, the joint, the catalogue part and the choice at Holes follow from it.
 */
export interface WallSealStyle {
  readonly id: string;
  /** In the notation the two words after the size: `3/4 bulkhead shank`. */
  readonly words: readonly [string, string];
  /** In a sentence: 'the bulkhead needs at least ...'. */
  readonly called: string;
  readonly walls: readonly WallKind[];
  /** `top`: lies in a top face. `dry`: keeps insects out, not water in. */
  readonly where: 'anywhere' | 'dry' | 'top';
  /** Must a hand hold something on the wet side while it is tightened? */
  readonly needsHand: boolean;
  /** May it be drawn in from the opening on a cord instead? */
  readonly onACord: boolean;
  /** Which side the nut goes, or what takes its place. */
  readonly side: string;
  /** What must be on the inside. */
  readonly inside: string;
  /** Sealed by a washer or rubber of its own that must not be forgotten. */
  readonly washer: boolean;
  /** Does it hold a pull along the pipe? */
  readonly holdsPull: boolean;
  /** Does it close round a pipe with a cord beside it too? A cord by itself goes through a duct in it. (common practice) */
  readonly roundAny: boolean;
  /** Made for one purpose: a tap or float valve by itself, round a cord, a hole that is closed, one that stays open; absent: for any. */
  readonly purpose?: 'valve' | 'cord' | 'cover' | 'air';
  /** Made by somebody trained, with a machine of his own, or with the tank itself: what any hand can set is offered first. */
  readonly byTrade: boolean;
  /** Does it clamp the liner of a lined tank from inside? */
  readonly clampsLiner: boolean;
  /** What is said of it where it holds. */
  readonly why: string;
  readonly tighten?: string;
  readonly source: Source;
  readonly sizes: readonly WallSealSize[];
}

export const WALL_SEAL_SOURCE: Source = {
  document: 'bulkhead and gasket hole ranges of the trade; measure the shank in hand',
  provenance: 'from-memory',
};

export const inch = (inches: number): number => inches * MM_PER_INCH;
export const inches = ([least, most]: readonly [number, number]): readonly [number, number] => [
  inch(least),
  inch(most),
];

/** A flat washer follows a curve only if the radius is about four flanges (common practice). */
export const RADIUS_PER_FLANGE = 4;

type Said = 'id' | 'words' | 'called' | 'walls' | 'side' | 'inside' | 'why' | 'sizes';

/** Declares a way; what is not said is the plain case: anywhere, from outside, without a washer, and holding no pull. */
export const defineWallSeal = (style: Pick<WallSealStyle, Said> & Partial<WallSealStyle>): WallSealStyle => ({
  where: 'anywhere',
  needsHand: false,
  onACord: false,
  washer: false,
  holdsPull: false,
  roundAny: false,
  byTrade: false,
  clampsLiner: false,
  source: WALL_SEAL_SOURCE,
  ...style,
});

/** Size, hole least, most and usual, flange, in mm. */
export type SealRow = readonly [NominalSize, number, number, number, number];

/**
 * The sizes of a way that grips one range of walls.
 * @param curve `flat`: a flat washer or flange that bridges a curve; `follows`: it bends with the wall or fills a bored hole
 */
export const sealSizes = (
  rows: readonly SealRow[],
  gripMm: readonly [number, number],
  curve: 'flat' | 'follows',
): readonly WallSealSize[] =>
  rows.map(([size, least, most, typicalHoleMm, flangeMm]) => ({
    size,
    holeMm: [least, most],
    typicalHoleMm,
    gripMm,
    flangeMm,
    leastRadiusMm: curve === 'flat' ? RADIUS_PER_FLANGE * flangeMm : flangeMm / 2,
  }));

/** Does it close round a cord, or round a duct that the cord goes through? What else closes round a pipe leaves a cord loose in it. */
export const closesRoundCord = ({ purpose, roundAny }: Pick<WallSealStyle, 'purpose' | 'roundAny'>): boolean =>
  purpose === 'cord' || roundAny;
