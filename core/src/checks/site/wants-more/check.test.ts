import { drumWith, place } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const line = (dropM: number, wants: Partial<Parameters<typeof place>[0]>, lengthM = 5) =>
  drumWith({
    terminals: [place({ id: 'bed', name: 'bed', dropM, ...wants })],
    parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM }],
    end: { of: 'terminal', id: 'bed' },
  });

testCheck(check, {
  clean: [
    // 7 psi are 48 kPa, 4.9 m of water (hydrostatics).
    { why: 'a drip line 8 m below', job: line(8, { kind: 'drip-line' }) },
    {
      why: 'a pump that nobody has chosen: what it gives is not known',
      job: drumWith({
        hole: { roles: ['pump-line'] },
        terminals: [place({ id: 'bed', name: 'bed', dropM: 1, kind: 'drip-line' })],
        parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 5 }],
        end: { of: 'terminal', id: 'bed' },
      }),
    },
    { why: 'a place that wants nothing', job: line(0.5, { kind: 'daylight' }) },
    {
      why: 'a drip line of gravity drippers, as was said',
      job: line(1, { kind: 'drip-line', wantsKpa: 3, wantsM3s: 0 }),
    },
  ],
  found: [
    // A pump of 38 m at most, under two metres of water, gives 392 kPa; 500 are 51 m of water (hydrostatics).
    {
      why: 'five bar behind a pump of 38 m',
      job: drumWith({
        hole: { roles: ['pump-line'], size: '1' },
        terminals: [place({ id: 'bed', name: 'bed', dropM: 1, kind: 'hose-bay', wantsKpa: 500 })],
        parts: [{ code: 'BH-100' }, { code: 'NC-100' }, { code: 'PJ1N-100' }, { code: 'NC-100' }],
        end: { of: 'terminal', id: 'bed' },
      }),
      findings: [{ title: 'Too little pressure', at: 'bed', text: 'with the pump' }],
      fixSettles: false,
    },
    {
      why: 'a drip line a metre below',
      job: line(1, { kind: 'drip-line' }),
      findings: [{ title: 'Too little pressure', at: 'bed', text: 'wants 7.0 psi' }],
      fixSettles: false,
    },
    {
      why: 'a bay that wants 100 L/min of a 3/4 in hose',
      job: line(1, { kind: 'hose-bay', wantsM3s: 100 / 60_000 }, 30),
      findings: [{ title: 'Too little comes', at: 'bed', text: 'wants 26 gpm' }],
      fixSettles: false,
    },
  ],
});
