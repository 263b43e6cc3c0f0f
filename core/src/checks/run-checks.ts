import type { CheckContext } from '../job/context';
import { runScopes } from '../job/run-scope';
import { remember, rememberBoth } from '../quantity/remember';
import type { Check, Report } from './define-check';
import { type Finding, type Fix, SEVERITIES, type StationId } from './finding';

const STATION_OF: Readonly<Record<string, StationId>> = { hole: 'holes', tank: 'tanks', site: 'site' };

/** What is wrong with a joint is put right in its run. */
const stationOfGroup = (id: string): StationId => STATION_OF[id.split('/')[0] ?? ''] ?? 'runs';

const ofOneRun = remember((checks: readonly Check[]) => checks.filter(({ sees }) => sees === 'run'));

/** What is reported of one run, by the check that does: kept for as long as the run sees what it saw. */
const reportsOfRun = rememberBoth((checks: readonly Check[], scope: CheckContext) =>
  ofOneRun(checks)
    .map((check) => [check, check.check(scope)] as const)
    .filter(([, reports]) => reports.length > 0),
);

/** All that these checks find in a job, worst first; within a severity in the order of the checks, and then in each check's own. */
export function runChecks(context: CheckContext, checks: readonly Check[]): readonly Finding[] {
  const ofRuns = new Map<Check, Report<string>[]>(checks.map((check) => [check, []]));
  for (const scope of runScopes(context))
    for (const [check, reports] of reportsOfRun(checks, scope)) ofRuns.get(check)?.push(...reports);
  return checks
    .flatMap((check) =>
      (check.sees === 'run' ? (ofRuns.get(check) ?? []) : check.check(context)).map((report) =>
        findingOf(check, report, context),
      ),
    )
    .sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
}

/** What a check reports, as it is shown: at its station, in its words. */
function findingOf(
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
