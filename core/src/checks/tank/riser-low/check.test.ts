import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    { why: 'a hand over the lawn', job: tankWith({ type: 'buried', tank: { heightM: 1.9, buriedM: 1.8 } }) },
    { why: 'a tank above ground has no riser', job: tankWith({}) },
  ],
  found: [
    {
      why: 'flush with the lawn',
      job: tankWith({ type: 'buried', tank: { heightM: 1.8, buriedM: 1.8 } }),
      findings: [{ title: 'Riser too low', at: 'T1', text: 'it needs 2-15/16 in' }],
      fixSettles: true,
    },
  ],
});
