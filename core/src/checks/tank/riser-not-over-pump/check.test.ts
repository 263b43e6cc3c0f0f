import type { Pump } from '../../../walls/tank';
import { tankWith } from '../../../test/sample-jobs';
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
    { why: 'under the lid', job: well({}) },
    {
      why: 'under an access hole of its own',
      job: tankWith({
        type: 'vertical-round',
        tank: { pump: { ...pump, fromLeftM: 0.2 } },
        holes: [{ roles: ['access'], face: 'top', heightM: 1.3, aroundM: 0.2, depthM: 0.6, holeM: 0.3 }],
      }),
    },
  ],
  found: [
    {
      why: 'half a metre to the side',
      job: well({ fromLeftM: 0.1 }),
      findings: [{ title: 'Riser not over the pump', at: 'T1', text: '19-11/16 in to the side' }],
      fixSettles: true,
    },
  ],
});
