import { type SampleHole, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const line = (roles: NonNullable<SampleHole['roles']>, valve: string) =>
  tankWith({
    holes: [
      {
        roles,
        size: '1-1/2',
        heightM: 0.7,
        parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 0.3 }, { code: valve }, { code: 'PI-150', lengthM: 1 }],
      },
    ],
  });

testCheck(check, {
  clean: [
    { why: 'a coupling shuts nothing', job: line(['overflow'], 'CS-150') },
    { why: 'in an outlet a valve belongs', job: line(['draw-off'], 'VS-150') },
    { why: 'it is drawn from as well', job: line(['overflow', 'draw-off'], 'VS-150') },
  ],
  found: [
    {
      why: 'a valve in an overflow',
      job: line(['overflow'], 'VS-150'),
      findings: [{ title: 'Valve where nothing may shut', at: 'P1', text: 'an overflow' }],
      fixSettles: false,
    },
    {
      why: 'a valve in a vent',
      job: line(['vent'], 'VS-150'),
      findings: [{ title: 'Valve where nothing may shut', at: 'P1', text: 'a vent' }],
      fixSettles: false,
    },
  ],
});
