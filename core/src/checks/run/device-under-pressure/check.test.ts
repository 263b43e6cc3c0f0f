import { drumWith, place } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** A drum of 0.9 m with a timer on a tap, level with its outlet or so far below. */
const timer = (code: string, plinthM = 0) => {
  const job = drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M', points: 'out' }, { code, points: 'out' }] });
  return { ...job, tanks: job.tanks.map((tank) => ({ ...tank, plinthM })) };
};
const far = (code: string, dropM: number) =>
  drumWith({
    terminals: [place({ id: 'bed', name: 'bed', dropM })],
    parts: [{ code: 'BH-075' }, { code: 'HT-075M' }, { code }],
    end: { of: 'terminal', id: 'bed' },
  });

testCheck(check, {
  clean: [
    { why: 'a motor timer asks for none', job: far('TM-075', 1) },
    { why: 'eight metres below: 78 kPa and more (hydrostatics)', job: far('TD-075', 8) },
    { why: 'nobody knows how low it hangs', job: timer('TD-075') },
  ],
  found: [
    {
      // 0.8 m of water over the overflow and 1 m below the base: some 17 kPa, 2.5 psi, of 10.
      why: 'a diaphragm timer a metre below the base',
      job: far('TD-075', 1),
      findings: [{ title: 'Too little pressure', at: 'P1', text: 'wants 10.0 psi' }],
      fixSettles: true,
    },
  ],
});
