import type { CheckContext, RunSight } from '../derived/context';
import { settledBy } from '../derived/settled';
import { runViews } from '../derived/run-view';
import { memoize, memoizeBoth } from '../quantity/memoize';
import type { Check, Report } from './define-check';
import { type Result, err, ok } from '../result';
import { failedFinding, reasonOf } from './failed';
import { type Finding, type Fix, SEVERITIES, type StationId } from './finding';

const STATION_OF: Readonly<Record<string, StationId>> = { hole: 'holes', tank: 'tanks', site: 'site' };

/** Where it is said, else at the station of its group; what is wrong with a joint is put right in its run. */
const stationOf = ({ meta: { station, id } }: Pick<Check, 'meta'>): StationId =>
  station ?? STATION_OF[id.split('/')[0] ?? ''] ?? 'runs';

/** What the checks that see so much report of one run: kept for as long as the run sees what it saw. */
const reportsSeeing = (seeing: NonNullable<Check['sees']>) => {
  const own = memoize((checks: readonly Check[]) => checks.filter((check) => check.sees === seeing));
  return memoizeBoth((checks: readonly Check[], view: RunSight) =>
    own(checks)
      .map((check) => [check, tried(() => check.check(view as CheckContext))] as const)
      .filter(([, outcome]) => !outcome.ok || outcome.value.length > 0),
  );
};
const reportsDry = reportsSeeing('run');
const reportsInWater = reportsSeeing('run-in-water');

type Outcome = Result<readonly Report<string>[], string>;

/** What a check reports, or why it broke: a fault of ours is no fault of the plan, and hides nothing else. */
function tried(check: () => readonly Report<string>[]): Outcome {
  try {
    return ok(check());
  } catch (error) {
    return err(reasonOf(error));
  }
}

/**
 * All that these checks find in a job, worst first; within a severity in the order of the checks, and then in each check's
 * own. A check that throws is one finding that says so.
 */
export function runChecks(context: CheckContext, checks: readonly Check[]): readonly Finding[] {
  const ofRuns = new Map<Check, Outcome[]>(checks.map((check) => [check, []]));
  for (const { dry, inWater } of runViews(context))
    for (const [check, outcome] of [...reportsDry(checks, dry), ...reportsInWater(checks, inWater)])
      ofRuns.get(check)?.push(outcome);
  return checks
    .flatMap((check) => {
      const outcomes = check.sees === undefined ? [tried(() => check.check(context))] : (ofRuns.get(check) ?? []);
      const broke = outcomes.find((outcome) => !outcome.ok);
      return [
        ...outcomes.flatMap((outcome) =>
          outcome.ok ? outcome.value.map((report) => findingOf(check, report, context)) : [],
        ),
        ...(broke && !broke.ok ? [failedFinding(check.meta.id, stationOf(check), broke.error)] : []),
      ];
    })
    .sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
}

/** Where looking for a way to settle it breaks, none is offered. */
function triedFixes(fixes: () => readonly Fix[]): readonly Fix[] {
  try {
    return fixes();
  } catch {
    return [];
  }
}

/** What a check reports, as it is shown: at its station, in its words. */
function findingOf(
  { meta }: Check,
  { messageId, at, station, data, fixes, question }: Report<string>,
  context: CheckContext,
): Finding {
  const message = meta.messages[messageId];
  if (!message) throw new RangeError(`${meta.id}: no message ${messageId}`);
  let known: readonly Fix[] | undefined;
  return {
    check: meta.id,
    messageId,
    safety: meta.safety ?? false,
    settled: settledBy({ check: meta.id, messageId, at, data }, context.job.settlements),
    severity: message.severity ?? meta.severity,
    station: station ?? stationOf({ meta }),
    title: message.title,
    text: message.text,
    toDo: message.toDo ?? meta.toDo,
    at,
    data,
    get fixes() {
      return (known ??= typeof fixes === 'function' ? triedFixes(() => fixes(context)) : (fixes ?? []));
    },
    question,
  };
}
