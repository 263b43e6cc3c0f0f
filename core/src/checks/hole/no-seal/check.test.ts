import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

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
      why: 'a hole too large for any seal of its size',
      job: drumWith({ hole: { holeM: 0.09 } }),
      findings: [{ title: 'Nothing seals it', at: 'P1' }],
      fixSettles: false,
    },
  ],
});
