import { type SampleHole, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const upright = (hole: SampleHole) =>
  tankWith({
    type: 'vertical-round',
    holes: [{ heightM: 0.2, aroundM: 1.5, drawnIn: false, parts: [{ code: 'BH-075' }], ...hole }],
  });
testCheck(check, {
  clean: [
    { why: 'drawn in on a cord', job: upright({ drawnIn: true }) },
    { why: 'a gasket needs nobody inside', job: upright({ parts: [{ code: 'PG-075' }] }) },
    {
      why: 'within an arm of the open top',
      job: tankWith({ holes: [{ heightM: 0.5, drawnIn: false, parts: [{ code: 'BH-075' }] }] }),
    },
    {
      why: 'a longer arm',
      job: tankWith({ settings: { armM: 0.9 }, holes: [{ drawnIn: false, parts: [{ code: 'BH-075' }] }] }),
    },
  ],
  found: [
    {
      why: 'low in an upright tank',
      job: upright({}),
      findings: [
        { title: 'No hand inside', at: 'P1', text: 'an arm reaches 27-9/16 in. It may be drawn in on a cord' },
      ],
      fixSettles: true,
    },
    {
      why: 'a drum with two bungs: nothing passes, not even the fitting',
      job: tankWith({ type: 'closed-drum', holes: [{ parts: [{ code: 'BH-075' }] }] }),
      findings: [{ title: 'No hand inside', at: 'P1', text: 'No hand gets inside' }],
      fixSettles: true,
    },
  ],
});
