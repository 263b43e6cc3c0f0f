import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const valve = [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }] as const;

testCheck(check, {
  clean: [
    { why: 'a valve with room under it', job: drumWith({ hole: { heightM: 0.2 }, parts: valve }) },
    { why: 'a nipple needs none', job: drumWith({ hole: { heightM: 0.05 }, parts: valve.slice(0, 2) }) },
  ],
  found: [
    {
      why: 'a lever against the ground',
      job: drumWith({ hole: { heightM: 0.06 }, parts: valve }),
      findings: [{ title: 'No room to screw it on', at: 'P1 J3', text: 'the ground is' }],
      fixSettles: false,
    },
    {
      why: 'the same valve on a piece that is glued in afterwards',
      job: drumWith({
        hole: { heightM: 0.06 },
        parts: [{ code: 'BS-075' }, { code: 'PI-075', lengthM: 0.1 }, { code: 'AM-075', inEnd: 1 }, { code: 'LV-075' }],
      }),
      findings: [{ title: 'No room to screw it on', at: 'P1 J4', text: 'first, then fix both' }],
      fixSettles: false,
    },
  ],
});
