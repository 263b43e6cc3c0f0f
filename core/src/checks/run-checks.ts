import type { CheckContext } from '../job/context';
import { runCheck } from './define-check';
import { type Finding, SEVERITIES } from './finding';
import { CHECKS } from './registry';

/** All findings of a job, worst first; within a severity in the order of the registry. */
export const runChecks = (context: CheckContext): readonly Finding[] =>
  CHECKS.flatMap((check) => runCheck(check, context)).sort(
    (a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity),
  );
