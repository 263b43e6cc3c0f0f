import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const float = (type: string, heightM: number, shutsM: number | null = null) =>
  tankWith({ type, holes: [{ roles: ['float-fill'], heightM, aroundM: 0.5, shutsM }] });
testCheck(check, {
  clean: [
    { why: 'near the brim of a straight wall', job: float('open-drum', 0.88) },
    {
      why: 'on the top there is no slope',
      job: tankWith({
        type: 'bin',
        holes: [{ roles: ['float-fill'], face: 'top', heightM: 0.96, aroundM: 0.3, depthM: 0.3, shutsM: 0.9 }],
      }),
    },
    {
      why: 'rain fills the rest',
      job: tankWith({
        holes: [
          { roles: ['float-fill'], heightM: 0.4 },
          { roles: ['inlet'], face: 'top', heightM: 0.93, aroundM: 0.3, depthM: 0.3 },
        ],
      }),
    },
  ],
  found: [
    // The drum is straight: shut at 420 mm of 880 mm over a floor of 3.5 mm, 460 / 876.5 = 52 % is left.
    {
      why: 'half-way up',
      job: float('open-drum', 0.5),
      findings: [{ title: 'Float valve costs water', at: 'P1', text: '52 % of the tank' }],
      fixSettles: true,
    },
    // (620 - 500) / 2 over 930 mm: 65 mm to the metre.
    {
      why: 'in the sloping wall of a bin',
      job: float('bin', 0.86, 0.9),
      findings: [{ title: 'Float valve tilts', at: 'P1', text: '65 mm to the metre' }],
      fixSettles: false,
    },
  ],
});
