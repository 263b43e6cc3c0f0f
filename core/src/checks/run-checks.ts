import type { CheckContext } from '../job/context';
import { runScopes } from '../job/run-scope';
import { remember } from '../quantity/remember';
import { type Check, type Report, findingOf } from './define-check';
import { type Finding, SEVERITIES } from './finding';
import { CHECKS } from './registry';

/** What is reported of one run, by the check that does: kept for as long as the run sees what it saw. */
const reportsOfRun = remember((scope: CheckContext) =>
  CHECKS.filter(({ sees }) => sees === 'run')
    .map((check) => [check, check.check(scope)] as const)
    .filter(([, reports]) => reports.length > 0),
);

/** All findings of a job, worst first; within a severity in the order of the registry. */
export function runChecks(context: CheckContext): readonly Finding[] {
  const ofRuns = new Map<Check, Report<string>[]>(CHECKS.map((check) => [check, []]));
  for (const scope of runScopes(context))
    for (const [check, reports] of reportsOfRun(scope)) ofRuns.get(check)?.push(...reports);
  return CHECKS.flatMap((check) =>
    (check.sees === 'run' ? (ofRuns.get(check) ?? []) : check.check(context)).map((report) =>
      findingOf(check, report, context),
    ),
  ).sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
}
