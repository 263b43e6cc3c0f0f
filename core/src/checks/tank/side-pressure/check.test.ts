import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    { why: 'made for the ground', job: tankWith({ type: 'buried' }) },
    { why: 'a drum on a bed of sand', job: tankWith({ tank: { buriedM: 0.05 } }) },
  ],
  found: [
    {
      why: 'a crate sunk by half',
      job: tankWith({ type: 'crate-us', tank: { buriedM: 0.5 } }),
      findings: [{ title: 'Not made for the ground', at: 'T1', text: '19-11/16 in of ground' }],
      fixSettles: false,
    },
  ],
});
