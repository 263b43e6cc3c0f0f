import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** Fourteen threads to the inch on both, 60 degrees against 55 (ASME B1.20.1, ISO 228-1). */
const crossed = drumWith({ parts: [{ code: 'WBG-075' }, { code: 'NC-075' }] });
testCheck(check, {
  clean: [
    {
      why: 'the right hose',
      job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 3 }] }),
    },
  ],
  found: [
    {
      why: 'an American nipple in a G socket',
      job: crossed,
      findings: [{ title: 'Fits, not rated', at: 'P1 J2' }],
      fixSettles: false,
    },
  ],
});
