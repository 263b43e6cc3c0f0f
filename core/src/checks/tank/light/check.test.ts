import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    { why: 'a black tank', job: tankWith({ type: 'vertical-round' }) },
    { why: 'a crate under a cover', job: tankWith({ type: 'crate-us', tank: { dark: true } }) },
  ],
  found: [
    {
      why: 'a white crate',
      job: tankWith({ type: 'crate-us' }),
      findings: [{ title: 'Light gets in', at: 'T1' }],
      fixSettles: true,
    },
  ],
});
