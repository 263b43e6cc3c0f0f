import { BY_FIRST_FLUSH, TOP_INLET, tankWith } from '../../../test/sample-jobs';
import { newPart } from '../../../job/new-part';
import { AS_ASKED, type Job } from '../../../job/job';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** A first flush in the way up; its chamber hangs from the branch and ends in what is said. */
function flush(chamberM: number | null, foot: string | null, roofM2 = 4): Job {
  const job = tankWith({
    roofM2,
    holes: [{ ...TOP_INLET, parts: BY_FIRST_FLUSH }],
  });
  const joint = (id: string, a: readonly [string, number], b: readonly [string, number]) => ({
    id,
    a: { of: 'part', id: a[0], end: a[1] } as const,
    b: { of: 'part', id: b[0], end: b[1] } as const,
    ...AS_ASKED,
  });
  return {
    ...job,
    parts: [
      ...job.parts,
      newPart('chamber', 'DPG-300', { lengthM: chamberM }),
      ...(foot === null ? [] : [newPart('foot', foot)]),
    ],
    joints: [
      ...job.joints,
      joint('cj', ['i-3', 2], ['chamber', 0]),
      ...(foot === null ? [] : [joint('fj', ['chamber', 1], ['foot', 0])]),
    ],
  };
}

testCheck(check, {
  clean: [
    // 3 in downpipe of 73 mm bore holds 4.19 L to the metre: 0.6 m are 2.5 L, over 4 m2 0.63 mm (geometry).
    { why: 'a shoe at its foot lets it run out', job: flush(0.6, 'DSG-300') },
    { why: 'its length is not known', job: flush(null, null) },
  ],
  found: [
    {
      why: 'nothing at its foot lets it out',
      job: flush(0.6, null),
      findings: [{ title: 'First flush without drain', at: 'P1' }],
      fixSettles: false,
    },
    {
      why: 'small for its roof',
      job: flush(0.3, 'DSG-300'),
      // 1.26 L over 4 m2.
      findings: [{ title: 'First flush small', at: 'P1', text: '0.31 L to the m2' }],
      fixSettles: true,
    },
    {
      why: 'far too small',
      job: flush(0.3, 'DSG-300', 60),
      findings: [{ title: 'First flush small', at: 'P1' }],
      fixSettles: false,
    },
  ],
});
