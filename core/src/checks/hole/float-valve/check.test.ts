import { OVERFLOW, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const float = (type: string, heightM: number, shutsM: number | null = null) =>
  tankWith({ type, holes: [{ roles: ['float-fill'], heightM, aroundM: 0.5, shutsM }] });
testCheck(check, {
  clean: [
    { why: 'near the brim of a straight wall', job: float('open-drum', 0.88) },
    {
      why: 'on the top there is no slope',
      job: tankWith({
        type: 'bin',
        holes: [{ roles: ['float-fill'], face: 'top', heightM: 0.96, aroundM: 0.3, depthM: 0.3, shutsM: 0.9 }],
      }),
    },
    { why: 'on a shoulder, and said where it shuts', job: float('vertical-round', 1.15, 1.0) },
    { why: 'in a sloping wall, its arm bent: somebody has said where it shuts', job: float('bin', 0.9, 0.86) },
    {
      why: 'rain fills the rest',
      job: tankWith({
        holes: [
          { roles: ['float-fill'], heightM: 0.4 },
          { roles: ['inlet'], face: 'top', heightM: 0.93, aroundM: 0.3, depthM: 0.3 },
        ],
      }),
    },
  ],
  found: [
    // The drum is straight: shut at 420 mm of 880 mm over a floor of 3.5 mm, 460 / 876.5 = 52 % is left.
    {
      why: 'half-way up: it is moved up, since no arm shuts above its own valve',
      job: float('open-drum', 0.5),
      findings: [{ title: 'Float valve costs water', at: 'P1', text: '52 % of the tank' }],
      fixSettles: true,
    },
    {
      why: 'high up, and said to shut far down: the arm is bent',
      job: float('open-drum', 0.88, 0.5),
      findings: [{ title: 'Float valve costs water', at: 'P1' }],
      fixSettles: true,
    },
    // (620 - 500) / 2 over 930 mm of height, on an arm of 350 mm: 22.6 mm = 7/8 in; wider above, the inside looks up.
    {
      why: 'in the wall of a bin, which widens: the arm points up',
      job: float('bin', 0.92),
      findings: [{ title: 'Float valve tilts', at: 'P1', text: 'points up and it shuts 7/8 in higher' }],
      fixSettles: false,
    },
    {
      why: 'in a wall that draws in: the arm points down',
      job: tankWith({
        type: 'bin',
        tank: { diameterM: 0.5, baseDiameterM: 0.62 },
        holes: [{ roles: ['float-fill'], heightM: 0.92, aroundM: 0.5 }],
      }),
      findings: [{ title: 'Float valve tilts', at: 'P1', text: 'points down and it shuts 7/8 in lower' }],
      fixSettles: false,
    },
    {
      why: 'on the shoulder of an upright tank, which is only drawn: it is asked where it shuts',
      job: float('vertical-round', 1.15),
      findings: [{ title: 'Where it shuts is not known', at: 'P1', text: 'on the shoulder, over the brim' }],
      fixSettles: false,
    },
    {
      why: 'in the top of a bin, where an arm hangs as nobody knows',
      job: tankWith({
        type: 'bin',
        holes: [{ roles: ['float-fill'], face: 'top', heightM: 0.96, aroundM: 0.3, depthM: 0.3 }],
      }),
      findings: [{ title: 'Where it shuts is not known', at: 'P1', text: 'in the top' }],
      fixSettles: false,
    },
    {
      why: 'said to shut above its own hole',
      job: tankWith({ holes: [{ roles: ['float-fill'], heightM: 0.7, shutsM: 0.75 }, OVERFLOW] }),
      findings: [{ title: 'Float valve under water', at: 'P1', text: 'draw from the tank' }],
      fixSettles: true,
    },
    // A metre and a quarter across above 0.5: 420 mm of slope to the metre lift a float on 350 mm of arm by 147 mm.
    {
      why: 'in a wall that widens so much that its arm shuts it above itself',
      job: tankWith({
        type: 'own-tapered',
        tank: { diameterM: 1.3, baseDiameterM: 0.5 },
        holes: [{ roles: ['float-fill'], heightM: 0.85, aroundM: 0.5 }],
      }),
      findings: [
        { title: 'Float valve under water', at: 'P1' },
        { title: 'Float valve tilts', at: 'P1', text: 'higher' },
      ],
      fixSettles: true,
    },
  ],
});
