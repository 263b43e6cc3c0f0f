import type { Tank } from '../../../walls/tank';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const sunk = (tank: Partial<Tank>) => tankWith({ type: 'own-box', tank: { buriedM: 0.7, ...tank } });
testCheck(check, {
  clean: [
    { why: 'filled as it is buried, and braced', job: sunk({ filledAsBuried: true, braced: true }) },
    { why: 'walls of concrete stand by themselves', job: tankWith({ type: 'concrete', tank: { buriedM: 1.5 } }) },
    {
      why: 'made for the ground, filled and braced',
      job: tankWith({ type: 'buried', tank: { buriedM: 1.5, filledAsBuried: true, braced: true } }),
    },
    { why: 'above the ground', job: tankWith({}) },
    { why: 'on a bed', job: sunk({ buriedM: 0.1 }) },
  ],
  found: [
    {
      why: 'made for the ground and filled: bracing is asked all the same',
      job: tankWith({ type: 'buried', tank: { buriedM: 1.5, filledAsBuried: true } }),
      findings: [{ title: 'Braced while it is filled round?', at: 'T1', text: 'do as its maker says' }],
      fixSettles: true,
    },
    {
      why: 'filled as it was buried, it may be emptied later',
      job: sunk({ filledAsBuried: true }),
      findings: [{ title: 'Brace it inside', at: 'T1' }],
      fixSettles: true,
    },
    {
      why: 'a box, buried empty and not braced',
      job: sunk({}),
      findings: [
        { title: 'Fill as you bury', at: 'T1', text: '27-9/16 in in the ground' },
        { title: 'Brace it inside', at: 'T1' },
      ],
      fixSettles: true,
    },
  ],
});
