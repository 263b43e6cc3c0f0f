import type { Settings } from '../../../job/job';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const run = (settings: Partial<Settings>) =>
  tankWith({ settings, holes: [{ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] }] });
testCheck(check, {
  clean: [
    { why: 'said for both', job: run({ sunPlan: 'painted', frostPlan: 'drained' }) },
    {
      why: 'a buried tank whose drain leaves below the ground, deeper than frost',
      job: tankWith({
        type: 'concrete',
        tank: { buriedM: 1.6 },
        holes: [{ size: '110', heightM: 1.2, parts: [{ code: 'PG-110M' }, { code: 'PISL-110M', lengthM: 2 }] }],
      }),
    },
    { why: 'nothing built yet', job: tankWith({ holes: [{}] }) },
  ],
  found: [
    {
      why: 'nothing said',
      job: run({}),
      findings: [
        { title: 'Sun on plastic', at: 'P1' },
        { title: 'Frost', at: 'P1', text: 'frost is taken to go 17-11/16 in deep' },
      ],
      fixSettles: true,
    },
  ],
});
