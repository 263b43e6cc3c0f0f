import { expect, test } from 'vitest';
import { plan } from '../../../plan/plan';
import { fillText } from '../../../quantity/values';
import { triedFixes } from '../../../plan/tried-fixes';
import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const drumInEurope = {
  ...drumWith({ hole: { size: '1', heightM: 0.09, drawnIn: false } }),
  region: 'EU' as const,
};

testCheck(check, {
  clean: [
    { why: 'a bulkhead is in it', job: drumWith({ parts: [{ code: 'BH-075' }] }) },
    { why: 'the tank came with a thread there', job: drumWith({ hole: { port: '3/4 NPT F' } }) },
  ],
  found: [
    {
      why: 'a bare hole',
      job: drumWith({ hole: {} }),
      findings: [{ title: 'Nothing seals it', at: 'P1', text: 'P1 is a hole in T1' }],
      fixSettles: true,
    },
    {
      // Built as its builder would in Europe: of what is sold there all wants a hand that does not reach.
      why: 'a hole low in a drum, where no hand reaches: what is sold there is drawn in on a cord',
      job: drumInEurope,
      findings: [{ title: 'Nothing seals it', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'a hole too large for any seal of its size: one of the other series covers it',
      job: drumWith({ hole: { holeM: 0.09 } }),
      findings: [{ title: 'Nothing seals it', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'a hole larger than anything that is sold',
      job: drumWith({ hole: { holeM: 0.3 } }),
      findings: [{ title: 'Nothing seals it', at: 'P1' }],
      fixSettles: false,
    },
  ],
});

test('what a trained hand welds is offered after what anybody sets on a cord', () => {
  const job = { ...drumWith({ hole: { size: '3/4', heightM: 0.12, drawnIn: false } }), region: 'UK' as const };
  const { findings, context } = plan(job);
  const fixes = triedFixes(
    context,
    findings.find(({ check: id }) => id === 'hole/no-seal')!,
  ).map(({ text, data }) => fillText(text, data, 'mm-l'));
  expect(fixes[0]).toContain('drawn in on a cord');
  expect(fixes.findIndex((words) => words.includes('Welded boss'))).toBeGreaterThan(0);
});

test('what is drawn in on a cord is said to be, in the same press', () => {
  const { findings, context } = plan(drumInEurope);
  const [fix] = triedFixes(
    context,
    findings.find((finding) => finding.check === 'hole/no-seal')!,
  );
  expect(fix?.text).toContain('drawn in on a cord');
  expect(fix?.edits.map(({ type }) => type)).toEqual(['change-field', 'add-part']);
});
