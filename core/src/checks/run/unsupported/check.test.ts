import { drumWith, linkedDrums } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const line = (lengthM: number | null, held = false, code = 'PI-100') =>
  drumWith({ hole: { size: '1' }, parts: [{ code: 'BS-100' }, { code, lengthM, held }, { code: 'KS-100' }] });

testCheck(check, {
  clean: [
    { why: '4 ft of 1 in', job: line(1.2) },
    { why: 'held', job: line(4, true) },
    { why: 'nobody knows how long it is: that is another check', job: line(null) },
    {
      why: 'a hose lies on the ground',
      job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 15 }] }),
    },
  ],
  found: [
    {
      // 1 in Schedule 40 at 80 F: 5 ft (value from memory); 4 m want three straps.
      why: '4 m of 1 in without a strap',
      job: line(4),
      findings: [{ title: 'Pipe without support', at: 'P1', text: 'may span 60 in: strap it in 3 places' }],
      fixSettles: true,
    },
    {
      why: 'between two tanks it is said once, not at both ends',
      job: linkedDrums('BS-100', [{ code: 'PI-100', lengthM: 4 }], { size: '1' }),
      findings: [{ title: 'Pipe without support', at: 'P1' }],
      fixSettles: true,
    },
  ],
});
