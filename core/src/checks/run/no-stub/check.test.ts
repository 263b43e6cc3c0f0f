import { AS_ASKED } from '../../../job/job';
import { linkedDrums } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** Two drums on one manifold, whose open branch is closed by what is given. */
const manifold = (...stub: readonly { readonly code: string; readonly lengthM?: number }[]) => {
  const job = linkedDrums(
    'BS-100',
    [
      { code: 'PI-100', lengthM: 0.3 },
      { code: 'TS-100' },
      { code: 'PI-100', lengthM: 0.3 },
      { code: 'US-100' },
      { code: 'PI-100', lengthM: 0.1 },
    ],
    { size: '1' },
  );
  const [like] = job.parts;
  if (!like) throw new Error('no part');
  return {
    ...job,
    parts: [
      ...job.parts,
      ...stub.map(({ code, lengthM = null }, index) => ({ ...like, id: `s${index}`, code, lengthM })),
    ],
    joints: [
      ...job.joints,
      ...stub.map((_, index) => ({
        id: `s${index}-j`,
        a:
          index === 0
            ? ({ of: 'part', id: 'a-3', end: 2 } as const)
            : ({ of: 'part', id: `s${index - 1}`, end: 1 } as const),
        b: { of: 'part', id: `s${index}`, end: 0 } as const,
        ...AS_ASKED,
      })),
    ],
  };
};

testCheck(check, {
  clean: [
    { why: 'a capped stub of 6 in', job: manifold({ code: 'PI-100', lengthM: 0.15 }, { code: 'KS-100' }) },
    { why: 'a stub whose length is not known yet', job: manifold({ code: 'PI-100' }, { code: 'KS-100' }) },
    {
      why: 'two tanks in a plain line: no manifold',
      job: linkedDrums('BH-075', [{ code: 'NC-075' }, { code: 'U-075' }, { code: 'NC-075' }]),
    },
  ],
  found: [
    {
      why: 'the branch is used for a tap, nothing is left',
      job: manifold({ code: 'PLS-100' }),
      findings: [{ title: 'Nothing to extend from', at: 'P1', text: '2 tanks' }],
      fixSettles: false,
    },
    {
      // Three sockets of 1 in Schedule 40 at 0.875 in (ASTM D2466): 2-5/8 in.
      why: 'a stub of 2 in',
      job: manifold({ code: 'PI-100', lengthM: 0.0508 }, { code: 'KS-100' }),
      findings: [{ title: 'Stub too short', at: 'P1', text: '2-5/8 in' }],
      fixSettles: false,
    },
  ],
});
