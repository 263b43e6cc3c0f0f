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
      why: 'no food, and nobody says what its water is for',
      job: tankWith({ tank: { contents: 'brake fluid', foodGrade: false } }),
      findings: [{ title: 'What is its water for?', at: 'T1', text: 'brake fluid' }],
      fixSettles: false,
    },
    {
      why: 'soap, for a garden',
      job: tankWith({ tank: { contents: 'soap', foodGrade: false, purposes: ['garden', 'toilets'] } }),
      findings: [{ title: 'It was no food', at: 'T1', text: 'garden, toilets' }],
      fixSettles: false,
    },
    {
      why: 'soap, for stock',
      job: tankWith({ tank: { contents: 'soap', foodGrade: false, purposes: ['garden', 'stock'] } }),
      findings: [{ title: 'Not for water', at: 'T1' }],
      fixSettles: false,
    },
    {
      why: 'soap, in a job whose water is drunk',
      job: tankWith({ tank: { contents: 'soap', foodGrade: false }, settings: { drinking: true } }),
      findings: [{ title: 'Not for water', at: 'T1' }],
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
