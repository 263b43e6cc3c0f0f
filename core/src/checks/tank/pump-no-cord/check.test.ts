import { HUNG_PUMP, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const PUMP = { diameterM: 0.15, lengthM: 0.4, intakeM: 0.05, fromLeftM: 0.6, fromFrontM: 0.6 };
const ENTRY = { roles: ['cord-entry' as const], face: 'top' as const, heightM: 1.35, aroundM: 0.3, depthM: 0.3 };
const upright = (more: Parameters<typeof tankWith>[0]) => tankWith({ type: 'vertical-round', ...more });

testCheck(check, {
  clean: [
    { why: 'no pump', job: upright({}) },
    { why: 'an entry of its own', job: upright({ tank: { pump: PUMP }, holes: [ENTRY] }) },
    {
      why: 'an open tub: over its rim',
      job: tankWith({ tank: { pump: { ...PUMP, fromLeftM: 0.3, fromFrontM: 0.3 } } }),
    },
  ],
  found: [
    {
      why: 'a pump that stands in it',
      job: upright({ tank: { pump: PUMP } }),
      findings: [{ title: 'No way for the cord', at: 'T1' }],
      fixSettles: true,
    },
    {
      why: 'a pump of the parts that hangs in it',
      job: upright({ holes: [HUNG_PUMP] }),
      findings: [{ title: 'No way for the cord', at: 'T1' }],
      fixSettles: true,
    },
    {
      why: 'in a concrete tank, whose wall no gland grips: a link seal in a larger hole',
      job: tankWith({ type: 'concrete', tank: { pump: PUMP } }),
      findings: [{ title: 'No way for the cord', at: 'T1' }],
      fixSettles: true,
    },
  ],
});
