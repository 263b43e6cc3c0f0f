import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import { TANK_TYPES } from '../../../walls/tank-types';
import check from './check';

const PLANKS = { count: 4, widthM: 0.15, thickM: 0.05, spanM: 0.3 };

testCheck(check, {
  clean: [
    ...TANK_TYPES.map(({ id, name }) => ({ why: `${name}, as it comes`, job: tankWith({ type: id }) })),
    { why: 'two courses, as it is said', job: tankWith({ tank: { base: 'blocks', plinthM: 0.4 } }) },
    {
      why: 'a crate on one course, with its own feet',
      job: tankWith({ type: 'crate-eu', tank: { base: 'blocks', plinthM: 0.335 } }),
    },
    {
      why: 'planks on two courses',
      job: tankWith({ tank: { base: 'planks', plinthM: 0.45, planks: PLANKS } }),
    },
    { why: 'it stands already', job: tankWith({ tank: { base: 'blocks', plinthM: 0, stands: true } }) },
    {
      why: 'on the stand of another, of which it is said',
      job: tankWith({
        tank: { base: 'blocks', plinthM: 0.4 },
        others: [{ id: 't2', type: 'open-drum', base: 'blocks', onStandOf: 't1' }],
      }),
    },
  ],
  found: [
    {
      why: 'blocks on the list, and nothing up',
      job: tankWith({ tank: { base: 'blocks', plinthM: 0 } }),
      findings: [{ title: 'Blocks make another height', at: 'T1', text: 'one course of blocks make 7-7/8 in' }],
      fixSettles: true,
    },
    {
      why: 'a height between two courses',
      job: tankWith({ tank: { base: 'blocks', plinthM: 0.5 } }),
      findings: [{ title: 'Blocks make another height', at: 'T1' }],
      fixSettles: true,
    },
    {
      why: 'a stand of which nobody has said how high it is',
      job: tankWith({ tank: { base: 'stand', ratedKg: 400 } }),
      findings: [{ title: 'How high does it stand?', at: 'T1' }],
      fixSettles: false,
    },
    {
      why: 'five courses of loose blocks',
      job: tankWith({ tank: { base: 'blocks', plinthM: 1 } }),
      findings: [{ title: 'Blocks stacked too high', at: 'T1', text: 'they tip and crack' }],
      fixSettles: false,
    },
    {
      why: 'a stand as high as a house',
      job: tankWith({ tank: { base: 'stand', ratedKg: 400, plinthM: 3 } }),
      findings: [{ title: 'A high stand', at: 'T1' }],
      fixSettles: false,
    },
    {
      why: 'on levelled ground, 25 ft over the finished ground',
      job: tankWith({ tank: { plinthM: 7.62 } }),
      findings: [{ title: 'What carries it?', at: 'T1', text: 'give it the ground it stands on' }],
      fixSettles: false,
    },
  ],
});
