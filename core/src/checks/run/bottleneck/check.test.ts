import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    {
      why: 'one bore throughout',
      job: drumWith({
        parts: [
          { code: 'BH-075' },
          { code: 'NC-075' },
          { code: 'LV-075' },
          { code: 'HB-075' },
          { code: 'HO-075', lengthM: 3 },
        ],
      }),
    },
    {
      why: 'a small tap that flushes a wide drain',
      job: drumWith({
        hole: { size: '2', roles: ['drain'] },
        parts: [
          { code: 'BH-200' },
          { code: 'NC-200' },
          { code: 'NC-200' },
          { code: 'R-200075' },
          { code: 'LV-075' },
        ].filter((_, place) => place !== 2),
      }),
    },
    {
      why: 'a tap at the end lets out what it lets out',
      job: drumWith({ hole: { size: '2' }, parts: [{ code: 'BH-200' }, { code: 'NC-200' }, { code: 'LV-200' }] }),
    },
  ],
  found: [
    {
      why: 'a line of 2 in through one place of 3/4 in',
      job: drumWith({
        hole: { size: '2' },
        parts: [
          { code: 'BH-200' },
          { code: 'R-200075' },
          { code: 'NC-075' },
          { code: 'R-200075', inEnd: 1 },
          { code: 'LV-200', inEnd: 1 },
        ],
      }),
      findings: [{ title: 'One narrow place', at: 'P1', text: 'Hex bushing has a bore of 13/16 in' }],
      fixSettles: false,
    },
  ],
});
