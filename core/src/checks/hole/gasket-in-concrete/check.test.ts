import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const concrete = (code: string) =>
  tankWith({ type: 'concrete', holes: [{ size: '3', heightM: 1, aroundM: 2, parts: [{ code }] }] });
testCheck(check, {
  clean: [
    { why: 'a link seal in concrete', job: concrete('WLS-300') },
    { why: 'a gasket in plastic', job: tankWith({ holes: [{ size: '1-1/2', parts: [{ code: 'PG-150' }] }] }) },
  ],
  found: [
    {
      why: 'a rubber gasket in a wall of 100 mm',
      job: concrete('PG-300'),
      findings: [{ title: 'Wrong seal for this wall', at: 'P1', text: 'concrete, 3-15/16 in thick' }],
      fixSettles: true,
    },
  ],
});
