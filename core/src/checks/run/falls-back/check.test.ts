import { rising } from '../../../job/placed-part';
import { TOP_INLET, byDrain, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const WALL = { ...TOP_INLET, face: 'wall', heightM: 0.8, depthM: 0 } as const;

/** The rise of an inlet is said as it is walked, from the tank outward: what comes in falls towards the tank. */
const inlet = (riseM: number | null, lengthM = 2) =>
  tankWith({ holes: [{ ...WALL, parts: byDrain({ slope: riseM === null ? null : rising(riseM), lengthM }) }] });
const overflow = (riseM: number) =>
  tankWith({
    holes: [
      {
        name: 'Overflow',
        roles: ['overflow'],
        size: '3',
        heightM: 0.8,
        parts: [{ code: 'PG-300' }, { code: 'PI-300', lengthM: 2, slope: rising(riseM) }],
      },
    ],
  });

testCheck(check, {
  clean: [
    { why: 'an inlet that falls towards the tank', job: inlet(0.02) },
    { why: 'an overflow that falls away from it', job: overflow(-0.02) },
    { why: 'nobody has said: another check asks', job: inlet(null) },
    { why: 'a stub', job: inlet(0, 0.5) },
    { why: 'an upright pipe', job: inlet(1.9) },
  ],
  found: [
    {
      why: 'an inlet that falls away from the tank',
      job: inlet(-0.05),
      findings: [{ title: 'Falls backward', at: 'P1', text: 'rises 1-15/16 in' }],
      fixSettles: true,
    },
    {
      why: 'an overflow that rises',
      job: overflow(0.05),
      findings: [{ title: 'Falls backward', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'level, and said to be',
      job: inlet(0),
      findings: [{ title: 'No fall', at: 'P1', text: 'level over 78-3/4 in' }],
      fixSettles: true,
    },
  ],
});
