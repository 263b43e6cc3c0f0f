import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    { why: 'a tap is on it', job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] }) },
    { why: 'nothing seals it yet: that is another check', job: drumWith({ hole: {} }) },
    { why: 'a port of which nothing is said: that is another check', job: drumWith({ hole: { port: '3/4 NPT F' } }) },
    {
      why: 'a cord entry is closed round its cord, and no run stands there',
      job: drumWith({ hole: { roles: ['cord-entry'], heightM: 0.88, drawnIn: true }, parts: [{ code: 'WCG-075' }] }),
    },
  ],
  found: [
    {
      why: 'a bulkhead round a cord',
      job: drumWith({ hole: { roles: ['cord-entry'], heightM: 0.8, drawnIn: true }, parts: [{ code: 'BH-075' }] }),
      findings: [{ title: 'What closes round the cord?', at: 'P1', text: 'bulkhead' }],
      fixSettles: true,
    },
    {
      why: 'a bulkhead with nothing on it',
      job: drumWith({ parts: [{ code: 'BH-075' }] }),
      findings: [{ title: 'Nothing behind it', at: 'P1', text: 'water would leave' }],
      fixSettles: true,
    },
    {
      why: 'an inlet in a lid: no water leaves by it',
      job: drumWith({ hole: { face: 'top', roles: ['inlet'] }, parts: [{ code: 'BH-075' }] }),
      findings: [{ title: 'Nothing behind it', at: 'P1', text: 'insects get in' }],
      fixSettles: true,
    },
    {
      why: 'a moulded port that is to be used',
      job: drumWith({ hole: { port: '3/4 NPT F', portUse: 'use' } }),
      findings: [{ title: 'Nothing behind it', at: 'P1' }],
      fixSettles: true,
    },
  ],
});
