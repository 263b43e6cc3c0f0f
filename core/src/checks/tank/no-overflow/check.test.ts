import { expect, test } from 'vitest';
import { contextOf } from '../../../derived/context';
import { applyEdits } from '../../../edits/edits';
import { shippedCatalogue } from '../../../fittings/catalogue';
import { plan } from '../../../plan/plan';
import { fillText } from '../../../quantity/values';
import { runChecks } from '../../run-checks';
import { ternPoint } from '../../../demo/tern-point';
import { TOP_INLET, drumWith, filledByDiverter, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const job = ternPoint();
const unlinked = { ...job, joints: job.joints.filter(({ id }) => id !== 'p3-j5') };

testCheck(check, {
  clean: [
    {
      why: 'filled by a diverter that stands below the brim: the rest falls on down the pipe',
      job: filledByDiverter(0.8, 0),
    },
    {
      why: 'a grate in the lid lets surplus out',
      job: tankWith({ holes: [{ ...TOP_INLET, size: '4', parts: [{ code: 'WDG-400' }] }] }),
    },
    { why: 'a tub that may run over', job: tankWith({ tank: { mayRunOver: true } }) },
    { why: 'it has one', job: drumWith({}) },
    {
      why: 'a dry chamber in which a pump stands',
      job: tankWith({
        holes: [0.3, 0.6].map((heightM) => ({ roles: ['pump-line'], size: '1', heightM, parts: [{ code: 'BH-100' }] })),
      }),
    },
    { why: 'it stands and works', job: tankWith({ tank: { stands: true }, holes: [{}] }) },
    { why: 'the tank it is linked to has one', job },
  ],
  found: [
    {
      why: 'a diverter that nobody knows to stop below the brim',
      job: filledByDiverter(0.8, null),
      findings: [{ title: 'No overflow', at: 'T1' }],
      fixSettles: true,
    },
    {
      why: 'none at all',
      job: drumWith({ overflow: false }),
      findings: [{ title: 'No overflow', at: 'T1', text: 'T1 has no overflow' }],
      fixSettles: true,
    },
    {
      why: 'the link to the one that has is cut',
      job: unlinked,
      findings: [{ title: 'No overflow', at: 'T2' }],
      fixSettles: true,
    },
  ],
});

// The bars of this crate leave 122 mm; a gasket for 110 mm pipe covers 136. Two of 75 mm have 2 x 75^2 / 110^2 = 93 % of its area.
test('where the bars leave no room for one as large as the inlet, two smaller ones are put between them', () => {
  const crate = tankWith({
    type: 'crate-eu',
    settings: { region: 'EU', measures: 'mm-l' },
    holes: [{ ...TOP_INLET, size: '110' }],
  });
  const context = contextOf(crate, shippedCatalogue);
  const [fix] = runChecks(context, [check])[0]?.fixes ?? [];
  expect(fix && fillText(fix.text, fix.data, 'mm-l')).toMatch(
    /^Add 2 overflows of 75 mm at \d+ mm: Push-through gasket .*; no single one as large goes there$/,
  );
  const edited = applyEdits(crate, fix?.edits ?? [], shippedCatalogue);
  if (!edited.ok) throw new Error(edited.error.message);
  const { findings } = plan(edited.value.job);
  expect(findings.filter(({ check: id }) => /no-overflow|no-drill|too-near|too-small|too-high/.test(id))).toEqual([]);
});
