import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import { applyEdits } from '../edits/edits';
import type { Job } from '../job/job';
import { contextOf } from '../derived/context';
import type { Check } from '../checks/define-check';
import { runChecks } from '../checks/run-checks';
import { fillText } from '../quantity/values';

interface CleanCase {
  readonly why: string;
  readonly job: Job;
}

interface FoundCase extends CleanCase {
  /** Message title and place of each finding expected, in order. */
  readonly findings: readonly { readonly title: string; readonly at: string; readonly text?: string }[];
  /** Where the check offers fixes: does the first one settle the first finding? Said for every case. */
  readonly fixSettles: boolean;
}

/**
 * Keeps the promises of a check: every message fired by a case, every placeholder filled, the job untouched, the first
 * fix really settles its finding, no case twice.
 */
export function testCheck(
  check: Check,
  cases: { readonly clean: readonly CleanCase[]; readonly found: readonly FoundCase[] },
): void {
  const run = (job: Job) => {
    const context = contextOf(job, shippedCatalogue);
    const found = runChecks(context, [check]);
    // What asks of one run at a time finds the same when it may look at the whole job.
    expect(found).toEqual(runChecks(context, [{ meta: check.meta, check: check.check }]));
    return found;
  };

  describe(check.meta.id, () => {
    test.each(cases.clean)('finds nothing: $why', ({ job }) => expect(run(job)).toEqual([]));

    test.each(cases.found)('finds: $why', ({ job, findings, fixSettles }) => {
      const before = structuredClone(job);
      const found = run(job);
      expect(job).toEqual(before);
      expect(found.map(({ title, at }) => ({ title, at: at.label }))).toEqual(
        findings.map(({ title, at }) => ({ title, at })),
      );
      for (const [index, finding] of found.entries()) {
        const text = fillText(finding.text, finding.data, 'in-gal');
        expect(text).not.toContain('{');
        expect(text).toContain(findings[index]?.text ?? '');
        for (const fix of finding.fixes) expect(fillText(fix.text, fix.data, 'in-gal')).not.toContain('{');
      }
      const [first] = found;
      const [fix] = first?.fixes ?? [];
      expect(fix !== undefined).toBe(fixSettles);
      if (first && fix) {
        const edited = applyEdits(job, fix.edits, shippedCatalogue);
        expect(edited).toMatchObject({ ok: true });
        if (edited.ok)
          expect(
            run(edited.value.job).some(
              ({ at, title, data }) =>
                at.id === first.at.id &&
                title === first.title &&
                fillText(first.text, data, 'in-gal') === fillText(first.text, first.data, 'in-gal'),
            ),
          ).toBe(false);
      }
    });

    test('every message is fired by a case', () => {
      const fired = new Set(cases.found.flatMap(({ job }) => run(job).map(({ messageId }) => messageId)));
      expect([...fired].sort()).toEqual(Object.keys(check.meta.messages).toSorted());
    });
  });
}
