import { fourDrums, ring } from '../../../test/layouts';
import { testCheck } from '../../../test/test-check';
import check from './check';

const rung = ring();

testCheck(check, {
  clean: [
    { why: 'two tees in a row', job: { ...rung, joints: rung.joints.filter(({ id }) => id !== 'ring') } },
    { why: 'a manifold with a cap and four drums', job: fourDrums() },
  ],
  found: [
    {
      why: 'the branch of the first led into that of the second: once, though both sides come back',
      job: rung,
      findings: [{ title: 'Comes back on itself', at: 'P1' }],
      fixSettles: false,
    },
  ],
});
