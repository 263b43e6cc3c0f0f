import { applyEdits } from '../../../edits/edits';
import { shippedCatalogue } from '../../../fittings/catalogue';
import type { Job } from '../../../job/job';
import { newPart } from '../../../job/new-part';
import type { DemoPart } from '../../../edits/build-job';
import { OVERFLOW, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const START: readonly DemoPart[] = [{ code: 'BH-050' }, { code: 'AM-050' }, { code: 'PI-050', lengthM: 0.1 }];
const base = {
  id: 's',
  roles: ['sight-tube' as const],
  size: '1/2' as const,
  heightM: 0.12,
  aroundM: 0.9,
  parts: [...START, { code: 'ES-050', points: 'up' as const }],
};
const tube = (lengthM: number, top: readonly DemoPart[] = []) =>
  tankWith({ holes: [{ ...base, parts: [...base.parts, { code: 'CP-050', lengthM }, ...top] }, OVERFLOW] });

/** A tee on an outlet, its branch upward with a tube on it; straight on a line to a tap. */
const teed = (lengthM: number): Job => {
  const outlet = tankWith({
    holes: [
      {
        ...base,
        roles: ['draw-off', 'sight-tube'],
        parts: [...START, { code: 'TS-050', points: 'up' }, ...START.slice(2), { code: 'AM-050', inEnd: 1 }],
      },
      OVERFLOW,
    ],
  });
  const edited = applyEdits(
    outlet,
    [
      {
        type: 'add-part',
        part: newPart('tube', 'CP-050', { lengthM }),
        at: { of: 'part', id: 's-4', end: 2 },
        partEnd: 0,
        jointId: 'branch',
      },
    ],
    shippedCatalogue,
  );
  if (!edited.ok) throw new Error(edited.error.message);
  return edited.value.job;
};

testCheck(check, {
  clean: [
    { why: 'two inches over the overflow, open', job: tube(0.75) },
    { why: 'a cap that is only set over it', job: tube(0.75, [{ code: 'SL-050' }]) },
    { why: 'not begun', job: tankWith({ holes: [{ roles: ['sight-tube'] }] }) },
    { why: 'on the branch of an outlet, long enough', job: teed(0.75) },
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
      fixSettles: true,
    },
    {
      why: 'on the branch of an outlet, too short',
      job: teed(0.5),
      findings: [{ title: 'Sight tube too short', at: 'P1', text: 'it needs 32-11/16 in' }],
      fixSettles: true,
    },
    {
      why: 'long enough, and straight out of the wall',
      job: tankWith({
        holes: [{ ...base, parts: [...START.slice(0, 2), { code: 'CP-050', lengthM: 1 }] }, OVERFLOW],
      }),
      findings: [{ title: 'Sight tube lies level', at: 'P1', text: 'runs out' }],
      fixSettles: false,
    },
    {
      why: 'its cap glued on',
      job: tube(0.75, [{ code: 'KS-050' }]),
      findings: [{ title: 'Sight tube closed', at: 'P1' }],
      fixSettles: true,
    },
  ],
});
