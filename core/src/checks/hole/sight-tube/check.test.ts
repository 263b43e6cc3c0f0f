import type { DemoPart } from '../../../demo/build-job';
import { OVERFLOW, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const base = {
  id: 's',
  roles: ['sight-tube' as const],
  size: '1/2' as const,
  heightM: 0.12,
  aroundM: 0.9,
  parts: [{ code: 'BH-050' }, { code: 'AM-050' }],
};
const tube = (lengthM: number, top: readonly DemoPart[] = []) =>
  tankWith({ holes: [{ ...base, parts: [...base.parts, { code: 'CP-050', lengthM }, ...top] }, OVERFLOW] });
testCheck(check, {
  clean: [
    { why: 'two inches over the overflow, open', job: tube(0.75) },
    { why: 'not begun', job: tankWith({ holes: [{ roles: ['sight-tube'] }] }) },
    {
      why: 'led back into the tank above the water',
      job: tankWith({
        holes: [
          { id: 'top', roles: ['sight-tube'], label: 'P1', size: '1/2', heightM: 0.85, aroundM: 0.9 },
          {
            ...base,
            label: 'P1',
            parts: [
              ...base.parts,
              { code: 'CP-050', lengthM: 0.7 },
              { code: 'AM-050', inEnd: 1 },
              { code: 'BH-050', inEnd: 1 },
            ],
            end: { of: 'hole', id: 'top' },
          },
          OVERFLOW,
        ],
      }),
    },
  ],
  found: [
    // The overflow of 1-1/2 in at 800 mm: bore 1.61 in, so water stands to 779.6 mm; 50 mm more are 829.6 mm = 32-11/16 in.
    {
      why: 'shorter than the water is high',
      job: tube(0.5),
      findings: [{ title: 'Sight tube too short', at: 'P1', text: 'it needs 32-11/16 in' }],
      fixSettles: false,
    },
    {
      why: 'its cap glued on',
      job: tube(0.75, [{ code: 'KS-050' }]),
      findings: [{ title: 'Sight tube closed', at: 'P1' }],
      fixSettles: false,
    },
  ],
});
