import { OVERFLOW, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    {
      why: 'above the overflow',
      job: tankWith({ holes: [OVERFLOW, { roles: ['vent'], heightM: 0.85, aroundM: 1.2 }] }),
    },
    {
      why: 'in the top',
      job: tankWith({ holes: [OVERFLOW, { roles: ['vent'], face: 'top', heightM: 0.93, aroundM: 0.3, depthM: 0.3 }] }),
    },
    {
      why: 'an overflow that is the vent as well',
      job: tankWith({ holes: [{ ...OVERFLOW, roles: ['overflow', 'vent'] }] }),
    },
  ],
  found: [
    {
      why: 'below the overflow',
      job: tankWith({ holes: [OVERFLOW, { roles: ['vent'], heightM: 0.7, aroundM: 1.2 }] }),
      findings: [{ title: 'Vent under water', at: 'P2', text: '27-9/16 in' }],
      fixSettles: false,
    },
  ],
});
