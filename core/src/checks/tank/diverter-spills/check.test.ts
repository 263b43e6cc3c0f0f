import { rising } from '../../../job/placed-part';
import { OVERFLOW, TOP_INLET, byDiverter, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const fill = (heightM: number, riseM: number | null, overflow = false) =>
  tankWith({
    roof: {},
    holes: [
      {
        ...TOP_INLET,
        size: '1',
        face: 'wall',
        heightM,
        depthM: 0,
        parts: byDiverter({ slope: riseM === null ? null : rising(riseM) }),
      },
      ...(overflow ? [OVERFLOW] : []),
    ],
  });

testCheck(check, {
  clean: [
    { why: 'the diverter below the brim', job: fill(0.8, 0) },
    { why: 'nobody knows how the hose lies', job: fill(0.8, null) },
    { why: 'the diverter below the overflow', job: fill(0.7, 0, true) },
  ],
  found: [
    {
      why: 'the diverter over the brim of a drum without overflow',
      job: fill(0.8, 0.3),
      findings: [{ title: 'It will not stop by itself', at: 'P1', text: 'the brim of T1' }],
      fixSettles: false,
    },
    {
      why: 'the diverter over the overflow',
      job: fill(0.8, 0.1, true),
      findings: [{ title: 'Surplus goes by the overflow', at: 'P1', text: 'over P2 overflow' }],
      fixSettles: false,
    },
  ],
});
