import type { Source } from '../provenance';
import type { CheckContext } from '../job/context';
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
  readonly fixes?: readonly Fix[];
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
  readonly check: (context: CheckContext) => readonly Report<MessageId>[];
}

/** Declares a check; a message id that is not in `meta.messages` does not compile. */
export const defineCheck = <MessageId extends string>(check: Check<MessageId>): Check<MessageId> => check;

const STATION_OF: Readonly<Record<string, StationId>> = { hole: 'holes', tank: 'tanks', site: 'site' };

/** What is wrong with a joint is put right in its run. */
const stationOfGroup = (id: string): StationId => STATION_OF[id.split('/')[0] ?? ''] ?? 'runs';

/** Runs one check. The order of findings is the check's own and deterministic. */
export const runCheck = <MessageId extends string>(
  { meta, check }: Check<MessageId>,
  context: CheckContext,
): readonly Finding[] =>
  check(context).map(({ messageId, at, data, fixes = [], question }) => ({
    check: meta.id,
    severity: meta.severity,
    station: meta.station ?? stationOfGroup(meta.id),
    ...meta.messages[messageId],
    at,
    data,
    fixes,
    question,
  }));
