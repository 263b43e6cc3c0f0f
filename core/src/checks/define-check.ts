import type { Source } from '../provenance';
import type { CheckContext, RunSight } from '../derived/context';
import type { Values } from '../quantity/values';
import type { Fix, Place, Question, Severity, StationId } from './finding';

/** A message of a check: what the margin says, with `{placeholders}` for the data. */
export interface Message {
  readonly title: string;
  readonly text: string;
  /** Where it weighs otherwise than the rest of its check. */
  readonly severity?: Severity;
  /** Where something else can be done about it than about the rest of its check. */
  readonly toDo?: string;
}

/** One finding as a check reports it; id, severity and words come from the check's own `meta`. */
export interface Report<MessageId extends string> {
  readonly messageId: MessageId;
  readonly at: Place;
  /** Where it is put right, if that hangs on what was found. */
  readonly station?: StationId;
  readonly data: Values;
  /** What takes a search, or new ids, is worked out when somebody looks at it, of the whole job as it is then. */
  readonly fixes?: readonly Fix[] | ((whole: CheckContext) => readonly Fix[]);
  readonly question?: Question | undefined;
}

interface Declared<MessageId extends string> {
  readonly meta: {
    /** `group/what-is-wrong`, the folder it lives in. */
    readonly id: string;
    readonly severity: Severity;
    /** Drinking, mains, weight, confined space, electricity, ground: nobody settles it by saying so. */
    readonly safety?: true;
    /** Where it is put right; where nothing is said, at the station of its group. */
    readonly station?: StationId;
    /** What somebody can do about it, said where no press does it. */
    readonly toDo: string;
    readonly sources: readonly Source[];
    readonly messages: Readonly<Record<MessageId, Message>>;
  };
}

/** A check that asks of the whole job. */
export interface WholeCheck<MessageId extends string = string> extends Declared<MessageId> {
  readonly sees?: undefined;
  readonly check: (context: CheckContext) => readonly Report<MessageId>[];
}

/**
 * A check that asks of one run at a time, and only what a run sees; `run`: whatever the water does; `run-in-water`: the
 * levels of its tanks too (see `runViews`). What it found stays until something of that changes.
 */
export interface RunCheck<MessageId extends string = string> extends Declared<MessageId> {
  readonly sees: 'run' | 'run-in-water';
  readonly check: (view: RunSight) => readonly Report<MessageId>[];
}

export type Check<MessageId extends string = string> = WholeCheck<MessageId> | RunCheck<MessageId>;

/** Declares a check; a message id that is not in `meta.messages` does not compile. */
export function defineCheck<MessageId extends string>(check: RunCheck<MessageId>): RunCheck<MessageId>;
export function defineCheck<MessageId extends string>(check: WholeCheck<MessageId>): WholeCheck<MessageId>;
export function defineCheck<MessageId extends string>(check: Check<MessageId>): Check<MessageId> {
  return check;
}
