import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const through = (code: string, size: '1-1/2' | '40' = '1-1/2') =>
  tankWith({ holes: [{ size, parts: [{ code }, { code: 'PI-150', lengthM: 0.3 }] }] });
testCheck(check, {
  clean: [
    { why: 'Schedule 40 pipe in its own gasket', job: through('PG-150') },
    { why: 'no pipe yet', job: tankWith({ holes: [{ size: '1-1/2', parts: [{ code: 'PG-150' }] }] }) },
  ],
  found: [
    // 1-1/2 Schedule 40 is 1.900 in outside (ASTM D1785); 40 mm waste pipe is 42.9 mm (EN 1329, from memory).
    {
      why: 'waste pipe’s gasket with pressure pipe in it',
      job: through('PG-40M', '40'),
      findings: [{ title: 'Gasket for another pipe', at: 'P1', text: '1-7/8 in outside' }],
      fixSettles: true,
    },
  ],
});
