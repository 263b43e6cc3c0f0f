import { type SampleHole, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const PARTS = [{ code: 'BH-075' }, { code: 'NL-075-4' }, { code: 'BH-075', inEnd: 1 }] as const;

/** From the outlet of a drum to an opening of another that stands so much higher. */
const line = (upM: number, into: SampleHole['roles'], parts: NonNullable<SampleHole['parts']> = PARTS) =>
  tankWith({
    others: [{ id: 't2', type: 'open-drum', plinthM: upM }],
    holes: [
      { id: 'b', tankId: 't2', size: '3/4', heightM: 0.7, ...(into ? { roles: into } : {}) },
      { id: 'a', roles: ['draw-off'], size: '3/4', heightM: 0.1, parts, end: { of: 'hole', id: 'b' } },
    ],
  });

testCheck(check, {
  clean: [
    { why: 'the other stands beside it: full, it comes so high', job: line(0, ['inlet']) },
    { why: 'a link goes both ways', job: line(3, ['link']) },
  ],
  found: [
    {
      why: 'the other stands three metres higher',
      job: line(3, ['inlet']),
      // By hand: 3 m up and 0.7 less half of the bore, against a drum that is full at its brim of 0.88 m.
      findings: [{ title: 'Water does not climb', at: 'P2', text: 'T2 takes it in' }],
      fixSettles: false,
    },
  ],
});
