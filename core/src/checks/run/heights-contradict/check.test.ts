import { rising } from '../../../job/placed-part';
import { drumWith, place } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const hose = (riseM: number | null, dropM: number | null) =>
  drumWith({
    terminals: [place({ id: 'bay', name: 'bay', dropM })],
    parts: [
      { code: 'BH-075' },
      { code: 'HB-075' },
      { code: 'HO-075', lengthM: 10, slope: riseM === null ? null : rising(riseM) },
    ],
    end: { of: 'terminal', id: 'bay' },
  });

testCheck(check, {
  clean: [
    // The hole is 0.12 m above the base: a fall of 1.5 m ends 1.38 m below it.
    { why: 'the two agree', job: hose(-1.5, 1.4) },
    { why: 'the fall of the hose has not been said', job: hose(null, 1.4) },
    { why: 'the place has not been measured', job: hose(-1.5, null) },
  ],
  found: [
    {
      why: 'the place lies 20 in higher than the hose ends',
      job: hose(-1.5, 0.872),
      findings: [{ title: 'Two heights for one place', at: 'P1', text: '20 in lower' }],
      fixSettles: false,
    },
    // Nothing but a valve: 0.5 m over the base is 0.38 m above the hole.
    {
      why: 'no pipe leads up there',
      job: drumWith({
        terminals: [place({ id: 'bay', name: 'bay', dropM: -0.5 })],
        parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }],
        end: { of: 'terminal', id: 'bay' },
      }),
      findings: [{ title: 'Nothing leads there', at: 'P1', text: 'higher than where the run of P1 ends' }],
      fixSettles: false,
    },
    {
      why: 'above the base',
      job: hose(-0.12, -0.5),
      findings: [{ title: 'Two heights for one place', at: 'P1', text: 'above the base' }],
      fixSettles: false,
    },
  ],
});
