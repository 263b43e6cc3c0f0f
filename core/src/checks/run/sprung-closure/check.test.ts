import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const link = (...parts: readonly { readonly code: string; readonly lengthM?: number }[]) =>
  tankWith({
    others: [{ id: 't2', type: 'open-drum' }],
    holes: [
      { id: 'b', tankId: 't2', size: '1', roles: ['link'] },
      {
        id: 'a',
        size: '1',
        roles: ['link'],
        parts: [{ code: 'BS-100' }, ...parts, { code: 'BS-100', inEnd: 1 }],
        end: { of: 'hole', id: 'b' },
      },
    ],
  });

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
