import { rising } from '../../../job/placed-part';
import { drumWith, place } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** The hole lies 0.12 m above the base of the drum, which stands full to 0.8 m. */
const HOLE_M = 0.12;

/** Pipes from low in a drum, each with its length and how much it rises; its end is measured where they lead. */
const line = (...pipes: readonly (readonly [lengthM: number, riseM: number])[]) =>
  drumWith({
    hole: { size: '1', heightM: HOLE_M },
    terminals: [
      place({
        id: 'bed',
        name: 'bed',
        dropM: -(HOLE_M + pipes.reduce((sum, [, riseM]) => sum + riseM, 0)),
      }),
    ],
    parts: [
      { code: 'BS-100' },
      ...pipes.flatMap(([lengthM, riseM], place) => [
        ...(place > 0 ? [{ code: 'CS-100' }] : []),
        { code: 'PI-100', lengthM, slope: rising(riseM) },
      ]),
    ],
    end: { of: 'terminal', id: 'bed' },
  });

testCheck(check, {
  clean: [
    { why: 'gently down all the way', job: line([6, -0.05]) },
    {
      why: 'nobody has said how the hose falls',
      job: drumWith({
        hole: { size: '1' },
        parts: [{ code: 'BH-100' }, { code: 'HB-100' }, { code: 'HO-100', lengthM: 6 }],
      }),
    },
    { why: 'its end lies over the water: nothing runs, and nothing is drawn in', job: line([3, 1.5], [2, -0.2]) },
    { why: 'a rise that stays under the water', job: line([1, 0.05], [6, -0.1]) },
  ],
  found: [
    {
      // 0.7 m over the outlet drive a pipe that falls 3 m behind: it runs full and draws (Bernoulli).
      why: 'level first, then steeply down',
      job: line([3, 0], [4, -3]),
      findings: [{ title: 'Draws in air', at: 'P1', text: 'from a full tank' }],
      fixSettles: false,
    },
    {
      why: 'over a hump as high as the water when it is low',
      job: line([3, 0.5], [4, -1]),
      findings: [{ title: 'Over the water', at: 'P1', text: 'nothing comes' }],
      fixSettles: false,
    },
  ],
});
