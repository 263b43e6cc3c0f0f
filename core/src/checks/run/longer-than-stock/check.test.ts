import { rising } from '../../../job/placed-part';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const outlet = (code: string, lengthM: number, given: object = {}) =>
  tankWith({
    settings: { region: 'US' },
    holes: [{ size: '2', parts: [{ code: 'BS-200' }, { code, lengthM, held: true, ...given }] }],
  });

testCheck(check, {
  clean: [
    // Sold in 5, 10 and 20 ft: 6.096 m.
    { why: 'as long as the longest it is sold in', job: outlet('PI-200', 6.096) },
    // Rural pipe of 1 in comes in coils of 25, 50 and 100 m.
    { why: 'off the coil at the counter, in one length', job: outlet('PER-100', 130, { cutAtCounter: true }) },
    { why: 'longer, and it stands there already', job: outlet('PI-200', 14, { existing: true }) },
  ],
  found: [
    {
      why: '14 m of pipe that is sold in 20 ft: three pieces, two couplings',
      job: outlet('PI-200', 14, { slope: rising(-0.3) }),
      findings: [{ title: 'Longer than it is sold', at: 'P1', text: 'sold in at most 20 ft' }],
      fixSettles: true,
    },
    {
      why: '130 m of what is coiled in at most 100: off a longer coil, or joined',
      job: outlet('PER-100', 130),
      findings: [{ title: 'Longer than it is sold', at: 'P1', text: 'sold in at most' }],
      fixSettles: true,
    },
  ],
});
