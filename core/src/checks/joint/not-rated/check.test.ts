import { applyEdits } from '../../../edits/edits';
import { shippedCatalogue } from '../../../fittings/catalogue';
import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const forced = drumWith({ parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-063', lengthM: 3 }] });
const accepted = applyEdits(
  forced,
  [
    {
      type: 'change-field',
      in: 'joints',
      id: 'h-j3',
      field: 'accepted',
      from: null,
      to: { by: 'you', on: '2026-11-25' },
    },
  ],
  shippedCatalogue,
);
if (!accepted.ok) throw new Error(accepted.error.message);

testCheck(check, {
  clean: [
    {
      why: 'the right hose',
      job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 3 }] }),
    },
    { why: 'accepted by name', job: accepted.value.job },
  ],
  found: [
    {
      why: 'a 5/8 hose forced on a 3/4 tail',
      job: forced,
      findings: [{ title: 'Fits, not rated', at: 'P1, J3' }],
      fixSettles: false,
    },
  ],
});
