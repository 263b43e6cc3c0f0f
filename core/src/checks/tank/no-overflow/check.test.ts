import { ternPoint } from '../../../demo/tern-point';
import { drumWith, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const job = ternPoint();
const unlinked = { ...job, joints: job.joints.filter(({ id }) => id !== 'p3-j5') };

testCheck(check, {
  clean: [
    { why: 'a tub that may run over', job: tankWith({ tank: { mayRunOver: true } }) },
    { why: 'it has one', job: drumWith({}) },
    { why: 'it stands and works', job: tankWith({ tank: { stands: true }, holes: [{}] }) },
    { why: 'the tank it is linked to has one', job },
  ],
  found: [
    {
      why: 'none at all',
      job: drumWith({ overflow: false }),
      findings: [{ title: 'No overflow', at: 'T1', text: 'T1 has no overflow' }],
      fixSettles: true,
    },
    {
      why: 'the link to the one that has is cut',
      job: unlinked,
      findings: [{ title: 'No overflow', at: 'T2' }],
      fixSettles: true,
    },
  ],
});
