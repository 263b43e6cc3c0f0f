import type { ThreadForm } from '../standards/thread-standard';
import type { ThreadJudgement } from '../families/judge-threads';
import type { Range } from '../standards/thread-standard';
import { SOLID_TAPE_MM } from './tape';

/** More turns than this past the expected place, or more extra turns of tape than this, and no tape makes it hold (common practice). */
export const MOST_LOOSE_TURNS = 2;
export const MOST_EXTRA_TAPE = 6;
/** Stops this much short of where the tolerance lets it, and something else is wrong. Our judgement. */
const STOPS_EARLY_TURNS = 0.5;

/** Turns are counted by quarters, so to an eighth either way. */
const COUNTED_TO_TURNS = 1 / 8;

/** What the dry fit of a taper male says: how loose the pair is, and the tape that takes it up. */
export interface DryFit {
  /** Turns by hand where sizes are basic, and how far the standards' gauges let that lie either way. */
  readonly expectedTurns: number;
  readonly toleranceTurns: number;
  readonly handTurns: number;
  /** Past the expected place; negative stops short of it. */
  readonly looseTurns: number;
  /** Slack on the diameter [mm], least and most by the tolerance. */
  readonly slackMm: Range;
  readonly extraTape: number;
  readonly says: 'as-expected' | 'loose' | 'stops-early' | 'no-tape-holds';
}

/**
 * Reads a dry fit.
 *
 * Slack on the diameter is turns past the expected place x pitch x taper; a turn of tape, squeezed solid, fills twice its
 * thickness (its flank stretch and the flank angle cancel within a tenth).
 *
 * @param handTurns counted by hand, without tape, 0 to 20
 * @source taper and gauge tolerance ASME B1.20.1, ISO 7-1; tape from memory; the two limits common practice
 * @throws RangeError the male does not taper: it has no hand-tight count
 */
export function readDryFit(male: ThreadForm, judged: ThreadJudgement, handTurns: number): DryFit {
  if (male.taper === 0) throw new RangeError('readDryFit: a straight male has no hand-tight count');
  const { turnsToTight: expectedTurns } = judged;
  const toleranceTurns = male.gaugeToleranceTurns;
  const looseTurns = handTurns - expectedTurns;
  const slackOf = (turns: number): number => Math.max(0, turns) * male.pitchMm * male.taper;
  const extraTape = looseTurns <= COUNTED_TO_TURNS ? 0 : Math.ceil(slackOf(looseTurns) / (2 * SOLID_TAPE_MM));
  return {
    expectedTurns,
    toleranceTurns,
    handTurns,
    looseTurns,
    slackMm: [slackOf(looseTurns - toleranceTurns), slackOf(looseTurns + toleranceTurns)],
    extraTape,
    says:
      looseTurns > MOST_LOOSE_TURNS || extraTape > MOST_EXTRA_TAPE
        ? 'no-tape-holds'
        : looseTurns < -toleranceTurns - STOPS_EARLY_TURNS
          ? 'stops-early'
          : extraTape > 0
            ? 'loose'
            : 'as-expected',
  };
}
