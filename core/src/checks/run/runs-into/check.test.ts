import { shippedCatalogue } from '../../../fittings/catalogue';
import { contextInSpace } from '../../../plan/context-in-space';
import { twoDrums, withPart } from '../../../test/layouts';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** Out of a drum by a nipple, round an elbow that points there, and on by so much pipe. */
const roundABend = (points: 'down' | 'back' | null, lengthM: number | null = 0.4) =>
  tankWith({
    holes: [
      {
        id: 'a',
        heightM: 0.5,
        parts: [
          { code: 'BS-100' },
          { code: 'PI-100', lengthM: 0.12 },
          { code: 'ES-100', points: 'left' },
          { code: 'PI-100', lengthM: 0.06 },
          { code: 'ES-100', points },
          { code: 'PI-100', lengthM },
        ],
        size: '1',
      },
    ],
  });

testCheck(check, {
  clean: [
    { why: 'down beside the wall', job: roundABend('down') },
    { why: 'nobody has said which way the bend points', job: roundABend(null) },
    { why: 'the length is not known', job: roundABend('back', null) },
    { why: 'two drums linked under their stand', job: twoDrums() },
  ],
  found: [
    {
      why: 'back through its own wall',
      job: roundABend('back'),
      findings: [{ title: 'Runs into a tank', at: 'P1', text: 'where T1 is' }],
      fixSettles: false,
    },
    {
      why: 'up too far into the other drum',
      job: contextInSpace(withPart(twoDrums(), 'A4', { lengthM: 0.4 }), shippedCatalogue).job,
      findings: [{ title: 'Runs into a tank', at: 'P1', text: 'where T2 is' }],
      fixSettles: false,
    },
  ],
});
