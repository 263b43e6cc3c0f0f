import type { PortUse } from '../../../job/job';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const port = (portUse: PortUse | null) =>
  tankWith({ type: 'closed-drum', holes: [{ face: 'top', heightM: 0.89, port: '2 NPS F', portUse }] });
testCheck(check, {
  clean: [
    { why: 'used', job: port('use') },
    { why: 'plugged', job: port('plug') },
    {
      why: 'cut out: a hole like any other',
      job: tankWith({ type: 'closed-drum', holes: [{ face: 'top', heightM: 0.89, portId: 'fine-bung' }] }),
    },
    { why: 'a drilled hole is no port', job: tankWith({ holes: [{}] }) },
  ],
  found: [
    {
      why: 'nothing said',
      job: port(null),
      findings: [{ title: 'Port not said', at: 'P1', text: '2 NPS F' }],
      fixSettles: true,
    },
    {
      why: 'left open on purpose',
      job: port('leave'),
      findings: [{ title: 'Port left open', at: 'P1' }],
      fixSettles: true,
    },
  ],
});
