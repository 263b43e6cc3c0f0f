import { belowGround, newMark } from '../../../job/places';
import type { Mark } from '../../../job/job';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const read = (...ups: readonly number[]) => tankWith({ roof: { readings: ups.flatMap((up) => belowGround(-up)) } });
const marks = (...given: readonly Mark[]) => ({ ...tankWith({}), marks: given });
const from = (id: string) => [{ from: { of: 'mark', id }, by: 'laser', downM: 1 }] as const;

testCheck(check, {
  clean: [
    { why: 'nothing read', job: read() },
    { why: 'one reading', job: read(2.4) },
    { why: 'two that agree to 20 mm', job: read(2.4, 2.42) },
  ],
  found: [
    {
      // 100 mm are 3-15/16 in.
      why: 'two that are 100 mm apart',
      job: read(2.4, 2.3),
      findings: [{ title: 'Readings apart', at: 'shed', text: '3-15/16 in apart' }],
      fixSettles: false,
    },
    {
      why: 'one of three is far off',
      job: read(2.4, 2.9, 2.41),
      findings: [{ title: 'A blunder', at: 'shed', text: 'Reading 2' }],
      fixSettles: true,
    },
    {
      why: 'two marks that were read from one another',
      job: marks(
        newMark({ id: 'a', name: 'nail', readings: from('b') }),
        newMark({ id: 'b', name: 'stake', readings: from('a') }),
      ),
      findings: [
        { title: 'Read in a circle', at: 'nail' },
        { title: 'Read in a circle', at: 'stake' },
      ],
      fixSettles: false,
    },
    {
      why: 'from a nail that nobody has read',
      job: marks(newMark({ id: 'a', name: 'nail' }), newMark({ id: 'b', name: 'stake', readings: from('a') })),
      findings: [{ title: 'Read from nothing known', at: 'stake', text: 'read from nail' }],
      fixSettles: false,
    },
  ],
});
