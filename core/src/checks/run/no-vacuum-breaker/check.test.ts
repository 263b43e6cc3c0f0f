import { AS_ASKED } from '../../../job/job';
import { drumWith, place } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const supply = (mains: boolean) =>
  place({
    id: 'm',
    name: 'mains',
    offers: '3/4 NPT M',
    mains,
  });
/** A line from the mains to the tank with a tap on its branch. */
const topUp = (tap: string, mains = true) => {
  const job = drumWith({
    hole: { roles: ['tanker-fill'] },
    terminals: [supply(mains)],
    parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'T-075' }, { code: 'NC-075' }, { code: 'C-075' }],
    end: { of: 'terminal', id: 'm' },
  });
  return {
    ...job,
    parts: [...job.parts, { ...job.parts[1]!, id: 'tap', code: tap }],
    joints: [
      ...job.joints,
      {
        id: 'tap-j',
        a: { of: 'part', id: 'h-3', end: 2 } as const,
        b: { of: 'part', id: 'tap', end: 0 } as const,
        ...AS_ASKED,
      },
    ],
  };
};

testCheck(check, {
  clean: [
    { why: 'the tap has its breaker', job: topUp('HTV-075M') },
    { why: 'no mains anywhere', job: topUp('HT-075M', false) },
  ],
  found: [
    {
      why: 'a plain hose tap on a line from the mains',
      job: topUp('HT-075M'),
      findings: [{ title: 'No vacuum breaker', at: 'P1', text: 'The pressure of mains can reach hose tap' }],
      fixSettles: true,
    },
  ],
});
