import type { Medium } from '../../../connections/mating';
import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const outlet = drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }, { code: 'HS-075063' }] });
const drain = drumWith({ hole: { size: '4' }, parts: [{ code: 'PG-400' }, { code: 'PI-400', lengthM: 1 }] });
const madeWith = (job: typeof outlet, id: string, madeOf: readonly Medium[]) => ({
  ...job,
  joints: job.joints.map((joint) => (joint.id === id ? { ...joint, madeWith: madeOf } : joint)),
});

testCheck(check, {
  clean: [
    { why: 'nobody has said anything: it is made as it asks', job: outlet },
    { why: 'the hose nut has its washer', job: madeWith(outlet, 'h-j3', ['washer']) },
  ],
  found: [
    {
      why: 'made for now, to come apart: pipe pushed in without its cement',
      job: {
        ...madeWith(outlet, 'h-j3', []),
        joints: madeWith(outlet, 'h-j3', []).joints.map((joint) => ({ ...joint, forNow: true })),
      },
      findings: [{ title: 'Made for now', at: 'P1 J3', text: 'before it is under pressure' }],
      fixSettles: true,
    },
    {
      why: 'tape on a hose thread whose washer is missing',
      job: madeWith(outlet, 'h-j3', ['tape']),
      findings: [{ title: 'Starts, then leaks', at: 'P1 J3', text: 'Tape on this joint does nothing' }],
      fixSettles: true,
    },
    {
      why: 'a taper thread without tape',
      job: madeWith(outlet, 'h-j2', []),
      findings: [{ title: 'Starts, then leaks', at: 'P1 J2', text: 'tape' }],
      fixSettles: true,
    },
    {
      why: 'a pipe pushed dry through its gasket: it goes, nobody rates it',
      job: madeWith(drain, 'h-j2', []),
      findings: [{ title: 'Fits, not rated', at: 'P1 J2', text: 'lubricant' }],
      fixSettles: true,
    },
  ],
});
