import { isFlexible } from '../fittings/flexible';
import { isByLength } from '../fittings/part';
import type { CheckContext } from '../derived/context';
import { baseLevelM } from '../derived/set-out';
import type { StrandItem } from '../derived/run';
import { type GutterRun, gutterRuns } from './gutter-run';
import { isSteep } from './steep';

/** What one piece takes of the height between the opening and the gutter. */
export interface BudgetItem {
  readonly item: StrandItem;
  /** From its near end up to its far end [m]; negative: it leads down. */
  readonly takesM: number;
  /** So much shorter it can be cut [m]; 0 for a piece. */
  readonly givesM: number;
  readonly sure: boolean;
}

/** All that must fit between the opening of a tank and the gutter. */
export interface HeightBudget extends GutterRun {
  /** Where the run leaves the tank, above the finished ground [m]. */
  readonly fromM: number;
  readonly pieces: readonly BudgetItem[];
  /** From the top of the last piece up to the gutter [m]: below nothing, the kit is too tall; undefined while unknown. */
  readonly leftM: number | undefined;
  /** What can be cut off in all [m]. */
  readonly givesM: number;
  /** Is every height of it known for sure? */
  readonly sure: boolean;
}

/** A pipe that is still to be lapped and held keeps this much [m] (common practice). */
const LEAST_PIECE_M = 0.1;

/** The height budget of every roof whose water has a way into a tank. */
export const heightBudgets = (context: CheckContext): readonly HeightBudget[] =>
  gutterRuns(context).map((run) => {
    const pieces = run.items.map((item, place): BudgetItem => {
      const leg = run.legs[place];
      const takesM = leg ? leg.to.up - leg.from.up : 0;
      const { lengthM } = item.placed;
      const cuts =
        isByLength(item.part) && !isFlexible(item.part) && lengthM !== null && takesM > 0 && isSteep(takesM, lengthM);
      return {
        item,
        takesM,
        givesM: cuts ? Math.max(0, lengthM - LEAST_PIECE_M) : 0,
        sure: leg !== undefined && leg.sure && leg.assumed.length === 0,
      };
    });
    const fromM = baseLevelM(run.tank, context.job) + run.hole.heightM;
    return {
      ...run,
      fromM,
      pieces,
      leftM: run.gutterM === undefined || run.topM === undefined ? undefined : run.gutterM - run.topM,
      givesM: pieces.reduce((sum, { givesM }) => sum + givesM, 0),
      sure: pieces.every(({ sure }) => sure),
    };
  });
