import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

testCheck(check, {
  clean: [
    { why: 'above the ground', job: tankWith({}) },
    { why: 'ground water deep below it', job: tankWith({ type: 'buried', settings: { groundWaterM: 3 } }) },
    { why: 'anchored', job: tankWith({ type: 'buried', tank: { anchorKg: 10_000 } }) },
  ],
  found: [
    {
      why: 'empty, with the ground water at the surface',
      job: tankWith({ type: 'buried' }),
      findings: [{ title: 'It floats', at: 'T1', text: 'lifted by' }],
      fixSettles: true,
    },
  ],
});
