import { OVERFLOW, TOP_INLET, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    {
      why: 'a grate in the top',
      job: tankWith({
        type: 'closed-drum',
        holes: [{ ...TOP_INLET, heightM: 0.89, size: '4', parts: [{ code: 'WDG-400' }] }],
      }),
    },
    {
      why: 'a vent',
      job: tankWith({
        type: 'closed-drum',
        holes: [{ roles: ['vent'], face: 'top', heightM: 0.89, aroundM: 0.3, depthM: 0.3 }],
      }),
    },
    { why: 'an overflow lets air through', job: tankWith({ type: 'closed-drum', holes: [OVERFLOW] }) },
    { why: 'one that stands and works', job: tankWith({ type: 'closed-drum', tank: { stands: true }, holes: [{}] }) },
    { why: 'a lid that breathes', job: tankWith({ type: 'vertical-round' }) },
  ],
  found: [
    {
      why: 'a closed drum with a tap',
      job: tankWith({ type: 'closed-drum', holes: [{}] }),
      findings: [{ title: 'No way for air', at: 'T1' }],
      fixSettles: true,
    },
    {
      why: 'a vent of which the bung stays as it came',
      job: tankWith({
        type: 'closed-drum',
        holes: [
          {
            roles: ['vent'],
            face: 'top',
            heightM: 0.89,
            aroundM: 0.3,
            depthM: 0.3,
            port: '2 NPS F',
            portId: 'fine-bung',
            portUse: 'leave',
          },
        ],
      }),
      findings: [{ title: 'No way for air', at: 'T1' }],
      fixSettles: true,
    },
    {
      why: 'the vent plugged',
      job: tankWith({
        type: 'closed-drum',
        holes: [
          { roles: ['vent'], face: 'top', heightM: 0.89, aroundM: 0.3, depthM: 0.3, port: '2 NPS F', portUse: 'plug' },
        ],
      }),
      findings: [{ title: 'No way for air', at: 'T1' }],
      fixSettles: true,
    },
  ],
});
