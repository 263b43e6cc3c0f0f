import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const outlet = (aroundM: number) => ({ heightM: 0.15, aroundM, parts: [{ code: 'BH-075' }] });
const pair = (a: number, b: number) => tankWith({ holes: [outlet(a), outlet(b)] });
/** Flanges of 2.4 in, on a side so narrow that two of them fit beside one another and no more; one in its middle, others so far from it. */
const between = (...offM: readonly number[]) =>
  tankWith({
    type: 'own-box',
    tank: { lengthM: 0.17, accessM: 0.1 },
    holes: [0, ...offM].map((off) => ({
      face: 'front',
      heightM: 0.3,
      aroundM: 0.085 + off,
      parts: [{ code: 'BH-075' }],
    })),
  });

testCheck(check, {
  clean: [
    { why: 'a flange and an inch apart', job: pair(0.5, 0.65) },
    {
      why: 'on the same place of two faces',
      job: tankWith({ holes: [outlet(0.5), { ...outlet(0.3), face: 'top', heightM: 0.93, depthM: 0.3 }] }),
    },
    {
      why: 'beside a port that stays plugged: its flange is not there',
      job: tankWith({
        type: 'own-box',
        holes: [
          { face: 'front', heightM: 0.3, aroundM: 0.4, size: '2', port: '2 NPT F', portUse: 'plug' },
          { face: 'front', heightM: 0.3, aroundM: 0.51, size: '3/4', parts: [{ code: 'BH-075' }] },
        ],
      }),
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
    // Between two bars there is room for two, at the ends of it: neither finds a place while the other stays in the middle.
    {
      why: 'two in the middle of a field between bars: both move',
      job: between(0.03),
      findings: [{ title: 'Too near another', at: 'P2' }],
      fixSettles: true,
    },
    {
      why: 'a third between them: no place is free, and none is offered',
      job: between(0, 0.06),
      findings: [
        { title: 'Too near another', at: 'P2' },
        { title: 'Too near another', at: 'P3' },
        { title: 'Too near another', at: 'P3' },
      ],
      fixSettles: false,
    },
  ],
});
