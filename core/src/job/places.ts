import type { GivenOf } from '../record/field';
import { makeRecord } from '../record/make-record';
import {
  EXTRA,
  type Extra,
  INFLOW,
  type Inflow,
  MARK,
  type Mark,
  ROOF,
  type Roof,
  TERMINAL,
  type Terminal,
} from './job';

/** A place where a run may end: nothing measured and nothing asked for yet. */
export const newTerminal = (given: GivenOf<typeof TERMINAL>): Terminal => makeRecord(TERMINAL, given);

/** A roof of which only its area is known. */
export const newRoof = (given: GivenOf<typeof ROOF>): Roof => makeRecord(ROOF, given);

/** An inflow that nobody has measured. */
export const newInflow = (given: GivenOf<typeof INFLOW>): Inflow => makeRecord(INFLOW, given);

/** A nail, a stake or a line of the level, or a piece of ground. */
export const newMark = (given: GivenOf<typeof MARK>): Mark => makeRecord(MARK, given);

/** A line of one's own on the list. */
export const newExtra = (given: GivenOf<typeof EXTRA>): Extra => makeRecord(EXTRA, given);

/** A place of which only its distance along its line is known. */
export const awayBy = (distanceM: number) => ({ by: 'away', distanceM }) as const;

/** One tape reading, so far below the finished ground at the tanks. */
export const belowGround = (downM: number) => [{ from: { of: 'ground' }, by: 'tape', downM }] as const;
