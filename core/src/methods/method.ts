import type { Medium } from '../connections/mating';
import type { Use } from '../parts/list/trace';
import type { Range } from '../connections/standards/thread-standard';
import type { NominalSize } from '../quantity/size';
import type { CautionId } from './cautions';
import type { ToolId } from './tools';

/** One thing there is to make, where, and what its figures depend on. */
export interface Work {
  readonly use: Use;
  /** In the unit of its way: 1 for a joint, metres for a trench. */
  readonly amount: number;
  /** What it is closed with; absent: nothing. */
  readonly taken?: readonly Medium[];
  /** What it goes by at the counter; absent: it goes by none. */
  readonly size?: NominalSize;
  /** Outside of a pipe, or across a hole [mm]; absent: it has none. */
  readonly acrossMm?: number;
}

/** Until something may go on: moved, water in it, pressed, loaded, covered, painted. */
export interface Wait {
  readonly what: string;
  readonly before: 'moving it' | 'water' | 'pressure' | 'load' | 'covering' | 'painting' | 'use';
  /** Least and most [minutes]: by size, by how warm it is. */
  readonly minutes: Range;
}

/** What a way of making waits for, and what is looked at. */
export interface LookedAt {
  readonly waits?: readonly Wait[];
  /** Each of these stops it. */
  readonly before: readonly string[];
  /** What a tick stands for. */
  readonly after: readonly string[];
}

/**
 * One way to make something: what it takes, what it is done with, how long, by how many. What it waits for and what is looked at
 * is `LOOKED_AT` of the same name: no way is without.
 * The amounts of what closes a joint are those of its standard (`connections/make-up`). All else is common practice, no source.
 */
export interface Method {
  readonly name: string;
  readonly per: 'joint' | 'hole' | 'cut' | 'metre' | 'square metre' | 'piece' | 'bracket' | 'tank' | 'place' | 'job';
  /** For one of it: one trained hand, all things laid out. */
  readonly minutes: Range;
  /** Absent: one. */
  readonly people?: (work: Work) => number;
  /** What closes it and is used up; absent: nothing. */
  readonly takes?: readonly Medium[];
  readonly tools: readonly (ToolId | SometimesTool)[];
  readonly caution?: CautionId;
}

/** A tool that only some of a kind take. */
export interface SometimesTool {
  readonly tool: ToolId;
  readonly when: (work: Work) => boolean;
}

/** The place of what is done for all of a job and hangs on nothing single. */
export const WHOLE_JOB = '';

/** Two from this size on. */
export const twoFrom =
  (mm: number) =>
  ({ acrossMm = 0 }: Work): number =>
    acrossMm >= mm ? 2 : 1;
export const two = (): number => 2;

const HOUR = 60;
export const hours = (least: number, most: number): Range => [least * HOUR, most * HOUR];
const DAY = 24;
export const days = (least: number, most: number): Range => hours(least * DAY, most * DAY);
