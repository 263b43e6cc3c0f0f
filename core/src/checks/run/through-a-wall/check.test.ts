import { measured, twoDrums, withWall } from '../../../test/layouts';
import { shippedCatalogue } from '../../../fittings/catalogue';
import { contextInSpace } from '../../../plan/context-in-space';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** With the lengths that follow from the places of drums and tap. */
const walled = (...given: Parameters<typeof withWall>) => contextInSpace(withWall(...given), shippedCatalogue).job;

testCheck(check, {
  clean: [
    { why: 'no wall', job: twoDrums() },
    { why: 'it ends before the line', job: walled(measured(-2, -0.25), measured(0.2, -0.25)) },
    { why: 'the link lies beside it, clear of it', job: walled(measured(-2, -0.19), measured(2, -0.19)) },
    { why: 'the line ends at it', job: walled(measured(-2, -0.36), measured(2, -0.36)) },
    {
      why: 'its thickness is said: the sleeve is on the list',
      job: walled(measured(-2, -0.25), measured(2, -0.25), 0.2),
    },
    {
      why: 'it is only drawn',
      job: walled({ by: 'rough', xM: -2, yM: -0.25 }, { by: 'rough', xM: 2, yM: -0.25 }),
    },
  ],
  found: [
    {
      why: 'a wall between drums and tap',
      job: walled(measured(-2, -0.25), measured(2, -0.25)),
      findings: [{ title: 'Through a wall?', at: 'P1', text: 'from west corner to east corner' }],
      fixSettles: false,
    },
    {
      why: 'a wall between the drums, which their link goes through: no place has the field',
      job: walled(measured(0.305 + 0.1, -2), measured(0.305 + 0.1, 2)),
      findings: [{ title: 'Through a wall?', at: 'P1', text: 'by hand' }],
      fixSettles: false,
    },
    {
      why: 'the link lies along a wall, 2 mm off and 13 mm wide to that side',
      job: walled(measured(-2, -0.213), measured(2, -0.213)),
      findings: [{ title: 'In the wall?', at: 'P1', text: 'nearer to it than half its own width' }],
      fixSettles: false,
    },
  ],
});
