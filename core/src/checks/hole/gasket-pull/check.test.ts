import { type SampleHole, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const hang = (hole: SampleHole, lengthM = 1) =>
  tankWith({ holes: [{ size: '1-1/2', parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM }], ...hole }] });
const sunk = (buriedM: number) => {
  const job = hang({ heightM: 0.8 });
  return { ...job, tanks: job.tanks.map((tank) => ({ ...tank, buriedM, plinthM: 0 })) };
};
testCheck(check, {
  clean: [
    { why: 'strapped', job: hang({ supported: true }) },
    { why: 'a stub carries itself', job: hang({}, 0.3) },
    // 0.8 m up a tank that is 1.2 m in the ground: 0.4 m below it.
    { why: 'in a trench its bed carries it', job: sunk(1.2) },
    {
      why: 'a bulkhead holds',
      job: tankWith({ holes: [{ parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }] }] }),
    },
  ],
  found: [
    {
      why: 'from a tank that is sunk less deep its pipe comes out over the ground',
      job: sunk(0.5),
      findings: [{ title: 'Support the pipe', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'a metre of pipe',
      job: hang({}),
      findings: [{ title: 'Support the pipe', at: 'P1', text: 'A length of pipe hangs on it' }],
      fixSettles: true,
    },
  ],
});
