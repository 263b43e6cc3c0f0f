import type { PortUse } from '../../../job/job';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const port = (portUse: PortUse | null) =>
  tankWith({ type: 'closed-drum', holes: [{ face: 'top', heightM: 0.89, port: '2 NPS F', portUse }] });
const bung = (portId: string, portUse: PortUse | null, parts: readonly { code: string }[] = []) => ({
  id: portId,
  face: 'bottom' as const,
  heightM: 0,
  port: portId === 'fine-bung' ? '2 NPS F' : '56x4 F',
  portId,
  portUse,
  parts,
});
const onItsHead = (...holes: readonly ReturnType<typeof bung>[]) => tankWith({ type: 'drum-upside-down', holes });

testCheck(check, {
  clean: [
    { why: 'used', job: port('use') },
    { why: 'plugged', job: port('plug') },
    {
      why: 'cut out: a hole like any other',
      job: tankWith({ type: 'closed-drum', holes: [{ face: 'top', heightM: 0.89, portId: 'fine-bung' }] }),
    },
    { why: 'a bung that stays as it came', job: onItsHead(bung('fine-bung', 'leave')) },
    { why: 'a bung that a run is built on', job: onItsHead(bung('fine-bung', null, [{ code: 'NC-200' }])) },
    {
      why: 'of a tank that stands and works',
      job: tankWith({ type: 'drum-upside-down', tank: { stands: true }, holes: [bung('fine-bung', null)] }),
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
      why: 'nothing said of two bungs: one note, one press',
      job: onItsHead(bung('fine-bung', null), bung('coarse-bung', null)),
      findings: [{ title: 'Ports not said', at: 'P1, P2', text: 'P2' }],
      fixSettles: true,
    },
    {
      why: 'nothing said of one that comes closed',
      job: onItsHead(bung('fine-bung', null)),
      findings: [{ title: 'Port not said', at: 'P1', text: 'stays closed' }],
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
