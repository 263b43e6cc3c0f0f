import { drumWith, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const valve = (code: string, held = false) => [{ code: 'BH-200' }, { code: 'NC-200' }, { code, held }] as const;

testCheck(check, {
  clean: [
    { why: 'a small one', job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }] }) },
    { why: 'it stands on a block', job: drumWith({ hole: { size: '2' }, parts: valve('LV-200', true) }) },
    {
      why: 'plastic',
      job: drumWith({
        hole: { size: '2' },
        parts: [{ code: 'BS-200' }, { code: 'PI-200', lengthM: 0.2 }, { code: 'VS-200' }],
      }),
    },
    {
      why: 'a thick wall',
      job: tankWith({ type: 'concrete', holes: [{ id: 'h', size: '2', heightM: 0.5, parts: valve('LV-200') }] }),
    },
  ],
  found: [
    {
      why: 'a 2 in brass valve on a drum',
      job: drumWith({ hole: { size: '2' }, parts: valve('LV-200') }),
      findings: [{ title: 'Heavy valve on a thin wall', at: 'P1', text: 'Lever valve' }],
      fixSettles: true,
    },
    {
      why: 'on the pipe in a gasket',
      job: drumWith({
        hole: { size: '1-1/2' },
        parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 0.2 }, { code: 'AM-150', inEnd: 1 }, { code: 'LV-150' }],
      }),
      findings: [{ title: 'Heavy valve on a gasket', at: 'P1', text: 'holds no weight' }],
      fixSettles: true,
    },
  ],
});
