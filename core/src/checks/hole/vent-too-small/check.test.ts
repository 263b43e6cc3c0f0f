import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const tanker = (size: '1/2' | '2') =>
  tankWith({
    type: 'closed-drum',
    holes: [
      { roles: ['vent'], size, face: 'top', heightM: 0.89, aroundM: 0.3, depthM: 0.15 },
      { roles: ['tanker-fill'], size: '2', face: 'top', heightM: 0.89, aroundM: 0.3, depthM: 0.45 },
    ],
  });
testCheck(check, {
  clean: [
    { why: 'a 2 in vent', job: tanker('2') },
    {
      why: 'an open head needs none',
      job: tankWith({
        holes: [
          { roles: ['vent'], size: '1/2', heightM: 0.8 },
          { roles: ['tanker-fill'], size: '2', face: 'top', heightM: 0.93, aroundM: 0.3, depthM: 0.3 },
        ],
      }),
    },
    { why: 'no vent at all is another check’s', job: tankWith({ type: 'closed-drum' }) },
  ],
  found: [
    // A tanker fills 10 L/s. Air at 250 Pa through half of a bore of 12.7 mm: 0.5 x 126.7e-6 x sqrt(500 / 1.2) / 2 = 0.65 L/s,
    // 10 gallons a minute of 158.5.
    {
      why: 'a 1/2 vent and a tanker',
      job: tanker('1/2'),
      findings: [{ title: 'Vent too small', at: 'T1', text: 'moves 159 gpm; the vents of T1 pass 10 gpm' }],
      fixSettles: false,
    },
  ],
});
