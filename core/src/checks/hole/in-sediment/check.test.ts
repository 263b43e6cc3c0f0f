import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const tap = (heightM: number) => tankWith({ holes: [{ heightM }] });
testCheck(check, {
  clean: [
    { why: 'a hand up', job: tap(0.12) },
    { why: 'less sediment said', job: tankWith({ settings: { sedimentM: 0.01 }, holes: [{ heightM: 0.075 }] }) },
    { why: 'a drain is meant to take it', job: tankWith({ holes: [{ heightM: 0.075, roles: ['drain'] }] }) },
  ],
  found: [
    // 50 mm of sediment on a floor of 3.5 mm: 53.5 mm = 2-1/8 in. A bore of 3/4 in at 60 mm begins at 50.5 mm = 2 in.
    {
      why: 'a tap in the mud',
      job: tap(0.06),
      findings: [{ title: 'Draws sediment', at: 'P1', text: 'begins 2 in up; sediment is taken to stand to 2-1/8 in' }],
      fixSettles: true,
    },
  ],
});
