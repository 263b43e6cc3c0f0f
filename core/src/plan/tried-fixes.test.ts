import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { CHECKS } from '../checks/registry';
import type { Finding, Fix } from '../checks/finding';
import { ternPoint } from '../demo/tern-point';
import { applyEdits } from '../edits/edits';
import { shippedCatalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import { anyJob } from '../test/arbitrary-job';
import { DEEP, runs } from '../test/runs';
import { drumWith, tankWith } from '../test/sample-jobs';
import { plan } from './plan';
import { triedFixes, worksAsSaid } from './tried-fixes';

/** Of each job so many notes are taken in an ordinary run, in the long one all. */
const NOTES = DEEP ? Infinity : 3;
/** So often each check finds something among 5,000 jobs, at least; a check that comes near it gets a job of its own to begin from. */
const LEAST_FOUND = 20;

/** What is found on a job, from its plan, settled or not; none of it is worked out as the trial does. */
const allOf = (job: Job): readonly Finding[] => {
  const { findings, settled } = plan(job);
  return [...findings, ...settled];
};
const wordOf = ({ title, at }: Finding): string => `${title} at ${at.kind} ${at.id}`;
const timesSaid = (said: readonly Finding[], word: string): number => said.filter((one) => wordOf(one) === word).length;

/** What is wrong with a fix that is offered; nothing where it keeps its word. */
function brokenWord(job: Job, before: readonly Finding[], finding: Finding, fix: Fix): string | undefined {
  const edited = applyEdits(job, fix.edits, shippedCatalogue);
  if (!edited.ok) return `refused: ${edited.error.message}`;
  const now = allOf(structuredClone(edited.value.job));
  const stays = timesSaid(now, wordOf(finding)) >= timesSaid(before, wordOf(finding));
  const adds = now.filter(
    (one) => one.severity === 'fails' && timesSaid(now, wordOf(one)) > timesSaid(before, wordOf(one)),
  );
  return stays || adds.length > 0 ? `${stays ? 'stays; ' : ''}${adds.map(wordOf).join('; ')}` : undefined;
}

describe('a fix that is offered', () => {
  test('removes its finding and adds none that fails, whatever the job', () => {
    const found = new Map<string, number>(CHECKS.map(({ meta: { id } }) => [id, 0]));
    const checksWithFixes = new Set<string>();
    const checksThatOffer = new Set<string>();
    fc.assert(
      fc.property(anyJob, fc.nat(), (job, from) => {
        const { findings, context } = plan(job);
        for (const { check } of findings) found.set(check, (found.get(check) ?? 0) + 1);
        const before = allOf(job);
        const taken = findings.length <= NOTES ? findings : [...findings, ...findings].slice(from % findings.length);
        for (const finding of taken.slice(0, Math.min(NOTES, findings.length))) {
          const offered = triedFixes(context, finding);
          if (finding.fixes.length > 0) checksWithFixes.add(finding.check);
          if (offered.length > 0) checksThatOffer.add(finding.check);
          for (const fix of offered)
            expect(brokenWord(job, before, finding, fix), `${finding.check}: ${fix.text}`).toBeUndefined();
          // Whoever is offered nothing is told what to do.
          expect(finding.toDo).not.toBe('');
        }
      }),
      { numRuns: runs(30, 5000) },
    );
    // What no job has found the property says nothing about; a check whose every fix fails its trial has none.
    if (DEEP) {
      expect([...found].filter(([, times]) => times < LEAST_FOUND)).toEqual([]);
      expect([...checksWithFixes].filter((check) => !checksThatOffer.has(check))).toEqual([]);
    }
  });
});

describe('a fix is not offered', () => {
  const job = drumWith({ parts: [{ code: 'BH-075' }, { code: 'HB-075' }] });
  const { findings, context } = plan(job);
  const finding = findings.find(({ check }) => check === 'run/end-open')!;
  const fixed = (edits: Fix['edits']): Fix => ({ text: '', data: {}, edits, partsAdded: 0, priceUsd: 0 });

  test('that leaves its finding where it was', () => expect(worksAsSaid(context, finding, fixed([]))).toBe(false));
  test('that is refused', () =>
    expect(worksAsSaid(context, finding, fixed([{ type: 'remove-part', partId: 'none' }]))).toBe(false));
  test('that brings another fault', () => {
    const sunk: Fix['edits'] = [
      { type: 'change-field', in: 'penetrations', id: 'o', field: 'heightM', from: 0.8, to: 0.9 },
      { type: 'remove-part', partId: 'h-2' },
    ];
    expect(worksAsSaid(context, finding, fixed(sunk.slice(1)))).toBe(true);
    expect(worksAsSaid(context, finding, fixed(sunk))).toBe(false);
  });
});

test('an overflow that is added comes with what seals it, below the rim and every other opening', () => {
  const bare = tankWith({ type: 'concrete', holes: [{ roles: ['inlet'], size: '110', heightM: 0.9, aroundM: 0.3 }] });
  const { findings, context } = plan(bare);
  const [fix] = triedFixes(
    context,
    findings.find(({ check }) => check === 'tank/no-overflow')!,
  );
  const edited = applyEdits(bare, fix!.edits, shippedCatalogue);
  if (!edited.ok) throw new Error(edited.error.message);
  const after = plan(edited.value.job);
  const overflow = edited.value.job.penetrations.at(-1)!;
  expect(overflow.roles).toEqual(['overflow']);
  expect(overflow.heightM).toBeLessThan(0.9);
  expect(after.runs.at(-1)?.strands[0]?.items).toHaveLength(1);
});

test('the deliberate mistake of the demo has its fixes', () => {
  const { findings, context } = plan(ternPoint());
  expect(triedFixes(context, findings[0]!).length).toBeGreaterThan(0);
});
