import { dropPipe, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const buried = (
  ...parts: readonly { readonly code: string; readonly lengthM?: number; readonly existing?: boolean }[]
) =>
  tankWith({
    type: 'vertical-round',
    tank: { buriedM: 1.2 },
    holes: [{ id: 'h', size: '1', heightM: 0.4, parts: [{ code: 'BH-100' }, ...parts] }],
  });

testCheck(check, {
  clean: [
    {
      why: 'brass that hangs in the water of a buried tank',
      job: tankWith({
        type: 'buried',
        holes: [
          {
            id: 'h',
            roles: ['pump-line'],
            size: '3/4',
            face: 'top',
            heightM: 1.6,
            aroundM: 0.8,
            depthM: 0.8,
            parts: [...dropPipe('075', 'AF'), { code: 'NCG-075' }],
          },
        ],
      }),
    },
    { why: 'PVC in the ground', job: buried({ code: 'NLV8-100-4' }) },
    {
      why: 'above the ground',
      job: tankWith({ holes: [{ id: 'h', parts: [{ code: 'BH-075' }, { code: 'NCG-075' }] }] }),
    },
    {
      why: 'it lies there already',
      job: buried({ code: 'HB-100', existing: true }, { code: 'HO-100', lengthM: 3, existing: true }),
    },
  ],
  found: [
    {
      why: 'hose below the ground',
      job: buried({ code: 'HB-100' }, { code: 'HO-100', lengthM: 3 }),
      findings: [
        { title: 'Not for the ground', at: 'P1', text: 'is wrapped' },
        { title: 'Not for the ground', at: 'P1', text: 'Reinforced hose is not for burial' },
      ],
      fixSettles: false,
    },
  ],
});
