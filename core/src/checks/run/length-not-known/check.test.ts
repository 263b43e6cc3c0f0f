import { ternPoint } from '../../../demo/tern-point';
import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    {
      why: 'a hose with its length',
      job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 3 }] }),
    },
  ],
  found: [
    {
      why: 'a hose without',
      job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075' }] }),
      findings: [{ title: 'Not known yet', at: 'P1', text: 'Hose 3/4 in bore in P1' }],
      fixSettles: false,
    },
    {
      why: 'the gap between two tanks',
      job: ternPoint(),
      findings: [{ title: 'Not known yet', at: 'P3', text: 'gap from T1 to T2' }],
      fixSettles: false,
    },
  ],
});
