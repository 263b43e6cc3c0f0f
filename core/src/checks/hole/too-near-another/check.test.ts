import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const outlet = (aroundM: number) => ({ heightM: 0.15, aroundM, parts: [{ code: 'BH-075' }] });
const pair = (a: number, b: number) => tankWith({ holes: [outlet(a), outlet(b)] });
testCheck(check, {
  clean: [
    { why: 'a flange and an inch apart', job: pair(0.5, 0.65) },
    {
      why: 'on the same place of two faces',
      job: tankWith({ holes: [outlet(0.5), { ...outlet(0.3), face: 'top', heightM: 0.93, depthM: 0.3 }] }),
    },
    { why: 'just across the mark: the shorter way round is meant', job: pair(0.1, 1.78) },
  ],
  found: [
    // Two 3/4 bulkheads: flange (2 + 2.8) / 2 in = 2.4 in each, and 1 in between them: 3.4 in.
    {
      why: 'two bulkheads, flange on flange',
      job: pair(0.5, 0.55),
      findings: [
        { title: 'Too near another', at: 'P2', text: 'P1 and P2 are 1-15/16 in apart; their flanges need 3-3/8 in' },
      ],
      fixSettles: true,
    },
  ],
});
