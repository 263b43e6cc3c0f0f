import { drumWith, linkedDrums } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const TAIL = [{ code: 'HB-075' }, { code: 'HO-075', lengthM: 3 }] as const;
const link = (...codes: readonly string[]) =>
  linkedDrums(
    'BH-075',
    codes.map((code) => ({ code })),
  );

testCheck(check, {
  clean: [
    {
      why: 'a valve behind the nipple',
      job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }, ...TAIL] }),
    },
    { why: 'a tap shuts', job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] }) },
    { why: 'an overflow wants none', job: drumWith({}) },
    { why: 'above the water', job: drumWith({ hole: { heightM: 0.85 }, parts: [{ code: 'BH-075' }, ...TAIL] }) },
    { why: 'a valve in the link', job: link('NC-075', 'LV-075', 'NC-075', 'U-075', 'NC-075') },
  ],
  found: [
    {
      why: 'hose straight from the tank',
      job: drumWith({ parts: [{ code: 'BH-075' }, ...TAIL] }),
      findings: [{ title: 'No valve at the tank', at: 'P1', text: 'before its end' }],
      fixSettles: false,
    },
    {
      why: 'the valve comes after the branch',
      job: drumWith({
        parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'TV-075' }, { code: 'NC-075' }, { code: 'LV-075' }],
      }),
      findings: [{ title: 'No valve at the tank', at: 'P1', text: 'before its branch' }],
      fixSettles: false,
    },
    {
      why: 'a link of pipe alone',
      job: link('NC-075', 'U-075', 'NC-075'),
      findings: [{ title: 'No valve in the link', at: 'P1', text: 'Nothing parts T2 from T1' }],
      fixSettles: false,
    },
  ],
});
