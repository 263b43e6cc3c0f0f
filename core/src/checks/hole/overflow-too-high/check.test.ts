import { OVERFLOW, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const cordAt = (heightM: number) => ({ roles: ['cord-entry' as const], heightM, aroundM: 1.2 });
/** A concrete tank with an overflow, and lower a cord entry in which this stands. */
const concrete = (seal: string, size: '1' | '4') =>
  tankWith({
    type: 'concrete',
    holes: [
      { roles: ['overflow'], size: '4', heightM: 1.9, aroundM: 1 },
      { ...cordAt(1.2), aroundM: 3, size, parts: [{ code: seal }] },
    ],
  });

testCheck(check, {
  clean: [
    { why: 'below the brim and below a cord entry', job: tankWith({ holes: [OVERFLOW, cordAt(0.86)] }) },
    {
      why: 'a cord entry below it that holds water',
      job: concrete('WLS-100', '1'),
    },
    {
      why: 'an inlet below it that is plugged',
      job: tankWith({
        holes: [OVERFLOW, { roles: ['inlet'], size: '1', heightM: 0.7, aroundM: 1.2, parts: [{ code: 'WBP-100' }] }],
      }),
    },
    {
      why: 'an inlet in the top is above everything',
      job: tankWith({ holes: [OVERFLOW, { roles: ['inlet'], face: 'top', heightM: 0.93, aroundM: 0.3, depthM: 0.3 }] }),
    },
  ],
  found: [
    {
      why: 'above a cord entry in the wall',
      job: tankWith({ holes: [OVERFLOW, cordAt(0.7)] }),
      findings: [{ title: 'Overflow too high', at: 'P1', text: 'P2 outlet is at' }],
      fixSettles: true,
    },
    {
      why: 'above a cord entry whose sleeve leaves the cord loose',
      job: concrete('WCS-400', '4'),
      findings: [{ title: 'Overflow too high', at: 'P1', text: 'P2 outlet is at' }],
      fixSettles: true,
    },
    {
      why: 'above the brim',
      job: tankWith({ type: 'own-box', holes: [{ ...OVERFLOW, face: 'front', heightM: 0.98 }] }),
      findings: [{ title: 'Overflow too high', at: 'P1', text: 'the brim' }],
      fixSettles: true,
    },
  ],
});
