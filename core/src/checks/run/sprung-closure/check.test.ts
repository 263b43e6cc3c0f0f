import { linkedDrums } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const link = (...parts: Parameters<typeof linkedDrums>[1]) => linkedDrums('BS-100', parts, { size: '1' });

testCheck(check, {
  clean: [
    {
      why: 'a union in it',
      job: link({ code: 'PI-100', lengthM: 0.3 }, { code: 'US-100' }, { code: 'PI-100', lengthM: 0.3 }),
    },
    {
      why: 'a slip coupling in it',
      job: link({ code: 'PI-100', lengthM: 0.3 }, { code: 'CLS-100' }, { code: 'PI-100', lengthM: 0.3 }),
    },
  ],
  found: [
    {
      why: 'pipe glued at both ends',
      job: link({ code: 'PI-100', lengthM: 0.6 }),
      // A 1 in Schedule 40 socket takes 0.875 in of pipe (ASTM D2466).
      findings: [{ title: 'Must be sprung apart', at: 'P1, J3', text: '7/8 in' }],
      fixSettles: true,
    },
  ],
});
