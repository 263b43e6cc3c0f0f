import { belowGround } from '../../../job/places';
import { TOP_INLET, tankWith, upToGutter } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** With a pipe of 0.6 m the kit takes 779 mm over the lid at 0.93 m: adapter 169, pipe 600, outlet 60 mm, less a lap of 50. */
const kit = (pipeM: number | null, gutterM?: number, plinthM = 0) =>
  tankWith({
    tank: { plinthM },
    roof: { readings: gutterM === undefined ? [] : belowGround(-gutterM) },
    holes: [{ ...TOP_INLET, parts: upToGutter(pipeM) }],
  });

testCheck(check, {
  clean: [
    { why: 'it fits to a finger’s breadth', job: kit(0.6, 1.72) },
    { why: 'the gutter has not been read', job: kit(2) },
    { why: 'the length of the pipe is not known', job: kit(null, 1.9) },
    { why: 'the gutter is below the opening: another check says so', job: kit(0.6, 0.5) },
  ],
  found: [
    {
      why: 'too tall: the pipe is cut',
      job: kit(1.2, 1.9),
      findings: [{ title: 'Too tall for the gutter', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'too tall, and the pipe cannot give so much: the tank comes down',
      job: kit(0.15, 1.4, 0.4),
      findings: [{ title: 'Too tall for the gutter', at: 'P1', text: 'can be cut' }],
      fixSettles: true,
    },
    {
      why: 'short of the gutter',
      job: kit(0.6, 2.4),
      findings: [{ title: 'Short of the gutter', at: 'P1', text: 'below the gutter of shed' }],
      fixSettles: true,
    },
  ],
});
