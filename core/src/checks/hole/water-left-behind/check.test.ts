import { drumWith, linkedDrums, place, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

// 208 L to a brim at 880 mm; the 3/4 bore is 20.9 mm, so water stays to 10.5 mm under the centre.
// At 300 mm: 208 x 289.5 / 880 = 68.4 L = 18 gal (by hand).
testCheck(check, {
  clean: [
    { why: 'low on the wall', job: drumWith({ hole: { heightM: 0.09 }, parts: [{ code: 'BH-075' }] }) },
    {
      why: 'an overflow is meant to be high',
      job: drumWith({ hole: { heightM: 0.7, roles: ['overflow'] }, parts: [{ code: 'BH-075' }] }),
    },
  ],
  found: [
    // The link of 3/4 in at 220 mm, its bore 20.9 mm: 209.5 mm of 880 stay, 208 x 206 / 876.5 = 49 L over a floor of 3.5 mm.
    {
      why: 'a link at a quarter of the height, to a drum with the outlet',
      job: (() => {
        const linked = linkedDrums('BH-075', [{ code: 'NLV-075-2' }], { heightM: 0.22 });
        const low = tankWith({ holes: [{ id: 'o', heightM: 0.05, aroundM: 1.2, parts: [{ code: 'BH-075' }] }] });
        return {
          ...linked,
          penetrations: [
            ...linked.penetrations.map((hole) => ({ ...hole, heightM: 0.22 })),
            ...low.penetrations.map((hole) => ({ ...hole, label: 'P9' })),
          ],
        };
      })(),
      findings: [{ title: 'Water left behind', at: 'P1', text: 'more than with a link at its base' }],
      fixSettles: false,
    },
    {
      why: 'a third of the way up',
      job: drumWith({ hole: { heightM: 0.3 }, parts: [{ code: 'BH-075' }] }),
      findings: [{ title: 'Water left behind', at: 'P1', text: '18 gal, 68 L' }],
      fixSettles: true,
    },
    {
      // 0.5 m over the ground on which the drum stands is 380 mm above the hole at 120.
      why: 'a place above its outlet',
      job: drumWith({
        hole: { heightM: 0.12 },
        parts: [{ code: 'BH-075' }],
        terminals: [place({ id: 'trough', name: 'trough', dropM: -0.5 })],
        end: { of: 'terminal', id: 'trough' },
      }),
      findings: [{ title: 'Place above the low water', at: 'P1', text: 'trough lies 14-15/16 in above P1' }],
      fixSettles: false,
    },
    {
      // Two places on one outlet: for the lower one 230 mm stay, for the higher one 500; each is told.
      why: 'two places above one outlet',
      job: (() => {
        const two = drumWith({
          hole: { heightM: 0.12 },
          parts: [{ code: 'BH-075' }, { code: 'T-075', points: 'up' }],
          terminals: [
            place({ id: 'low', name: 'low tap', dropM: -0.23 }),
            place({ id: 'high', name: 'high tap', dropM: -0.5 }),
          ],
          end: { of: 'terminal', id: 'low' },
        });
        const [joint] = two.joints;
        const tee = two.parts.find(({ code }) => code === 'T-075');
        if (!joint || !tee) throw new Error('no tee');
        const branch = {
          ...joint,
          id: 'branch',
          a: { of: 'part' as const, id: tee.id, end: 2 },
          b: { of: 'terminal' as const, id: 'high' },
        };
        return { ...two, joints: [...two.joints, branch] };
      })(),
      findings: [
        { title: 'Place above the low water', at: 'P1', text: 'low tap lies 4-5/16 in above P1' },
        { title: 'Place above the low water', at: 'P1', text: 'high tap lies 14-15/16 in above P1' },
      ],
      fixSettles: false,
    },
  ],
});
