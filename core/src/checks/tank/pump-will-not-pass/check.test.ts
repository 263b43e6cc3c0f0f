import type { Pump } from '../../../walls/tank';
import { HUNG_PUMP, dropPipe, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const pump = { diameterM: 0.15, lengthM: 0.4, intakeM: 0.05, fromLeftM: 0.6, fromFrontM: 0.6 };
const well = (given: Partial<Pump>, accessM = 0.4) =>
  tankWith({
    type: 'vertical-round',
    tank: { diameterM: 1.2, baseDiameterM: 1.2, accessM, pump: { ...pump, ...given } },
  });
testCheck(check, {
  clean: [
    { why: 'passes the lid and stands under it', job: well({}) },
    { why: 'no pump', job: tankWith({}) },
    { why: 'a pump of the parts that passes its lid', job: tankWith({ type: 'vertical-round', holes: [HUNG_PUMP] }) },
  ],
  found: [
    // 150 mm of pump through the largest opening of 140 mm (values of the catalogue; from memory).
    {
      why: 'the pump of the parts list, wider than the lid of a crate',
      job: tankWith({
        type: 'crate-us',
        holes: [
          {
            ...HUNG_PUMP,
            heightM: 1.03,
            aroundM: 0.9,
            depthM: 0.5,
            parts: [...dropPipe('100', 'AM', 0.3), { code: 'PS1N-100' }],
          },
        ],
      }),
      findings: [{ title: 'Pump does not pass', at: 'P1', text: '5-7/8 in wide' }],
      fixSettles: false,
    },
    {
      why: 'as wide as the lid',
      job: well({ diameterM: 0.4 }),
      findings: [{ title: 'Pump does not pass', at: 'T1', text: '15-3/4 in wide' }],
      fixSettles: false,
    },
    // 0.5 m from the middle, less half of the play of 0.25 m: 0.375 m aside; over 1.3 m of pump there are 0.07 m.
    {
      why: 'long, and far to the side',
      job: well({ lengthM: 1.3, fromLeftM: 0.1 }),
      findings: [{ title: 'Pump will not come out', at: 'T1', text: 'stands 14-3/4 in to the side' }],
      fixSettles: false,
    },
    // From the top of 1372 mm: 1.6 m of pipe alone are longer; what the pump and its adapters add comes to it.
    {
      why: 'a pump on a pipe that is longer than the tank is deep',
      job: tankWith({
        type: 'vertical-round',
        holes: [
          {
            ...HUNG_PUMP,
            parts: [...dropPipe('100', 'AM', 1.6), { code: 'PS1N-100' }],
          },
        ],
      }),
      findings: [{ title: 'Pump hangs too low', at: 'P1', text: 'under the floor of T1' }],
      fixSettles: true,
    },
  ],
});
