import { belowGround } from '../../../job/places';
import { TOP_INLET, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const gutter = (upM?: number) =>
  tankWith({ roof: { readings: upM === undefined ? [] : belowGround(-upM) }, holes: [TOP_INLET] });

testCheck(check, {
  clean: [
    { why: 'over the inlet at 0.93 m', job: gutter(2) },
    { why: 'not read', job: gutter() },
  ],
  found: [
    {
      // 0.93 m less 0.53 m: 400 mm, 15-3/4 in.
      why: 'lower than the inlet',
      job: gutter(0.53),
      findings: [{ title: 'Gutter below the opening', at: 'shed', text: '15-3/4 in below P1 of T1' }],
      fixSettles: false,
    },
  ],
});
