import { drumWith, place } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const sink = (upM: number | null, roles: readonly ('draw-off' | 'pump-line')[] = ['draw-off']) =>
  drumWith({
    hole: { roles: [...roles] },
    terminals: [place({ id: 'sink', name: 'sink', dropM: upM === null ? null : -upM })],
    parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 3 }],
    end: { of: 'terminal', id: 'sink' },
  });

testCheck(check, {
  clean: [
    { why: 'below the tank', job: sink(-1) },
    { why: 'nobody has read it', job: sink(null) },
  ],
  found: [
    {
      why: 'the same behind a pump that nobody has chosen: it asks which, and raises no tank',
      job: sink(2, ['pump-line']),
      findings: [{ title: 'Which pump?', at: 'sink', text: 'the pump lifts it there' }],
      fixSettles: false,
    },
    {
      // Full to the lowest point of the overflow, 0.78 m; the sink at 2 m.
      why: 'over the full level',
      job: sink(2),
      findings: [{ title: 'Out of reach', at: 'sink', text: '48-1/16 in above the full level of T1' }],
      fixSettles: false,
    },
  ],
});
