import type { Penetration } from '../../../job/job';
import { OVERFLOW, TOP_INLET, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** A drum with an overflow 0.8 m up and a hole in which something else is. */
const closedBy = (hole: Partial<Penetration>) =>
  tankWith({ holes: [{ id: 'h', roles: ['spare'], heightM: 0.3, ...hole }, OVERFLOW] });

testCheck(check, {
  clean: [
    { why: 'nothing said', job: closedBy({}) },
    { why: 'a cap over a hole in the top', job: closedBy({ ...TOP_INLET, ownSeal: 'cap' }) },
    { why: 'it stands and works', job: closedBy({ ownSeal: 'silicone', stands: true }) },
    {
      why: 'a listed seal stands in it after all',
      job: tankWith({ holes: [{ id: 'h', ownSeal: 'silicone', parts: [{ code: 'BH-075' }] }, OVERFLOW] }),
    },
  ],
  found: [
    {
      why: 'a pipe loosely through a hole below the water',
      job: closedBy({ ownSeal: 'loose-pipe' }),
      findings: [{ title: 'Water leaves by it', at: 'P1', text: 'a pipe loosely through it' }],
      fixSettles: true,
    },
    {
      why: 'a pipe loosely through an inlet below the water: it lets out as well as in',
      job: closedBy({ roles: ['inlet'], ownSeal: 'loose-pipe' }),
      findings: [{ title: 'Water leaves by it', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'silicone below the water',
      job: closedBy({ ownSeal: 'silicone' }),
      findings: [{ title: 'Nobody rates that seal', at: 'P1', text: 'no figure says that it holds' }],
      fixSettles: true,
    },
    {
      why: 'a notch in the rim',
      job: closedBy({ ownSeal: 'notch', heightM: 0.85 }),
      findings: [{ title: 'Insects get in', at: 'P1', text: 'a notch in the rim' }],
      fixSettles: false,
    },
    {
      why: 'silicone round an inlet in the top',
      job: closedBy({ ...TOP_INLET, ownSeal: 'silicone' }),
      findings: [{ title: 'Nobody rates that seal', at: 'P1', text: 'above the water' }],
      fixSettles: false,
    },
    {
      why: 'something else, and nobody says what',
      job: closedBy({ ownSeal: 'other' }),
      findings: [{ title: 'What is in it?', at: 'P1' }],
      fixSettles: false,
    },
    {
      why: 'something else in words',
      job: closedBy({ ownSeal: 'other', ownSealWords: 'a jar lid and putty' }),
      findings: [{ title: 'Nobody rates that seal', at: 'P1', text: 'a jar lid and putty' }],
      fixSettles: true,
    },
  ],
});
