import type { CheckContext } from '../job/context.js';
import { runCheck } from './define-check.js';
import { type Finding, SEVERITIES } from './finding.js';
import { CHECKS } from './registry.js';

/** All findings of a job, worst first; within a severity in the order of the registry. */
export const runChecks = (context: CheckContext): readonly Finding[] =>
  CHECKS.flatMap((check) => runCheck(check, context)).sort(
    (a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity),
  );
