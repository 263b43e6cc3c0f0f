import { newInflow } from '../../../job/places';
import type { Inflow } from '../../../job/job';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const inflow = (given: Partial<Inflow>) =>
  tankWith({
    holes: [{ id: 'f', name: 'Fill', roles: ['float-fill'], size: '3/4', parts: [{ code: 'BH-075' }] }],
    inflows: [newInflow({ id: 'in', name: 'mains', kind: 'mains', into: 'f', ...given })],
  });

testCheck(check, {
  clean: [
    { why: 'two inches over the spill level', job: inflow({ airGapM: 0.0508 }) },
    // Twice a bore of 15 mm is 30 mm; the tundish under it may be as wide as it is.
    { why: 'an inch and a quarter over it, from a narrow pipe', job: inflow({ airGapM: 0.03175, boreM: 0.015 }) },
    { why: 'rain water of a neighbour', job: inflow({ kind: 'other' }) },
    { why: 'condensate', job: inflow({ kind: 'condensate' }) },
  ],
  found: [
    {
      why: 'nobody has said',
      job: inflow({}),
      findings: [{ title: 'Air gap not said', at: 'mains', text: 'licensed plumber' }],
      fixSettles: false,
    },
    {
      // ASME A112.1.2: 3/4 in opening, 1-1/2 in of gap.
      why: 'an inch over a 3/4 in fill',
      job: inflow({ airGapM: 0.0254 }),
      findings: [{ title: 'Air gap too small', at: 'mains', text: 'ends 1 in above' }],
      fixSettles: true,
    },
    {
      // Twice 40 mm are 80.
      why: 'two inches over it, from a wide pipe',
      job: inflow({ airGapM: 0.0508, boreM: 0.04 }),
      findings: [{ title: 'Air gap too small', at: 'mains', text: '3-1/8 in is the least' }],
      fixSettles: true,
    },
  ],
});
