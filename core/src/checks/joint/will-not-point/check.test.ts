import { drumWith, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const tap = (points: 'down' | null, existing = false) =>
  drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M', points, existing }] });

testCheck(check, {
  clean: [
    { why: 'nobody has said where it shall point', job: tap(null) },
    { why: 'it stands already', job: tap('down', true) },
    {
      why: 'metal in metal: a whole turn of choice',
      job: drumWith({
        parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }, { code: 'EM-075', points: 'down' }],
      }),
    },
    {
      why: 'glued: turned before it sets',
      job: drumWith({
        hole: { size: '1' },
        parts: [{ code: 'BS-100' }, { code: 'PI-100', lengthM: 0.5 }, { code: 'ES-100', points: 'left' }],
      }),
    },
  ],
  found: [
    {
      why: 'a metal tap in plastic has half a turn past hand tight',
      job: tap('down'),
      findings: [{ title: 'May not point there', at: 'P1 J2', text: '180 degrees' }],
      fixSettles: false,
    },
    {
      why: 'a straight thread stops where it stops',
      job: tankWith({ holes: [{ id: 'h', size: '1', port: '1 G M', parts: [{ code: 'EBB-100', points: 'down' }] }] }),
      findings: [{ title: 'Points where it stops', at: 'P1 J1', text: 'an end that turns' }],
      fixSettles: false,
    },
  ],
});
