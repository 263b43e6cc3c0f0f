import { OVERFLOW, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** A vent in the top whose pipe goes on so far inside. */
const tail = (lengthM: number) => ({
  roles: ['vent' as const],
  face: 'top' as const,
  heightM: 0.93,
  aroundM: 0.3,
  depthM: 0.3,
  parts: [{ code: 'BH-075', outEnd: 2 }, { code: 'AM-075' }, { code: 'PI-075', lengthM }],
});

/** A vent in the bottom with a pipe upright inside. */
const bottomVent = (lengthM: number) =>
  tankWith({
    holes: [OVERFLOW, { ...tail(lengthM), face: 'bottom', heightM: 0 }],
  });

testCheck(check, {
  clean: [
    {
      why: 'above the overflow',
      job: tankWith({ holes: [OVERFLOW, { roles: ['vent'], heightM: 0.85, aroundM: 1.2 }] }),
    },
    {
      why: 'in the top',
      job: tankWith({ holes: [OVERFLOW, { roles: ['vent'], face: 'top', heightM: 0.93, aroundM: 0.3, depthM: 0.3 }] }),
    },
    { why: 'a short tail inside the top', job: tankWith({ holes: [OVERFLOW, tail(0.05)] }) },
    {
      why: 'in the bottom of a drum on its head, with a standpipe inside to above the water',
      job: bottomVent(0.86),
    },
    {
      why: 'an overflow that is the vent as well',
      job: tankWith({ holes: [{ ...OVERFLOW, roles: ['overflow', 'vent'] }] }),
    },
  ],
  found: [
    {
      why: 'below the overflow',
      job: tankWith({ holes: [OVERFLOW, { roles: ['vent'], heightM: 0.7, aroundM: 1.2 }] }),
      findings: [{ title: 'Vent under water', at: 'P2', text: '27-9/16 in' }],
      fixSettles: false,
    },
    {
      why: 'pushed so far down through the top that it stands in the water',
      job: tankWith({ holes: [OVERFLOW, tail(0.3)] }),
      findings: [{ title: 'Vent under water', at: 'P2', text: 'hangs down inside' }],
      fixSettles: false,
    },
    {
      why: 'in the bottom, its standpipe shorter than the water is high',
      job: bottomVent(0.5),
      findings: [{ title: 'Vent under water', at: 'P2' }],
      fixSettles: false,
    },
  ],
});
