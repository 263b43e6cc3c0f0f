import type { Finding, Fix } from '../checks/finding';
import { CHECKS } from '../checks/registry';
import { runChecks } from '../checks/run-checks';
import type { CheckContext } from '../derived/context';
import { contextInSpace } from './context-in-space';
import { applyEdits } from '../edits/edits';
import { memoize } from '../quantity/memoize';

/** What a finding is about: it is the same note as long as the same is said of the same place. */
export const aboutOf = ({ check, messageId, at }: Finding): string => `${check} ${messageId} ${at.kind} ${at.id}`;

/** How often each thing is said. */
function countOf(findings: readonly Finding[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const finding of findings) counts.set(aboutOf(finding), (counts.get(aboutOf(finding)) ?? 0) + 1);
  return counts;
}

/** All that is found on a job, settled or not. */
const foundIn = memoize((context: CheckContext) => countOf(runChecks(context, CHECKS)));

/**
 * Does a fix do what it says? It is made on the job as it is, which is then checked again: one that is refused, that leaves
 * its finding where it was, or that brings something new that fails, does not.
 *
 * @param context  of the plan that the finding is of
 */
export function worksAsSaid(context: CheckContext, finding: Finding, fix: Fix): boolean {
  const { said, catalogue, solutions } = context;
  const edited = applyEdits(said, fix.edits, catalogue);
  if (!edited.ok) return false;
  const after = runChecks(contextInSpace(edited.value.job, catalogue, solutions), CHECKS);
  const [stood, stands] = [foundIn(context), countOf(after)];
  const isMore = (about: string): boolean => (stands.get(about) ?? 0) > (stood.get(about) ?? 0);
  const about = aboutOf(finding);
  return (
    (stands.get(about) ?? 0) < (stood.get(about) ?? 0) &&
    after.every((one) => one.severity !== 'fails' || !isMore(aboutOf(one)))
  );
}

/** The fixes of a finding that were tried and do what they say: what may be offered. */
export const triedFixes = (context: CheckContext, finding: Finding): readonly Fix[] =>
  finding.fixes.filter((fix) => worksAsSaid(context, finding, fix));
