import { OVERFLOW, place, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const PIPE = { ...OVERFLOW, parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 0.3 }] };

testCheck(check, {
  clean: [
    { why: 'a screen at its end', job: tankWith({ holes: [OVERFLOW] }) },
    { why: 'no run yet', job: tankWith({ holes: [{ ...OVERFLOW, parts: [] }] }) },
    {
      why: 'a screen and the ditch behind it',
      job: tankWith({
        holes: [{ ...OVERFLOW, end: { of: 'terminal', id: 'd' } }],
        terminals: [place({ id: 'd', name: 'ditch', kind: 'daylight' })],
      }),
    },
    {
      why: 'a drain that takes the pipe is closed round it',
      job: tankWith({
        holes: [{ ...PIPE, end: { of: 'terminal', id: 'd' } }],
        terminals: [place({ id: 'd', name: 'drain', kind: 'other', offers: '1-1/2 IPS socket' })],
      }),
    },
    {
      why: 'an inlet under a leaf head',
      job: tankWith({ holes: [{ ...OVERFLOW, roles: ['inlet'] }] }),
    },
    {
      why: 'a tap is no opening to the air',
      job: tankWith({ holes: [{ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] }] }),
    },
  ],
  found: [
    {
      why: 'an overflow that ends in bare pipe',
      job: tankWith({ holes: [PIPE] }),
      findings: [{ title: 'No screen', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'an overflow that ends in bare pipe at a ditch: the screen comes before it',
      job: tankWith({
        holes: [{ ...PIPE, end: { of: 'terminal', id: 'd' } }],
        terminals: [place({ id: 'd', name: 'ditch', kind: 'daylight' })],
      }),
      findings: [{ title: 'No screen', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'an inlet that ends in bare pipe',
      job: tankWith({
        holes: [
          { ...PIPE, id: 'i', roles: ['inlet'] },
          { ...OVERFLOW, aroundM: 1.2 },
        ],
      }),
      findings: [{ title: 'No screen', at: 'P1', text: 'mice' }],
      fixSettles: false,
    },
  ],
});
