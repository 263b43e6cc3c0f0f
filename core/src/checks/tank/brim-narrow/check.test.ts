import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import { TANK_TYPES } from '../../../walls/tank-types';
import check from './check';

const tapered = (diameterM: number) =>
  tankWith({ type: 'own-tapered', tank: { diameterM, baseDiameterM: 1.1, accessM: 0.4 } });

testCheck(check, {
  clean: [
    ...TANK_TYPES.map(({ id, name }) => ({ why: `${name}, as it comes`, job: tankWith({ type: id }) })),
    { why: 'it widens', job: tapered(1.3) },
    { why: 'within what a tape reads', job: tapered(1.09) },
  ],
  found: [
    {
      why: 'narrower above',
      job: tapered(0.9),
      findings: [{ title: 'Narrower at the brim', at: 'T1', text: 'the right way round?' }],
      fixSettles: true,
    },
  ],
});
