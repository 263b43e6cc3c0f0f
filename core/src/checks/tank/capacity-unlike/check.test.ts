import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import { TANK_TYPES } from '../../../walls/tank-types';
import check from './check';

const CYLINDER = { diameterM: 2.4, baseDiameterM: 2.4, brimM: 2.2, heightM: 2.25, wallM: 0.01 };

testCheck(check, {
  clean: [
    ...TANK_TYPES.map(({ id, name }) => ({ why: `${name}, as it comes`, job: tankWith({ type: id }) })),
    { why: 'nobody says what it holds', job: tankWith({ type: 'own-cylinder', tank: CYLINDER }) },
    // By hand: 1.19 m squared, times pi, times 2.19 m is 9.74 m3.
    { why: 'as its maker has it', job: tankWith({ type: 'own-cylinder', tank: { ...CYLINDER, capacityM3: 9.5 } }) },
  ],
  found: [
    {
      why: 'ten cubic metres that go by one',
      job: tankWith({ type: 'own-cylinder', tank: { ...CYLINDER, capacityM3: 1 } }),
      findings: [{ title: 'Holds far less than its size', at: 'T1', text: 'gal' }],
      fixSettles: true,
    },
    {
      why: 'more than its outside holds',
      job: tankWith({ type: 'own-cylinder', tank: { ...CYLINDER, capacityM3: 12 } }),
      findings: [{ title: 'Holds more than it can', at: 'T1', text: 'gal' }],
      fixSettles: true,
    },
  ],
});
