import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    { why: 'olives, washed', job: tankWith({}) },
    { why: 'one that stands and works, not for drinking', job: tankWith({ tank: { contents: null, stands: true } }) },
    { why: 'a new tank', job: tankWith({ type: 'vertical-round', tank: { contents: null, foodGrade: null } }) },
  ],
  found: [
    {
      why: 'nothing said',
      job: tankWith({ tank: { contents: null } }),
      findings: [{ title: 'What was in it', at: 'T1' }],
      fixSettles: false,
    },
    {
      why: 'one that stands, for drinking',
      job: tankWith({ tank: { contents: null, stands: true }, settings: { drinking: true } }),
      findings: [{ title: 'What was in it', at: 'T1' }],
      fixSettles: false,
    },
    {
      why: 'no food',
      job: tankWith({ tank: { contents: 'brake fluid', foodGrade: false } }),
      findings: [{ title: 'Not for water', at: 'T1', text: 'brake fluid' }],
      fixSettles: false,
    },
    {
      why: 'food, not cleaned',
      job: tankWith({ tank: { cleaning: 'not' } }),
      findings: [{ title: 'Not cleaned yet', at: 'T1' }],
      fixSettles: true,
    },
  ],
});
