import { OVERFLOW, filledByDiverter } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    { why: 'the diverter below the brim', job: filledByDiverter(0.8, 0) },
    { why: 'nobody knows how the hose lies', job: filledByDiverter(0.8, null) },
    { why: 'the diverter below the overflow', job: filledByDiverter(0.7, 0, [OVERFLOW]) },
  ],
  found: [
    {
      why: 'the diverter over the brim of a drum without overflow',
      job: filledByDiverter(0.8, 0.3),
      findings: [{ title: 'It will not stop by itself', at: 'P1', text: 'the brim of T1' }],
      fixSettles: false,
    },
    {
      why: 'the diverter over the overflow',
      job: filledByDiverter(0.8, 0.1, [OVERFLOW]),
      findings: [{ title: 'Surplus goes by the overflow', at: 'P1', text: 'over P2 overflow' }],
      fixSettles: false,
    },
  ],
});
