import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const roof = (material: string | null) => tankWith({ roof: { material } });

testCheck(check, {
  clean: [
    { why: 'coated metal', job: roof('metal') },
    { why: 'nobody has said', job: roof(null) },
  ],
  found: [
    {
      why: 'asbestos cement',
      job: roof('asbestos'),
      findings: [{ title: 'Not from this roof', at: 'shed', text: 'fibres' }],
      fixSettles: false,
    },
    {
      why: 'a planted roof',
      job: roof('green'),
      findings: [{ title: 'With care', at: 'shed', text: 'planted roof' }],
      fixSettles: false,
    },
  ],
});
