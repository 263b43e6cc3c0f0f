import { drumWith, place } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const valve = [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }] as const;

testCheck(check, {
  clean: [
    { why: 'a tap discharges', job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] }) },
    { why: 'a cap closes', job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'KV-075' }] }) },
    { why: 'the run has not begun: that is another check', job: drumWith({ parts: [{ code: 'BH-075' }] }) },
    {
      why: 'water leaves into daylight',
      job: drumWith({
        parts: valve,
        terminals: [place({ id: 'bed', name: 'bed' })],
        end: { of: 'terminal', id: 'bed' },
      }),
    },
  ],
  found: [
    {
      why: 'a valve with nothing on it',
      job: drumWith({ parts: valve }),
      findings: [{ title: 'End open', at: 'P1', text: '3/4 NPT female' }],
      fixSettles: true,
    },
    {
      why: 'the branch of a tee',
      job: drumWith({
        parts: [
          { code: 'BS-075' },
          { code: 'PI-075', lengthM: 0.2 },
          { code: 'TS-075' },
          { code: 'PI-075', lengthM: 0.2 },
          { code: 'KS-075' },
        ],
      }),
      findings: [{ title: 'End open', at: 'P1', text: 'socket' }],
      fixSettles: true,
    },
    {
      why: 'finished to a place that is named',
      job: drumWith({
        parts: valve,
        terminals: [place({ id: 'bay', name: 'bay', offers: '3/4 NH F swivel' })],
      }),
      findings: [{ title: 'End open', at: 'P1' }],
      fixSettles: true,
    },
  ],
});
