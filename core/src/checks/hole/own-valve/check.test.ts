import type { DemoPart } from '../../../edits/build-job';
import type { PortUse } from '../../../job/job';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const crate = (parts: readonly DemoPart[], port = '2 cam adapter', portUse: PortUse = 'use') =>
  tankWith({
    type: 'crate-us',
    holes: [{ face: 'front', size: '2', heightM: 0.1, aroundM: 0.6, port, portId: 'outlet', portUse, parts }],
  });
testCheck(check, {
  clean: [
    { why: 'a ball valve behind it', job: crate([{ code: 'CMBP-200' }, { code: 'LV-200' }]) },
    { why: 'the valve is off: the bare neck is used', job: crate([], 'S75x6 M') },
    { why: 'not used', job: crate([], '2 cam adapter', 'plug') },
  ],
  found: [
    {
      why: 'straight to a coupling',
      job: crate([{ code: 'CMBP-200' }]),
      findings: [{ title: 'Only its own valve', at: 'P1' }],
      fixSettles: false,
    },
  ],
});
