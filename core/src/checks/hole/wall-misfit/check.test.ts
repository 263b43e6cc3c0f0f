import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    { why: 'a 1/2 bulkhead on a drum', job: tankWith({ holes: [{ size: '1/2', parts: [{ code: 'BH-050' }] }] }) },
    {
      why: 'a large bulkhead on a flat side',
      job: tankWith({
        type: 'own-box',
        holes: [{ face: 'front', size: '3', heightM: 0.5, parts: [{ code: 'BH-300' }] }],
      }),
    },
  ],
  found: [
    // A 3 in gasket lies flat on a tank of 24 in; the drum has 23.6. It is sold and used there: a question of the place, no fault.
    {
      why: 'an overflow of 3 in through the side of a drum',
      job: tankWith({
        holes: [
          {
            size: '3',
            heightM: 0.8,
            roles: ['overflow'],
            parts: [{ code: 'PG-300' }, { code: 'PI-300', lengthM: 0.3 }],
          },
        ],
      }),
      findings: [{ title: 'May need a flatter place', at: 'P1', text: 'flat enough for sure' }],
      fixSettles: false,
    },
    // Radius 300 mm, flange (5.2 + 6.8) / 2 in = 152.4 mm: 300 - sqrt(300^2 - 76.2^2) = 9.8 mm = 3/8 in.
    {
      why: 'a 3 in bulkhead on a drum: the washer bridges the curve',
      job: tankWith({ holes: [{ size: '3', heightM: 0.48, parts: [{ code: 'BH-300' }] }] }),
      findings: [{ title: 'Does not suit this wall', at: 'P1', text: 'stands 3/8 in off' }],
      fixSettles: false,
    },
    {
      why: 'a float valve in an outlet: it lets water in, and out of the tank nothing',
      job: tankWith({ holes: [{ size: '3/4', heightM: 0.2, parts: [{ code: 'WFN-075' }] }] }),
      findings: [{ title: 'Does not suit this wall', at: 'P1', text: 'lets water in; this opening is for: draw-off' }],
      fixSettles: true,
    },
    {
      why: 'an insect screen below the water',
      job: tankWith({ holes: [{ size: '3/4', roles: ['vent'], heightM: 0.4, parts: [{ code: 'WIS-075' }] }] }),
      findings: [{ title: 'Does not suit this wall', at: 'P1', text: 'the water stands to 34-5/8 in' }],
      fixSettles: true,
    },
    {
      why: 'a hole measured larger than the fitting covers',
      job: tankWith({
        type: 'own-box',
        holes: [{ face: 'front', heightM: 0.4, holeM: 0.06, parts: [{ code: 'BH-075' }] }],
      }),
      // A hole is made smaller by nobody: what covers 60 mm is the next size, its hole opened for it.
      findings: [{ title: 'Does not suit this wall', at: 'P1', text: 'covers at most 1-3/4 in' }],
      fixSettles: true,
    },
    {
      why: 'a tap of 3/4 in through a liner, which nothing clamps in that size: it is made larger',
      job: tankWith({ type: 'corrugated', holes: [{ heightM: 0.3, parts: [{ code: 'BH-075' }] }] }),
      findings: [{ title: 'Does not suit this wall', at: 'P1', text: 'The liner of T1 has to be clamped' }],
      fixSettles: true,
    },
  ],
});
