import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const at = (heightM: number) => drumWith({ hole: { heightM }, parts: [{ code: 'BH-075' }] });

// Open drum: hoops at 34 and 66 % of 930 mm, 20 mm to either side; the 3/4 bulkhead's flange is (2 + 2.8) / 2 in across.
testCheck(check, {
  clean: [
    { why: 'clear of the foot by its flange', job: at(0.045 + 0.0305) },
    { why: 'a port is moulded where it is', job: drumWith({ hole: { heightM: 0.02, port: '3/4 NPT F' } }) },
    {
      why: 'on the top there are no ribs, only the lever ring',
      job: drumWith({
        hole: { heightM: 0.93, face: 'top', aroundM: 0.3, depthM: 0.3 },
        parts: [{ code: 'BH-075' }],
      }),
    },
  ],
  found: [
    {
      why: 'the flange on the foot',
      job: at(0.045 + 0.02),
      findings: [{ title: 'Not on the flat', at: 'P1', text: 'foot' }],
      fixSettles: true,
    },
    {
      why: 'on the lever ring of the lid',
      job: drumWith({
        hole: { heightM: 0.93, face: 'top', aroundM: 0.56, depthM: 0.3 },
        parts: [{ code: 'BH-075' }],
      }),
      findings: [{ title: 'Not on the flat', at: 'P1', text: 'lever ring' }],
      fixSettles: true,
    },
    {
      why: 'across the seam',
      job: drumWith({ hole: { heightM: 0.15, aroundM: 0.02 }, parts: [{ code: 'BH-075' }] }),
      findings: [{ title: 'Not on the flat', at: 'P1', text: 'seam' }],
      fixSettles: true,
    },
    {
      why: 'in the middle of a hoop',
      job: at(0.34 * 0.93),
      findings: [{ title: 'Not on the flat', at: 'P1', text: 'hoop' }],
      fixSettles: true,
    },
  ],
});
