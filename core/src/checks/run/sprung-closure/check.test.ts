import { linkedDrums } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

type Parts = Parameters<typeof linkedDrums>[1];
/** Between two tanks that nobody shifts by hand. */
const link = (...parts: Parts) => linkedDrums('BS-100', parts, { size: '1' }, 'corrugated');
const hose = (lengthM: number) =>
  linkedDrums(
    'BH-075',
    [{ code: 'HB-075' }, { code: 'HO-075', lengthM }, { code: 'HB-075', inEnd: 1 }],
    {},
    'corrugated',
  );

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
    {
      why: 'two empty drums: one of them is shifted on to the pipe',
      job: linkedDrums('BS-100', [{ code: 'PI-100', lengthM: 0.6 }], { size: '1' }),
    },
    { why: 'a hose that is long enough to be bowed', job: hose(0.6) },
  ],
  found: [
    {
      why: 'pipe glued at both ends',
      job: link({ code: 'PI-100', lengthM: 0.6 }),
      // A 1 in Schedule 40 socket takes 0.875 in of pipe (ASTM D2466).
      findings: [{ title: 'Must be sprung apart', at: 'P1 J2', text: '7/8 in' }],
      fixSettles: true,
    },
    {
      why: 'a stiff piece of hose no longer than its two tails',
      job: hose(0.12),
      findings: [{ title: 'Too short to be bent on', at: 'P1 J3', text: 'goes on by' }],
      fixSettles: true,
    },
  ],
});
