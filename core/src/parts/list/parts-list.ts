import type { Bar, CutOrder, Piece } from '../cutting/cut-plan';
import type { Traced } from './trace';

/** In what a line is counted. */
export const UNITS = ['piece', 'm', 'm3', 'ml', 'length'] as const;
export type Unit = (typeof UNITS)[number];

/** One line of the list. What a stock length or a tin covers is said in `note`. */
export interface PartsLine extends Traced {
  readonly code: string;
  readonly title: string;
  readonly detail: string;
  readonly need: number;
  readonly unit: Unit;
  /** Whole pieces, lengths or packs to buy; 0 where it comes with another line. */
  readonly buy: number;
  /** For all of the line; null where it is not bought by itself. */
  readonly priceUsd: number | null;
  /** Pieces that are not bought because they are on hand; absent: none. */
  readonly fromHand?: number;
  /** What is left over of the packs that are bought, in the unit of the line; absent: nothing. */
  readonly leftOver?: number;
  /** Only of stock lengths: how long each is [m]. */
  readonly stockM?: number;
  readonly note?: string;
  /** What is in its bag: it comes with it and is not bought by itself; absent: nothing. */
  readonly inside?: readonly Pick<PartsLine, 'code' | 'title' | 'detail' | 'need' | 'unit'>[];
  /** Somebody has changed it by hand: which change it was, and the line as it is reckoned. */
  readonly byHand?: { readonly id: string; readonly reckoned: PartsLine };
}

export interface PartsGroup {
  readonly id: string;
  readonly title: string;
  readonly subtitle: string;
  readonly penetrationId?: string;
  readonly lines: readonly PartsLine[];
}

/** One claim of completeness: how many of how many, and which not. */
export interface Completeness {
  readonly done: number;
  readonly of: number;
  readonly missing: readonly string[];
  /** Of those that are not done, how many somebody has settled by name or changed by hand: they are not missing, and not done either. */
  readonly settled?: number;
}

export interface CutBars {
  readonly code: string;
  readonly title: string;
  readonly order: CutOrder;
  readonly bars: readonly Bar[];
  /** No plan buys fewer bars. */
  readonly leastBars: number;
  /** No way to cut these bars leaves a longer off-cut [m]. */
  readonly mostLeftM: number;
  /** A longer search has been made; else it is the quick plan. */
  readonly searched: boolean;
  readonly tooLong: readonly Piece[];
  /** Pieces whose length is not known yet, by hole. */
  readonly unknown: readonly string[];
}

/** How many joints are closed by what. */
export interface ClosedBy {
  readonly words: string;
  readonly count: number;
  readonly kind: string;
  readonly places: readonly string[];
}

export interface PartsList {
  readonly groups: readonly PartsGroup[];
  readonly cuts: readonly CutBars[];
  readonly closedBy: readonly ClosedBy[];
  readonly ends: Completeness;
  readonly joints: Completeness;
  readonly holes: Completeness;
  /** Pieces of pipe, hose and downpipe of which the length is known. */
  readonly lengths: Completeness;
  /** What is not known and therefore not listed. */
  readonly questions: readonly string[];
  readonly toBuy: number;
  readonly totalUsd: number;
}

/** One way of making, and how much of it there is. */
export interface WayLine {
  readonly id: string;
  readonly name: string;
  readonly per: string;
  readonly amount: number;
  /** All of it: one trained hand, all things laid out; least and most. */
  readonly minutes: readonly [number, number];
  /** What closes it and is used up. */
  readonly takes: readonly string[];
  /** The most that any of it takes at once. */
  readonly people: number;
  readonly waits: readonly {
    readonly what: string;
    readonly before: string;
    readonly minutes: readonly [number, number];
  }[];
  /** Looked at before, and after. */
  readonly before: readonly string[];
  readonly after: readonly string[];
  readonly places: readonly string[];
}

/** A list with its tools, and what everything counted anew from the job says to it. */
export interface ProvenList extends PartsList {
  /** The usual cautions for what is made; local codes and licensed trades decide. */
  readonly cautions: readonly string[];
  /** Its lines, and what the job asks for that is not there or not enough. */
  readonly listed: Completeness;
}
