import { OVERFLOW, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const inlet = {
  id: 'in',
  roles: ['inlet' as const],
  size: '3' as const,
  face: 'top' as const,
  heightM: 0.93,
  aroundM: 0.3,
  depthM: 0.3,
};
const link = { roles: ['link' as const], label: 'P2' };
const row = (roofM2: number) =>
  tankWith({
    roofM2,
    others: [{ id: 't2', type: 'open-drum' }],
    holes: [
      inlet,
      { ...link, id: 'b', tankId: 't2' },
      {
        ...link,
        id: 'a',
        parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'BH-075', inEnd: 1 }],
        end: { of: 'hole', id: 'b' },
      },
      { ...OVERFLOW, tankId: 't2', size: '3', heightM: 0.78, parts: [] },
    ],
  });
testCheck(check, {
  clean: [
    { why: 'a small roof: the link carries it', job: row(2) },
    { why: 'the overflow on the tank that takes the rain', job: tankWith({ roofM2: 200, holes: [inlet, OVERFLOW] }) },
  ],
  found: [
    // 200 m2 at 100 mm in an hour: 5.56 L/s, 88 gallons a minute (geometry).
    {
      why: 'a large roof through a 3/4 link',
      job: row(200),
      findings: [{ title: 'Overflow behind the link', at: 'P3', text: '88 gpm come into T1' }],
      fixSettles: false,
    },
  ],
});
