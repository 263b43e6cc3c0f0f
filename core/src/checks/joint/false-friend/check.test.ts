import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const outlet = [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }] as const;

testCheck(check, {
  clean: [
    { why: 'nipple into valve, the designed taper joint', job: drumWith({ parts: outlet }) },
    {
      why: 'a tap and its hose swivel',
      job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }, { code: 'HS-075063' }] }),
    },
  ],
  found: [
    {
      why: 'a hose swivel on a pipe nipple: same name, other thread',
      job: drumWith({ parts: [...outlet, { code: 'NH-075' }, { code: 'HS-075100' }] }),
      findings: [{ title: 'Starts, then leaks', at: 'P1 J5', text: '14 against 11-1/2' }],
      fixSettles: true,
    },
    {
      why: 'a nipple of another size',
      job: drumWith({ parts: [...outlet, { code: 'NC-050' }] }),
      findings: [{ title: 'Will not go', at: 'P1 J4' }],
      fixSettles: true,
    },
    {
      // No solvent cement bonds polyethylene (common practice).
      why: 'unlike plastics glued: PVC pipe in the moulded socket of a polyethylene drum',
      job: drumWith({
        hole: { size: '1', port: '1 IPS socket' },
        parts: [{ code: 'PI-100', lengthM: 0.3 }, { code: 'KS-100' }],
      }),
      findings: [{ title: 'Starts, then leaks', at: 'P1 J1', text: 'cement' }],
      fixSettles: false,
    },
    {
      // Sewer pipe of 4 in is 4.215 in outside (ASTM D3034), Schedule 40 4.500 in (ASTM D1785).
      why: 'pipe series mixed: sewer pipe in a Schedule 40 socket',
      job: drumWith({ hole: { size: '4' }, parts: [{ code: 'BS-400' }, { code: 'PIW-400', lengthM: 0.5 }] }),
      findings: [{ title: 'Will not go', at: 'P1 J2', text: 'mm' }],
      fixSettles: true,
    },
  ],
});
