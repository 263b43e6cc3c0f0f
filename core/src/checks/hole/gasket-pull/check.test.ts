import { type SampleHole, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const hang = (hole: SampleHole, lengthM = 1) =>
  tankWith({ holes: [{ size: '1-1/2', parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM }], ...hole }] });
testCheck(check, {
  clean: [
    { why: 'strapped', job: hang({ supported: true }) },
    { why: 'a stub carries itself', job: hang({}, 0.3) },
    {
      why: 'a bulkhead holds',
      job: tankWith({ holes: [{ parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }] }] }),
    },
  ],
  found: [
    {
      why: 'a metre of pipe',
      job: hang({}),
      findings: [{ title: 'Support the pipe', at: 'P1', text: 'A length of pipe hangs on it' }],
      fixSettles: true,
    },
  ],
});
