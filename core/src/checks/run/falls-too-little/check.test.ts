import { rising } from '../../../job/placed-part';
import { TOP_INLET, byDrain, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const WALL = { ...TOP_INLET, face: 'wall', heightM: 0.8, depthM: 0 } as const;

const inlet = (riseM: number | null, settings = {}) =>
  tankWith({ settings, holes: [{ ...WALL, parts: byDrain({ slope: riseM === null ? null : rising(riseM) }) }] });

testCheck(check, {
  clean: [
    { why: '20 mm over 2 m: 1 in 100', job: inlet(0.02) },
    { why: 'less, where the site asks for less', job: inlet(0.01, { fallShare: 0.005 }) },
    { why: 'backward: another check says so', job: inlet(-0.1) },
  ],
  found: [
    {
      why: '10 mm over 2 m',
      job: inlet(0.01),
      findings: [{ title: 'Little fall', at: 'P1', text: 'the least is 13/16 in' }],
      fixSettles: true,
    },
    {
      why: 'nobody has said',
      job: inlet(null),
      findings: [{ title: 'Fall not said', at: 'P1', text: 'drawn level' }],
      fixSettles: true,
    },
  ],
});
