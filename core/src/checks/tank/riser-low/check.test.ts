import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import { expect, test } from 'vitest';
import { contextOf } from '../../../derived/context';
import { applyEdits } from '../../../edits/edits';
import { shippedCatalogue } from '../../../fittings/catalogue';
import { flotation } from '../../../walls/ground';
import { runChecks } from '../../run-checks';
import type { Tank } from '../../../walls/tank';
import check from './check';

/** 1.8 m in the ground. */
const buried = (tank: Partial<Tank>) => tankWith({ type: 'buried', tank: { brimM: 1.3, buriedM: 1.8, ...tank } });

testCheck(check, {
  clean: [
    { why: 'a hand over the lawn', job: buried({ heightM: 1.9, riser: null }) },
    { why: 'by its riser', job: buried({ heightM: 1.4, riser: { heightM: 0.5, widthM: 0.6 } }) },
    { why: 'a tank above ground has no riser', job: tankWith({}) },
  ],
  found: [
    {
      why: 'flush with the lawn',
      job: buried({ heightM: 1.8, riser: null }),
      findings: [{ title: 'Riser too low', at: 'T1', text: 'it needs 2-15/16 in' }],
      fixSettles: true,
    },
    {
      why: 'a riser that ends at the lawn',
      job: buried({ heightM: 1.4, riser: { heightM: 0.4, widthM: 0.6 } }),
      findings: [{ title: 'Riser too low', at: 'T1' }],
      fixSettles: true,
    },
  ],
});

// Before, the tank itself was raised: it held more, weighed more, and took twice the anchors.
test('what raises the riser leaves the tank as it is, and hardly changes what lifts it', () => {
  const job = buried({ heightM: 1.4, riser: { heightM: 0.4, widthM: 0.6 } });
  const [fix] = runChecks(contextOf(job, shippedCatalogue), [check])[0]?.fixes ?? [];
  const edited = applyEdits(job, fix?.edits ?? [], shippedCatalogue);
  const [before, after] = [job.tanks[0], edited.ok ? edited.value.job.tanks[0] : undefined];
  if (!before || !after) throw new Error('no tank');
  expect({ ...after, riser: before.riser }).toEqual(before);
  expect(after.riser?.heightM).toBeCloseTo(0.475, 9);
  expect(flotation(after, 0).liftKg).toBeCloseTo(flotation(before, 0).liftKg, 0);
});
