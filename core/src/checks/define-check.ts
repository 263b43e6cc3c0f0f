import type { Source } from '../provenance';
import type { CheckContext } from '../job/context';
import { runScopes } from '../job/run-scope';
import type { Values } from '../quantity/values';
import type { Finding, Fix, Place, Question, Severity, StationId } from './finding';

/** A message of a check: what the margin says, with `{placeholders}` for the data. */
export interface Message {
  readonly title: string;
  readonly text: string;
}

/** One finding as a check reports it; id, severity and words come from the check's own `meta`. */
export interface Report<MessageId extends string> {
  readonly messageId: MessageId;
  readonly at: Place;
  readonly data: Values;
  /** What takes a search, or new ids, is worked out when somebody looks at it, of the whole job as it is then. */
  readonly fixes?: readonly Fix[] | ((whole: CheckContext) => readonly Fix[]);
  readonly question?: Question | undefined;
}

export interface Check<MessageId extends string = string> {
  readonly meta: {
    /** `group/what-is-wrong`, the folder it lives in. */
    readonly id: string;
    readonly severity: Severity;
    /** Where it is put right; where nothing is said, at the station of its group. */
    readonly station?: StationId;
    readonly summary: string;
    readonly sources: readonly Source[];
    readonly messages: Readonly<Record<MessageId, Message>>;
  };
  /**
   * `run`: it asks of one run at a time, and only what a run sees (see `runScopes`); what it found stays until something
   * of that changes. `job`, or not said: it asks of the whole job.
   */
  readonly sees?: 'run' | 'job';
  readonly check: (context: CheckContext) => readonly Report<MessageId>[];
}

/** Declares a check; a message id that is not in `meta.messages` does not compile. */
export const defineCheck = <MessageId extends string>(check: Check<MessageId>): Check<MessageId> => check;

const STATION_OF: Readonly<Record<string, StationId>> = { hole: 'holes', tank: 'tanks', site: 'site' };

/** What is wrong with a joint is put right in its run. */
const stationOfGroup = (id: string): StationId => STATION_OF[id.split('/')[0] ?? ''] ?? 'runs';

/** Runs one check. The order of findings is the check's own and deterministic. */
export const runCheck = (check: Check, context: CheckContext): readonly Finding[] =>
  (check.sees === 'run' ? runScopes(context).flatMap(check.check) : check.check(context)).map((report) =>
    findingOf(check, report, context),
  );

/** What a check reports, as it is shown: at its station, in its words. */
export function findingOf(
  { meta }: Check,
  { messageId, at, data, fixes, question }: Report<string>,
  context: CheckContext,
): Finding {
  const message = meta.messages[messageId];
  if (!message) throw new RangeError(`${meta.id}: no message ${messageId}`);
  let known: readonly Fix[] | undefined;
  return {
    check: meta.id,
    severity: meta.severity,
    station: meta.station ?? stationOfGroup(meta.id),
    title: message.title,
    text: message.text,
    at,
    data,
    get fixes() {
      return (known ??= typeof fixes === 'function' ? fixes(context) : (fixes ?? []));
    },
    question,
  };
}
