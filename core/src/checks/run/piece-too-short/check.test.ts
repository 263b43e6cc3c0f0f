import { movedBy, twoDrums } from '../../../test/layouts';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [{ why: 'as long as it should be', job: twoDrums() }],
  found: [
    {
      // A3 of 276.4 mm less 250 are 26.4, 1-1/16 in; two 3/4 in Schedule 40 sockets take 2 x 0.719 in (ASTM D2466).
      why: 'the drums 250 mm nearer',
      job: movedBy(twoDrums(), 't2', -0.25),
      findings: [{ title: 'No room for a piece', at: 'P1', text: '1-1/16 in long; 1-7/16 in' }],
      fixSettles: false,
    },
    {
      why: 'the drums 300 mm nearer: less than nothing is left',
      job: movedBy(twoDrums(), 't2', -0.3),
      findings: [{ title: 'No room for a piece', at: 'P1' }],
      fixSettles: false,
    },
  ],
});
