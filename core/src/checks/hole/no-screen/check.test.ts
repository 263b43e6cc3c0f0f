import { OVERFLOW, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    { why: 'a screen at its end', job: tankWith({ holes: [OVERFLOW] }) },
    { why: 'no run yet', job: tankWith({ holes: [{ ...OVERFLOW, parts: [] }] }) },
    {
      why: 'a tap is no opening to the air',
      job: tankWith({ holes: [{ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] }] }),
    },
  ],
  found: [
    {
      why: 'an overflow that ends in bare pipe',
      job: tankWith({ holes: [{ ...OVERFLOW, parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 0.3 }] }] }),
      findings: [{ title: 'No screen', at: 'P1' }],
      fixSettles: false,
    },
  ],
});
