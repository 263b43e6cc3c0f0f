import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [{ why: 'plastic in plastic', job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'NCV-075' }] }) }],
  found: [
    {
      why: 'brass with galvanised steel, and stainless in stainless',
      job: drumWith({
        parts: ['BH-075', 'NCV-075', 'LV-075', 'NCG-075', 'LVN-075', 'NCN-075'].map((code) => ({ code })),
      }),
      findings: [
        { title: 'Mind the materials', at: 'P1 J4', text: 'corrodes' },
        { title: 'Mind the materials', at: 'P1 J6', text: 'galls' },
      ],
      fixSettles: false,
    },
    {
      why: 'a brass nipple in a plastic bulkhead',
      job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'NC-075' }] }),
      findings: [{ title: 'Mind the materials', at: 'P1 J2', text: 'wedge' }],
      fixSettles: false,
    },
    {
      why: 'the same twice is said once, with both places',
      job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'VT-075' }, { code: 'NC-075' }] }),
      findings: [{ title: 'Mind the materials', at: 'P1 J2', text: 'The same at P1 J3' }],
      fixSettles: false,
    },
  ],
});
