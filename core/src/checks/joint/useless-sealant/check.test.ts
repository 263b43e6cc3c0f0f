import type { Medium } from '../../../connections/mating';
import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const outlet = drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }, { code: 'HS-075063' }] });
const madeWith = (id: string, media: readonly Medium[]) => ({
  ...outlet,
  joints: outlet.joints.map((joint) => (joint.id === id ? { ...joint, madeWith: media } : joint)),
});

testCheck(check, {
  clean: [
    { why: 'made as it asks', job: outlet },
    { why: 'exactly what it asks', job: madeWith('h-j3', ['washer']) },
    { why: 'something is missing: that is another check', job: madeWith('h-j3', ['tape']) },
  ],
  found: [
    {
      why: 'tape besides the washer of a hose nut',
      job: madeWith('h-j3', ['washer', 'tape']),
      findings: [
        {
          title: 'Does nothing there',
          at: 'P1 J3',
          text: 'Tape on this joint does nothing: it holds with its washer.',
        },
      ],
      fixSettles: true,
    },
  ],
});
