import type { PortUse } from '../../../job/job';
import type { Tank } from '../../../walls/tank';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const head = (tank: Partial<Tank>, portUse: PortUse = 'use') =>
  tankWith({
    type: 'drum-upside-down',
    tank,
    holes: [{ face: 'bottom', size: '2', heightM: 0, aroundM: 0.2, depthM: 0.3, port: '2 NPS F', portUse }],
  });
testCheck(check, {
  clean: [
    { why: 'on blocks, room for an elbow', job: head({}) },
    { why: 'the bungs plugged', job: head({ base: 'slab' }, 'plug') },
  ],
  found: [
    {
      why: 'flat on a slab',
      job: head({ base: 'slab' }),
      findings: [{ title: 'Stands on its outlet', at: 'P1', text: 'slab' }],
      fixSettles: true,
    },
    // Three times 2 in.
    {
      why: 'on one course',
      job: head({ plinthM: 0.1 }),
      findings: [{ title: 'No room under it', at: 'P1', text: 'needs 6 in' }],
      fixSettles: true,
    },
  ],
});
