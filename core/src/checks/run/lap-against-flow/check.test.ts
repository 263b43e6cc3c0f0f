import { TOP_INLET, tankWith, upToGutter } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const kit = (inEnd: number) =>
  tankWith({
    roof: {},
    holes: [
      {
        ...TOP_INLET,
        parts: upToGutter(0.6).map((part) => (part.code === 'DPG-300' ? { ...part, inEnd } : part)),
      },
    ],
  });

testCheck(check, {
  clean: [
    { why: 'each spigot in the hub below it', job: kit(1) },
    { why: 'no downpipe', job: tankWith({ roof: {}, holes: [{ ...TOP_INLET, parts: [{ code: 'BS-300' }] }] }) },
  ],
  found: [
    {
      why: 'the pipe upside down',
      job: kit(0),
      findings: [{ title: 'Lap against the flow', at: 'P1', text: 'hub down' }],
      fixSettles: true,
    },
  ],
});
