import { linkedDrums, tankWith, place } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const link = (...codes: readonly string[]) =>
  linkedDrums(
    'BH-075',
    codes.map((code) => ({ code })),
  );
const toPlace = (offers: string) =>
  tankWith({
    terminals: [place({ id: 'wall', name: 'house wall', offers })],
    holes: [
      {
        id: 'a',
        parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }, { code: 'NC-075' }],
        end: { of: 'terminal', id: 'wall' },
      },
    ],
  });

testCheck(check, {
  clean: [
    { why: 'a union between', job: link('NC-075', 'U-075', 'NC-075') },
    { why: 'what it ends on turns', job: toPlace('3/4 NH F swivel') },
  ],
  found: [
    {
      why: 'a long nipple between two bulkheads',
      job: link('NL-075-4'),
      findings: [{ title: 'Cannot be closed', at: 'P1 J3', text: 'From P1 to T1' }],
      fixSettles: true,
    },
    {
      why: 'a thread in the wall of a house',
      job: toPlace('3/4 NPT F'),
      findings: [{ title: 'Cannot be closed', at: 'P1 J5', text: 'to house wall' }],
      fixSettles: true,
    },
  ],
});
