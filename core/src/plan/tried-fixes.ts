import type { Finding, Fix } from '../checks/finding';
import { CHECKS } from '../checks/registry';
import { runChecks } from '../checks/run-checks';
import type { CheckContext } from '../derived/context';
import { contextInSpace } from './context-in-space';
import { type Edit, applyEdits } from '../edits/edits';
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

/** Edits that were made on a copy of a job. */
export interface TriedOut {
  /** The copy. */
  readonly context: CheckContext;
  /** What is said of it that was not said before, or not so often. */
  readonly more: readonly Finding[];
  /** Is this said less often than before? */
  readonly isLess: (about: string) => boolean;
}

/** Makes edits on a copy of a job, which is then checked again; undefined where they are refused. */
export function tryOut(context: CheckContext, edits: readonly Edit[]): TriedOut | undefined {
  const { said, catalogue, solutions } = context;
  const edited = applyEdits(said, edits, catalogue);
  if (!edited.ok) return undefined;
  const copy = contextInSpace(edited.value.job, catalogue, solutions);
  const after = runChecks(copy, CHECKS);
  const [stood, stands] = [foundIn(context), countOf(after)];
  const change = (about: string): number => (stands.get(about) ?? 0) - (stood.get(about) ?? 0);
  return {
    context: copy,
    more: after.filter((finding) => change(aboutOf(finding)) > 0),
    isLess: (about) => change(about) < 0,
  };
}

/**
 * Does a fix do what it says? It is made on the job as it is, which is then checked again: one that is refused, that leaves
 * its finding where it was, or that brings something new that fails, does not.
 *
 * @param context  of the plan that the finding is of
 */
export function worksAsSaid(context: CheckContext, finding: Finding, fix: Fix): boolean {
  const tried = tryOut(context, fix.edits);
  return (
    tried !== undefined && tried.isLess(aboutOf(finding)) && tried.more.every(({ severity }) => severity !== 'fails')
  );
}

/** The fixes of a finding that were tried and do what they say: what may be offered. */
export const triedFixes = (context: CheckContext, finding: Finding): readonly Fix[] =>
  finding.fixes.filter((fix) => worksAsSaid(context, finding, fix));
