import type { CheckContext } from '../derived/context';
import { runViews } from '../derived/run-view';
import { memoize, memoizeBoth } from '../quantity/memoize';
import type { Check, Report } from './define-check';
import { type Finding, type Fix, SEVERITIES, type StationId } from './finding';

const STATION_OF: Readonly<Record<string, StationId>> = { hole: 'holes', tank: 'tanks', site: 'site' };

/** What is wrong with a joint is put right in its run. */
const stationOfGroup = (id: string): StationId => STATION_OF[id.split('/')[0] ?? ''] ?? 'runs';

/** What the checks that see so much report of one run: kept for as long as the run sees what it saw. */
const reportsSeeing = (seeing: NonNullable<Check['sees']>) => {
  const own = memoize((checks: readonly Check[]) => checks.filter(({ sees }) => sees === seeing));
  return memoizeBoth((checks: readonly Check[], view: CheckContext) =>
    own(checks)
      .map((check) => [check, check.check(view)] as const)
      .filter(([, reports]) => reports.length > 0),
  );
};
const reportsDry = reportsSeeing('run');
const reportsInWater = reportsSeeing('run-in-water');

/** All that these checks find in a job, worst first; within a severity in the order of the checks, and then in each check's own. */
export function runChecks(context: CheckContext, checks: readonly Check[]): readonly Finding[] {
  const ofRuns = new Map<Check, Report<string>[]>(checks.map((check) => [check, []]));
  for (const { dry, inWater } of runViews(context))
    for (const [check, reports] of [...reportsDry(checks, dry), ...reportsInWater(checks, inWater)])
      ofRuns.get(check)?.push(...reports);
  return checks
    .flatMap((check) =>
      (check.sees === undefined ? check.check(context) : (ofRuns.get(check) ?? [])).map((report) =>
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
